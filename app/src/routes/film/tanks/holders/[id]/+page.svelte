<script lang="ts">
  import { goto } from '$app/navigation';
  import { filmFormats } from '@katachron/core';
  import { holderForm, readHolder } from '$lib/nouns/holder/form.ts';
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import Notches from '$lib/nouns/holder/Notches.svelte';
  import Field from '$lib/kit/Field.svelte';
  import SaveRow from '$lib/kit/SaveRow.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { shelfForm } from '$lib/kit/shelf-form.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';

  const PLACES = [1, 2, 3, 4, 5, 6, 7, 8];
  const { data } = $props();
  const begun = $derived(data.holder);
  const shelf = shelfForm({
    api: '/api/v1/holders',
    back: '/film/tanks',
    kept: () => data.holder,
    // The form is its own from here on.
    // svelte-ignore state_referenced_locally
    initial: holderForm(data.holder),
    read: readHolder,
  });
  const form = shelf.fields;
  const code = (places: readonly number[]) => [...places].sort().join();
  /** Another holder of this format whose negatives would look the same. */
  const twin = $derived(
    data.holders.find(
      (other) =>
        other.id !== begun?.id &&
        other.format === form.format &&
        code(other.notches) === code(form.notches),
    ),
  );

  useKeys([{ key: 'Escape', does: 'back to the holders', run: () => void goto('/film/tanks') }]);
</script>

<svelte:head><title>{begun?.name ?? 'A holder'} · Katachron</title></svelte:head>

<FilmPages />
<h1 class="heading">{begun?.name ?? 'New holder'}</h1>
<form class="mt-6" onsubmit={shelf.submit} novalidate>
  <div class="grid grid-cols-1 gap-x-12 gap-y-5 md:grid-cols-2">
    <Field
      id="name"
      label="Code"
      hint="As F3."
      maxlength={20}
      bind:value={form.name}
      trouble={shelf.troubles.name}
    />
    <Field
      id="note"
      label="Note"
      hint="What to mind with it."
      maxlength={200}
      bind:value={form.note}
    />
    <p class="text-lg leading-loose text-soft">
      For <SlotChoice
        label="Sheet format"
        bind:value={form.format}
        options={filmFormats.filter(({ sheet }) => sheet)}
      />.
    </p>
    <fieldset>
      <legend class="text-soft">Notches cut in its flap, from the left</legend>
      <div class="mt-2 flex flex-wrap items-center gap-x-3 gap-y-2">
        {#each PLACES as place (place)}
          <label class="flex min-h-11 items-center gap-1.5">
            <input
              type="checkbox"
              class="tick"
              value={place}
              bind:group={form.notches}
            />{place}</label
          >
        {/each}
        <Notches notches={form.notches} />
      </div>
      {#if twin}
        <p class="mt-2 text-caution">
          {twin.name} has the same notches: their negatives could not be told apart.
        </p>
      {/if}
    </fieldset>
  </div>
  <SaveRow back="/film/tanks" problem={shelf.problem} />
</form>
