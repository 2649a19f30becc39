<script lang="ts">
  import { goto } from '$app/navigation';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import VolumeSwitch from '$lib/bench/desk/VolumeSwitch.svelte';
  import DateField from '$lib/kit/DateField.svelte';
  import type { FieldLine } from '$lib/kit/field-line.ts';
  import Fields from '$lib/kit/Fields.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SaveRow from '$lib/kit/SaveRow.svelte';
  import { shelfForm } from '$lib/kit/shelf-form.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import { bathUses } from '$lib/nouns/bath/uses.ts';
  import {
    readSubstance,
    substanceForm,
    substanceInUnit,
    type SubstanceForm,
  } from '$lib/nouns/substance/form.ts';
  import { substanceKinds } from '$lib/nouns/substance/kinds.ts';
  import ChemistryPages from '$lib/stages/chemistry/ChemistryPages.svelte';

  const BACK = '/chemistry/cupboard';
  const { data } = $props();
  const desk = useDesk();
  const unit = $derived(desk.volumeUnit);
  const shelf = shelfForm({
    api: '/api/v1/substances',
    back: BACK,
    kept: () => data.substance,
    // The form is its own from here on.
    // svelte-ignore state_referenced_locally
    initial: substanceForm(data.substance, desk.volumeUnit),
    read: (form) => readSubstance(form, desk.volumeUnit, Date.now(), data.substance),
  });
  const form = shelf.fields;
  type TextField = Exclude<keyof SubstanceForm, 'use' | 'kind' | 'openedOn'>;
  type Line = FieldLine<TextField>;
  const number = { numeric: true, maxlength: 12 };
  const label: readonly Line[] = [
    { name: 'name', label: 'Name', hint: 'As on its label.', maxlength: 80 },
    { name: 'dilutions', label: 'Dilutions in use', hint: 'As 1+31, 1+50. With commas.' },
    { name: 'parts', label: 'Its parts', hint: 'Of several bottles or bags: part A, part B.' },
  ];
  const stock: readonly Line[] = $derived([
    { name: 'have', label: `What is left, ${unit}`, hint: 'As it was looked at now.', ...number },
    {
      name: 'size',
      label: `Sold at once, ${unit}`,
      hint: 'A whole bottle, or what a packet makes.',
      ...number,
    },
    { name: 'price', label: 'Its price', hint: 'In your own money.', ...number },
  ]);
  const goodFor: readonly Line[] = $derived([
    { name: 'rolls', label: 'Rolls a litre', hint: 'At working strength.', ...number },
    { name: 'paper', label: 'Paper a litre, m²', hint: 'At working strength.', ...number },
    {
      name: 'minimum',
      label: `Least for a roll, ${unit}`,
      hint: 'Or for four sheets of 4×5. Empty: none.',
      ...number,
    },
  ]);
  const keeps: readonly Line[] = [
    { name: 'full', label: 'Its bottle full, days', hint: 'Once it is open.', ...number },
    { name: 'half', label: 'Its bottle half full, days', hint: 'Air ages it faster.', ...number },
    { name: 'workingFull', label: 'Mixed, full bottle, days', hint: 'Empty: unknown.', ...number },
    { name: 'workingHalf', label: 'Mixed, half full, days', hint: 'Empty: as full.', ...number },
    { name: 'tray', label: 'Mixed, in a tray, hours', hint: 'Empty: unknown.', ...number },
  ];
  const safety: readonly Line[] = [
    {
      name: 'dataSheet',
      label: 'Safety data sheet',
      hint: 'Its address, from https:// on.',
      maxlength: 300,
    },
    {
      name: 'hazards',
      label: 'Hazards',
      hint: 'In plain words, and what to wear.',
      maxlength: 500,
    },
    { name: 'handIn', label: 'Handed in', hint: 'How and where, by local rules.', maxlength: 500 },
  ];

  useKeys([{ key: 'Escape', does: 'back, and nothing is kept', run: () => void goto(BACK) }]);
</script>

<svelte:head><title>{data.substance?.name ?? 'A substance'} · Katachron</title></svelte:head>

{#snippet fields(lines: readonly Line[])}
  <Fields
    {lines}
    typed={(name) => form[name]}
    ontyped={(name, text) => (form[name] = text)}
    troubles={shelf.troubles}
  />
{/snippet}

<ChemistryPages />
<h1 class="heading break-words">{data.substance?.name ?? 'Into the cupboard'}</h1>
<form class="mt-4" onsubmit={shelf.submit} novalidate>
  <p class="text-lg leading-loose text-soft">
    It is a
    <SlotChoice label="What it is" bind:value={form.kind} options={substanceKinds} />
    for
    <SlotChoice label="What it is for" bind:value={form.use} options={bathUses} />. Volumes
    <VolumeSwitch
      onswitch={(from, to) => Object.assign(form, substanceInUnit(form, from, to, data.substance))}
    />
  </p>
  <div class="mt-3 grid grid-cols-1 gap-x-10 gap-y-4 md:grid-cols-3">{@render fields(label)}</div>
  <div class="mt-4 grid grid-cols-2 gap-x-10 gap-y-4 md:grid-cols-4">
    {@render fields(stock)}
    <DateField
      id="openedOn"
      label="Opened on"
      bind:value={form.openedOn}
      hint="Empty: still shut."
      trouble={shelf.troubles.openedOn}
    />
  </div>
  <h2 class="mt-5 font-[620]">What it is good for</h2>
  <div class="mt-2 grid grid-cols-2 gap-x-10 gap-y-4 md:grid-cols-3">{@render fields(goodFor)}</div>
  <h2 class="mt-5 font-[620]">How long it keeps</h2>
  <div class="mt-2 grid grid-cols-2 gap-x-10 gap-y-4 md:grid-cols-5">{@render fields(keeps)}</div>
  <div class="mt-5 grid grid-cols-1 gap-x-10 gap-y-4 md:grid-cols-3">{@render fields(safety)}</div>
  <SaveRow back={BACK} problem={shelf.problem} />
</form>
