<script lang="ts">
  import { goto } from '$app/navigation';
  import { heads, lightSource, lightSources } from '@katachron/core';
  import { emptyEnlargerForm, enlargerForm, readEnlarger } from '$lib/nouns/enlarger/form.ts';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';
  import Field from '$lib/kit/Field.svelte';
  import Fields from '$lib/kit/Fields.svelte';
  import SaveRow from '$lib/kit/SaveRow.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { shelfForm } from '$lib/kit/shelf-form.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import { formerWords } from '$lib/words/called.ts';

  const { data } = $props();
  const shelf = shelfForm({
    api: '/api/v1/enlargers',
    back: '/print/setup',
    kept: () => data.enlarger,
    // The form is its own from here on.
    // svelte-ignore state_referenced_locally
    initial: data.enlarger ? enlargerForm(data.enlarger) : emptyEnlargerForm(),
    read: readEnlarger,
  });
  const form = shelf.fields;
  const troubles = $derived(shelf.troubles);
  const source = $derived(lightSource(form.source));

  const lines = [
    { name: 'name', label: 'Name' },
    { name: 'lens', label: 'Lens', hint: 'As 80 mm.' },
    { name: 'apertures', label: 'Its f-numbers', hint: 'With spaces between.' },
    {
      name: 'fallOffs',
      label: 'Its corners lack',
      hint: 'f-number and stops, as 8 ½, 11 ⅓; Edges keeps them here too.',
    },
    {
      name: 'colourHead',
      label: 'Ten units of C, M, Y take, stops',
      hint: 'Of a colour head, as 0.07 0.09 0.02; the same grey with ten units more, timed until it looks alike.',
    },
    {
      name: 'lag',
      label: 'The lamp comes late by, s',
      hint: 'From a match: 8 firings of 2.0 s that look like one of 14.6 s are 0.2 s late.',
      numeric: true,
      maxlength: 8,
    },
    { name: 'timerStep', label: 'The timer’s smallest step, s', numeric: true, maxlength: 8 },
    {
      name: 'longest',
      label: 'Its longest time, s',
      hint: 'Empty where it has none.',
      numeric: true,
      maxlength: 8,
    },
  ] as const;

  useKeys([{ key: 'Escape', does: 'back to the enlargers', run: () => void goto('/print/setup') }]);
</script>

<svelte:head><title>{data.enlarger?.name ?? 'An enlarger'} · Katachron</title></svelte:head>

<PrintPages />
<h1 class="heading break-words">{data.enlarger?.name ?? 'New enlarger'}</h1>
{#if data.enlarger?.formerNames}<p class="mt-1 break-words text-soft">
    {formerWords(data.enlarger)}
  </p>{/if}
<p class="mt-3 text-lg leading-loose text-soft">
  It is an
  <SlotChoice label="The kind of light" bind:value={form.source} options={lightSources} />
  {#if form.source === 'enlarger'}
    with a
    <SlotChoice
      label="The head"
      bind:value={form.head}
      options={heads.map(({ id, name, does }) => ({ id, name, more: does }))}
    />
    head.
  {/if}
</p>
<p class="reason text-caution">{source.caution}</p>
<form class="mt-4" onsubmit={shelf.submit} novalidate>
  <div class="grid grid-cols-1 gap-x-12 gap-y-4 md:grid-cols-2 lg:grid-cols-4">
    <Fields
      {lines}
      typed={(name) => form[name]}
      ontyped={(name, text) => (form[name] = text)}
      {troubles}
    />
    <div class="md:col-span-2">
      <Field id="note" label="Note" maxlength={200} bind:value={form.note} />
    </div>
  </div>
  <SaveRow back="/print/setup" problem={shelf.problem} />
</form>
