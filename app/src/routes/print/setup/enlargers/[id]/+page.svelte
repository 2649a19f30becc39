<script lang="ts">
  import { goto } from '$app/navigation';
  import { heads, lightSource, lightSources } from '@katachron/core';
  import { emptyEnlargerForm, enlargerForm, readEnlarger } from '$lib/print/enlarger-form.ts';
  import PrintPages from '$lib/print/PrintPages.svelte';
  import Field from '$lib/ui/Field.svelte';
  import KeepRow from '$lib/ui/KeepRow.svelte';
  import { useKeys } from '$lib/ui/keys/keys.svelte.ts';
  import { shelfForm } from '$lib/ui/shelf-form.svelte.ts';
  import SlotChoice from '$lib/ui/SlotChoice.svelte';

  const { data } = $props();
  // The form is its own from here on.
  /* svelte-ignore state_referenced_locally */
  const form = $state(data.enlarger ? enlargerForm(data.enlarger) : emptyEnlargerForm());
  const read = $derived(readEnlarger(form));
  const shelf = shelfForm({
    api: '/api/v1/enlargers',
    back: '/print/setup',
    kept: () => data.enlarger,
    read: () => read,
  });
  const troubles = $derived(shelf.troubles);
  const source = $derived(lightSource(form.source));

  useKeys([{ key: 'Escape', does: 'back to the enlargers', run: () => void goto('/print/setup') }]);
</script>

<svelte:head><title>{data.enlarger?.name ?? 'An enlarger'} · Katachron</title></svelte:head>

<PrintPages />
<h1 class="heading break-words">{data.enlarger?.name ?? 'An enlarger'}</h1>
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
<form
  class="mt-4 grid grid-cols-1 gap-x-12 gap-y-4 md:grid-cols-2 lg:grid-cols-4"
  onsubmit={shelf.keep}
  novalidate
>
  <Field id="name" label="Name" bind:value={form.name} trouble={troubles.name} />
  <Field id="lens" label="Lens" hint="As 80 mm." bind:value={form.lens} />
  <Field
    id="apertures"
    label="Its f-numbers"
    hint="With spaces between."
    bind:value={form.apertures}
    trouble={troubles.apertures}
  />
  <Field
    id="lag"
    label="The lamp comes late by, s"
    hint="From a match: 8 firings of 2.0 s that look like one of 14.6 s are 0.2 s late."
    numeric
    maxlength={8}
    bind:value={form.lag}
    trouble={troubles.lag}
  />
  <Field
    id="timerStep"
    label="The timer’s smallest step, s"
    numeric
    maxlength={8}
    bind:value={form.timerStep}
    trouble={troubles.timerStep}
  />
  <Field
    id="longest"
    label="Its longest time, s"
    hint="Empty where it has none."
    numeric
    maxlength={8}
    bind:value={form.longest}
    trouble={troubles.longest}
  />
  <div class="md:col-span-2">
    <Field id="note" label="Note" maxlength={200} bind:value={form.note} />
  </div>
  <div class="md:col-span-2 lg:col-span-4">
    <KeepRow what="the enlarger" back="/print/setup" problem={shelf.problem} />
  </div>
</form>
