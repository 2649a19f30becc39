<script lang="ts">
  import { newId } from '$lib/kit/new-id.ts';
  import { goto } from '$app/navigation';
  import { filmFormats, type FilmFormatId } from '@katachron/core';
  import { put } from '$lib/kit/client.ts';
  import type { Holder } from '$lib/nouns/holder/contract.ts';
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import Notches from '$lib/nouns/holder/Notches.svelte';
  import Field from '$lib/kit/Field.svelte';
  import SaveRow from '$lib/kit/SaveRow.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';

  const PLACES = [1, 2, 3, 4, 5, 6, 7, 8];
  const { data } = $props();
  // The form is its own from here on.
  /* svelte-ignore state_referenced_locally */
  const begun = data.holder;
  let name = $state(begun?.name ?? '');
  let note = $state(begun?.note ?? '');
  let format = $state<FilmFormatId>(begun?.format ?? 'four-by-five');
  let notches = $state<number[]>([...(begun?.notches ?? [])]);
  let trouble = $state<string>();
  let problem = $state<string>();
  const code = (places: readonly number[]) => [...places].sort().join();
  /** Another holder of this format whose negatives would look the same. */
  const twin = $derived(
    data.holders.find(
      (other) =>
        other.id !== begun?.id && other.format === format && code(other.notches) === code(notches),
    ),
  );

  useKeys([{ key: 'Escape', does: 'back to the holders', run: () => void goto('/film/tanks') }]);

  async function keep(submit: SubmitEvent) {
    submit.preventDefault();
    trouble = name.trim() === '' ? 'Give it a code, as F3.' : undefined;
    if (trouble) return;
    const body = {
      name: name.trim(),
      format,
      notches: [...notches].sort((a, b) => a - b),
      ...(note.trim() && { note: note.trim() }),
    };
    const id = begun?.id ?? newId();
    const outcome = await put<Holder>(`/api/v1/holders/${id}`, body, begun?.version);
    problem = outcome.problem?.detail;
    if (outcome.value) await goto('/film/tanks');
  }
</script>

<svelte:head><title>{begun?.name ?? 'A holder'} · Katachron</title></svelte:head>

<FilmPages />
<h1 class="heading">{begun?.name ?? 'New holder'}</h1>
<form class="mt-6" onsubmit={keep} novalidate>
  <div class="grid grid-cols-1 gap-x-12 gap-y-5 md:grid-cols-2">
    <Field id="name" label="Code" hint="As F3." maxlength={20} bind:value={name} {trouble} />
    <Field id="note" label="Note" hint="What to mind with it." maxlength={200} bind:value={note} />
    <p class="text-lg leading-loose text-soft">
      For <SlotChoice
        label="Sheet format"
        bind:value={format}
        options={filmFormats.filter(({ sheet }) => sheet)}
      />.
    </p>
    <fieldset>
      <legend class="text-soft">Notches cut in its flap, from the left</legend>
      <div class="mt-2 flex flex-wrap items-center gap-x-3 gap-y-2">
        {#each PLACES as place (place)}
          <label class="flex min-h-11 items-center gap-1.5">
            <input type="checkbox" class="tick" value={place} bind:group={notches} />{place}</label
          >
        {/each}
        <Notches {notches} />
      </div>
      {#if twin}
        <p class="mt-2 text-caution">
          {twin.name} has the same notches: their negatives could not be told apart.
        </p>
      {/if}
    </fieldset>
  </div>
  <SaveRow back="/film/tanks" {problem} />
</form>
