<script lang="ts">
  import { goto } from '$app/navigation';
  import { filmFormats } from '@katachron/core';
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import { emptyTankForm, inUnit, readTank, tankForm } from '$lib/nouns/tank/form.ts';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import Field from '$lib/kit/Field.svelte';
  import Fields from '$lib/kit/Fields.svelte';
  import SaveRow from '$lib/kit/SaveRow.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { shelfForm } from '$lib/kit/shelf-form.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import VolumeSwitch from '$lib/bench/desk/VolumeSwitch.svelte';

  const { data } = $props();
  const desk = useDesk();
  const unit = $derived(desk.volumeUnit);
  const shelf = shelfForm({
    api: '/api/v1/tanks',
    back: '/film/tanks',
    kept: () => data.tank,
    // The form is its own from here on.
    // svelte-ignore state_referenced_locally
    initial: data.tank ? tankForm(data.tank, unit) : emptyTankForm(),
    read: (values) => readTank(values, unit, data.tank),
  });
  const form = shelf.fields;
  const troubles = $derived(shelf.troubles);
  const lesson = $derived(data.lesson && Math.round(data.lesson.seconds / 60));

  const lines = $derived([
    { name: 'name', label: 'Name', hint: 'As two-reel steel.' },
    {
      name: 'holds',
      label: `It holds, ${unit}`,
      hint: 'Filled to the brim.',
      numeric: true,
      maxlength: 10,
    },
    {
      name: 'drain',
      label: 'It drains in, seconds',
      hint: 'The cue to pour out comes so much earlier.',
      numeric: true,
      maxlength: 6,
    },
  ] as const);

  useKeys([{ key: 'Escape', does: 'back to the tanks', run: () => void goto('/film/tanks') }]);
</script>

<svelte:head><title>{data.tank?.name ?? 'A tank'} · Katachron</title></svelte:head>

<FilmPages />
<h1 class="heading">{data.tank?.name ?? 'New tank'}</h1>
<form class="mt-6" onsubmit={shelf.submit} novalidate>
  <div class="grid grid-cols-1 gap-x-12 gap-y-5 md:grid-cols-2 lg:grid-cols-4">
    <Fields
      {lines}
      typed={(name) => form[name]}
      ontyped={(name, text) => (form[name] = text)}
      {troubles}
    />
    <div>
      <Field
        id="follows"
        label="It follows the room in, minutes"
        hint="Left empty: what its runs have taught, or 30."
        numeric
        maxlength={6}
        bind:value={form.follows}
        trouble={troubles.follows}
      />
      {#if data.lesson}
        <p class="mt-1 text-[15px] text-soft" data-testid="lesson">
          {data.lesson.readings} readings in {data.lesson.runs}
          {data.lesson.runs === 1 ? 'run' : 'runs'} say {lesson} min.
          <button
            type="button"
            class="slot-in min-h-11 font-[600]"
            onclick={() => (form.follows = String(lesson))}>Fix it at that</button
          >
        </p>
      {/if}
    </div>
    <fieldset class="md:col-span-2 lg:col-span-4">
      <legend class="text-soft">
        What it takes, and the liquid for each film,
        <VolumeSwitch
          onswitch={(from, to) => Object.assign(form, inUnit(form, from, to, data.tank))}
        />
      </legend>
      <div class="mt-2 grid grid-cols-1 gap-x-10 gap-y-2 md:grid-cols-2 lg:grid-cols-3">
        {#each filmFormats as format (format.id)}
          <div class="flex items-center gap-3 border-b border-hair py-1">
            <span class="w-28 font-[560]">{format.name}</span>
            <input
              class="field w-20 text-lg"
              inputmode="decimal"
              maxlength="8"
              aria-label="{format.name}: {unit} each"
              bind:value={form.reels[format.id].each}
            />
            <span class="text-soft">{unit}, up to</span>
            <input
              class="field w-12 text-lg"
              inputmode="numeric"
              maxlength="3"
              aria-label="{format.name}: how many"
              bind:value={form.reels[format.id].most}
            />
          </div>
        {/each}
      </div>
      {#if troubles.reels}<p class="mt-2 text-trouble" role="alert">{troubles.reels}</p>{/if}
    </fieldset>
    <p class="text-lg leading-loose text-soft md:col-span-2 lg:col-span-4">
      It is moved
      <SlotChoice
        label="How it is moved"
        bind:value={form.motion}
        options={[
          { id: 'by-hand', name: 'by hand' },
          { id: 'rotary', name: 'on a rotary base' },
        ]}
      />.
    </p>
  </div>
  <SaveRow back="/film/tanks" problem={shelf.problem} />
</form>
