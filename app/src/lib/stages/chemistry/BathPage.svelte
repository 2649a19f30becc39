<script lang="ts">
  import { goto } from '$app/navigation';
  import { untrack } from 'svelte';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import VolumeSwitch from '$lib/bench/desk/VolumeSwitch.svelte';
  import DateField from '$lib/kit/DateField.svelte';
  import Field from '$lib/kit/Field.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SaveRow from '$lib/kit/SaveRow.svelte';
  import { shelfForm } from '$lib/kit/shelf-form.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import type { Bath } from '$lib/nouns/bath/contract.ts';
  import {
    bathForm,
    bathInUnit,
    fromSubstance,
    readBath,
    type BathForm,
  } from '$lib/nouns/bath/form.ts';
  import { bathUses } from '$lib/nouns/bath/uses.ts';
  import type { Substance } from '$lib/nouns/substance/contract.ts';
  import ChemistryPages from './ChemistryPages.svelte';

  interface Props {
    readonly bath?: Bath;
    readonly nowMs: number;
    readonly substances: readonly Substance[];
    /** What a new one is mixed from. */
    readonly of?: Substance | undefined;
  }
  const { bath, nowMs, substances, of }: Props = $props();
  const desk = useDesk();
  const unit = $derived(desk.volumeUnit);
  const back = $derived(bath ? `/chemistry/baths/${bath.id}` : '/chemistry/baths');
  const shelf = shelfForm({
    api: '/api/v1/baths',
    back: (id) => `/chemistry/baths/${id}`,
    kept: () => bath,
    initial: untrack(() => {
      const form = bathForm(bath, desk.volumeUnit, nowMs);
      return of ? fromSubstance(form, of) : form;
    }),
    read: (form: BathForm) => readBath(form, desk.volumeUnit, nowMs, bath),
  });
  const form = shelf.fields;
  function take(id: string) {
    const substance = substances.find((one) => one.id === id);
    Object.assign(form, substance ? fromSubstance(form, substance) : { substanceId: '' });
  }
  interface Line {
    readonly name: Exclude<keyof BathForm, 'use' | 'mixedOn' | 'note' | 'substanceId'>;
    readonly label: string;
    readonly hint: string;
    readonly words?: true;
    readonly most?: number;
  }
  const about: readonly Line[] = $derived([
    { name: 'name', label: 'Name', hint: 'As Fixer of 10 January.', words: true, most: 80 },
    { name: 'dilution', label: 'Dilution', hint: 'As 1+4; left empty: unknown.', words: true },
    { name: 'volume', label: `Volume mixed, ${unit}`, hint: 'All of it.' },
  ]);
  const goodFor: readonly Line[] = [
    {
      name: 'rolls',
      label: 'Rolls a litre',
      hint: 'Or four sheets of 4×5 in each. Empty: none.',
    },
    { name: 'paper', label: 'Paper a litre, m²', hint: 'By its data sheet. Empty: none.' },
  ];
  const keeps: readonly Line[] = $derived([
    { name: 'full', label: 'In a full bottle, days', hint: 'Left empty: unknown.' },
    { name: 'half', label: 'Half full, days', hint: 'Air ages it faster.' },
    { name: 'bottle', label: `The bottle holds, ${unit}`, hint: 'Left empty: just this much.' },
    { name: 'tray', label: 'In an open tray, hours', hint: 'Where it stands in one.' },
  ]);

  useKeys([{ key: 'Escape', does: 'back, and nothing is kept', run: () => void goto(back) }]);
</script>

<svelte:head><title>{bath?.name ?? 'A bath'} · Katachron</title></svelte:head>

{#snippet fields(lines: readonly Line[])}
  {#each lines as { name, label, hint, words, most } (name)}
    <Field
      id={name}
      {label}
      {hint}
      maxlength={most ?? 24}
      numeric={!words}
      bind:value={form[name]}
      trouble={shelf.troubles[name]}
    />
  {/each}
{/snippet}

<ChemistryPages />
<h1 class="heading">{bath?.name ?? 'New bath'}</h1>
<form class="mt-4" onsubmit={shelf.submit} novalidate>
  <p class="text-lg leading-loose text-soft">
    One mixed lot of
    <SlotChoice
      label="What it is for"
      bind:value={form.use}
      options={bathUses}
    />{#if substances.length > 0}, out of
      <SlotChoice
        label="What it is mixed from"
        bind:value={() => form.substanceId, (id) => take(id)}
        options={[{ id: '', name: 'nothing in the cupboard' }, ...substances]}
        shown={substances.find(({ id }) => id === form.substanceId)?.name ??
          'nothing in the cupboard'}
      />{/if}. Volumes
    <VolumeSwitch onswitch={(from, to) => Object.assign(form, bathInUnit(form, from, to, bath))} />
  </p>
  <div class="mt-3 grid grid-cols-1 gap-x-10 gap-y-4 md:grid-cols-4">
    {@render fields(about)}
    <DateField
      id="mixedOn"
      label="Mixed on"
      bind:value={form.mixedOn}
      hint="The day."
      trouble={shelf.troubles.mixedOn}
    />
  </div>
  <h2 class="mt-5 font-[620]">What it is good for</h2>
  <div class="mt-2 grid grid-cols-2 gap-x-10 gap-y-4 md:grid-cols-4">{@render fields(goodFor)}</div>
  <h2 class="mt-5 font-[620]">How long it keeps</h2>
  <div class="mt-2 grid grid-cols-2 gap-x-10 gap-y-4 md:grid-cols-4">{@render fields(keeps)}</div>
  <div class="mt-5 grid grid-cols-1 gap-x-10 gap-y-4 md:grid-cols-2">
    <Field
      id="dataSheet"
      label="Safety data sheet"
      hint="Its address, from https:// on: one touch away where the bath is used."
      maxlength={300}
      bind:value={form.dataSheet}
      trouble={shelf.troubles.dataSheet}
    />
    <Field
      id="note"
      label="Note"
      hint="Hazards in plain words, how it is handed in, where it stands."
      maxlength={1000}
      bind:value={form.note}
    />
  </div>
  <SaveRow {back} problem={shelf.problem} />
</form>
