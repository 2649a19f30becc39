<script lang="ts">
  import { goto } from '$app/navigation';
  import { agitationSchemes } from '@katachron/core';
  import { put } from '$lib/api/client.ts';
  import type { Recipe } from '$lib/contract/recipe.ts';
  import { readRecipe, type RecipeForm, type RecipeTroubles } from '$lib/film/recipe-form.ts';
  import { useDesk } from '$lib/light/desk.svelte.ts';
  import Button from '$lib/ui/Button.svelte';
  import { useKeys } from '$lib/ui/keys/keys.svelte.ts';
  import SlotChoice from '$lib/ui/SlotChoice.svelte';

  const desk = useDesk();
  const unit = $derived(desk.preferences.unit);
  const form = $state<RecipeForm>({
    film: '',
    boxSpeed: '',
    developer: '',
    dilution: '',
    exposureIndex: '',
    agitation: 'each-minute',
    times: '',
    source: 'data-sheet',
    note: '',
  });
  let tried = $state(false);
  let problem = $state<string>();
  const read = $derived(readRecipe(form, unit));
  const troubles = $derived<RecipeTroubles>(tried ? (read.troubles ?? {}) : {});

  type TextField = 'film' | 'boxSpeed' | 'developer' | 'dilution' | 'exposureIndex' | 'note';
  const fields: readonly { name: TextField; label: string; hint: string; maxlength: number }[] = [
    { name: 'film', label: 'Film', hint: 'As on the box.', maxlength: 80 },
    { name: 'boxSpeed', label: 'Box speed, ISO', hint: '400', maxlength: 12 },
    { name: 'developer', label: 'Developer', hint: 'As on the bottle.', maxlength: 80 },
    { name: 'dilution', label: 'Dilution', hint: '1+31, or stock', maxlength: 40 },
    {
      name: 'exposureIndex',
      label: 'Speed the times are for, EI',
      hint: 'Left empty: the box speed.',
      maxlength: 12,
    },
    { name: 'note', label: 'Note', hint: 'Where from, what for.', maxlength: 500 },
  ];

  useKeys([{ key: 'Escape', does: 'back to the film', run: () => void goto('/film') }]);

  async function keep(submit: SubmitEvent) {
    submit.preventDefault();
    tried = true;
    if (!read.body) {
      problem = undefined;
      document.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
      return;
    }
    const outcome = await put<Recipe>(`/api/v1/recipes/${crypto.randomUUID()}`, read.body);
    problem = outcome.problem?.detail;
    if (outcome.value) await goto('/film');
  }
</script>

<svelte:head><title>A recipe · Katachron</title></svelte:head>

<h1 class="heading">A recipe</h1>
<p class="reason mt-2 text-soft">
  One time is enough to start from; with two or more temperatures the recipe has its own slope.
</p>
<form class="mt-6 grid gap-x-12 gap-y-5 md:grid-cols-2 lg:grid-cols-3" onsubmit={keep}>
  {#each fields as { name, label, hint, maxlength } (name)}
    <div>
      <label class="text-soft" for={name}>{label}</label>
      <input
        id={name}
        class="field w-full text-xl"
        bind:value={form[name]}
        {maxlength}
        autocomplete="off"
        aria-invalid={troubles[name] !== undefined}
        aria-describedby="{name}-told"
      />
      <p id="{name}-told" class="mt-1 text-[15px] {troubles[name] ? 'text-trouble' : 'text-soft'}">
        {troubles[name] ?? hint}
      </p>
    </div>
  {/each}
  <div>
    <label class="text-soft" for="times"
      >Times: a temperature in °{unit} and its time on each line</label
    >
    <textarea
      id="times"
      class="field min-h-24 w-full resize-none text-xl"
      bind:value={form.times}
      placeholder={unit === 'C' ? '20 9:30\n22 7:50' : '68 9:30\n72 7:50'}
      maxlength="1000"
      aria-invalid={troubles.times !== undefined}
      aria-describedby="times-told"></textarea>
    <p id="times-told" class="mt-1 text-[15px] {troubles.times ? 'text-trouble' : 'text-soft'}">
      {troubles.times ?? 'As 20 9:30.'}
    </p>
  </div>
  <p class="text-lg leading-loose text-soft">
    Agitation:
    <SlotChoice label="Agitation" bind:value={form.agitation} options={agitationSchemes} />, and the
    times come from
    <SlotChoice
      label="Source"
      bind:value={form.source}
      options={[
        { id: 'data-sheet', name: 'the data sheet' },
        { id: 'own-test', name: 'my own test' },
        { id: 'guess', name: 'a guess' },
      ]}
    />.
  </p>
  <div class="md:col-span-2 lg:col-span-3">
    {#if problem}<p class="mb-3 text-trouble" role="alert">{problem}</p>{/if}
    <div class="flex gap-3">
      <button class="min-h-14 rounded-xl bg-rim px-6 font-[600] text-on-rim">Keep the recipe</button
      >
      <Button href="/film">Leave it</Button>
    </div>
  </div>
</form>
