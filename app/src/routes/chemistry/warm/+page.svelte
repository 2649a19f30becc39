<script lang="ts">
  import { goto } from '$app/navigation';
  import { warmingPlan } from '@katachron/core';
  import { useWetSide } from '$lib/bench/clock/wet-side.svelte.ts';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import AskedPart from '$lib/kit/AskedPart.svelte';
  import Button from '$lib/kit/Button.svelte';
  import ThermometerChoice from '$lib/bench/desk/ThermometerChoice.svelte';
  import { readingOf } from '$lib/words/reading.ts';
  import { degrees } from '$lib/words/temperature.ts';
  import Field from '$lib/kit/Field.svelte';
  import type { FieldLine } from '$lib/kit/field-line.ts';
  import { keptState } from '$lib/kit/kept-state.svelte.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import ChemistryPages from '$lib/stages/chemistry/ChemistryPages.svelte';
  import { usualWarm, warmView, type WarmForm } from '$lib/stages/chemistry/warm-view.ts';

  const desk = useDesk();
  const wetSide = useWetSide();
  const form = keptState<WarmForm>('katachron-warm', usualWarm);
  const unit = $derived(desk.preferences.unit);
  const view = $derived(warmView(form, unit, desk.volumeUnit, desk.thermometer));
  const degree = $derived(`°${unit}`);
  type Line = FieldLine<keyof WarmForm & string>;

  interface Part {
    readonly id: 'taps' | 'bottle' | 'ice';
    readonly name: string;
    readonly lines: readonly Line[];
  }
  const parts: readonly Part[] = $derived([
    {
      id: 'taps',
      name: 'Two taps',
      lines: [
        { name: 'volume', label: `Volume, ${desk.volumeUnit}`, hint: 'Of the whole mix.' },
        { name: 'cold', label: `Cold water, ${degree}`, hint: 'As it runs.' },
        { name: 'hot', label: `Hot water, ${degree}`, hint: 'As it runs.' },
        {
          name: 'concentrate',
          label: `Concentrate in it, ${desk.volumeUnit}`,
          hint: 'Left empty: water alone.',
        },
        { name: 'concentrateAt', label: `Concentrate reads, ${degree}`, hint: 'In its bottle.' },
      ],
    },
    {
      id: 'bottle',
      name: 'A bottle in water',
      lines: [
        { name: 'bottleAt', label: `The bottle reads, ${degree}`, hint: 'When it goes in.' },
        { name: 'waterAt', label: `The water, ${degree}`, hint: 'Around it.' },
        { name: 'second', label: `It reads then, ${degree}`, hint: 'A second reading …' },
        { name: 'after', label: 'After, minutes', hint: '… so much later.' },
        {
          name: 'bottle',
          label: `In the bottle, ${desk.volumeUnit}`,
          hint: 'Where the water is a bowl …',
        },
        {
          name: 'bowl',
          label: `In the bowl, ${desk.volumeUnit}`,
          hint: '… that cools. Empty: held.',
        },
        { name: 'ready', label: 'Ready at', hint: 'As 19:00.' },
      ],
    },
    {
      id: 'ice',
      name: 'Ice',
      lines: [
        { name: 'solution', label: `Solution, ${desk.volumeUnit}`, hint: 'To be cooled.' },
        { name: 'solutionAt', label: `It reads, ${degree}`, hint: 'Now.' },
      ],
    },
  ]);

  let started = $state(false);
  function startClock() {
    const { clockSeconds } = view.bottle;
    if (clockSeconds === undefined) return;
    wetSide.layIn('bottle', warmingPlan(clockSeconds));
    started = true;
  }

  useKeys([
    { key: 'b', does: 'the bottle is in the water: its clock', run: startClock },
    { key: 'Escape', does: 'back to the mix', run: () => void goto('/chemistry') },
  ]);
</script>

<svelte:head><title>Warm and cold · Katachron</title></svelte:head>

<ChemistryPages />
<h1 class="heading">Warm and cold</h1>
<div class="mt-3 max-w-[220px]">
  <Field
    id="target"
    label="Wanted, {degree}"
    hint="Of everything below."
    maxlength={12}
    bind:value={form.target}
    trouble={view.troubles.target}
  />
</div>
<ThermometerChoice />
{#if desk.thermometer && view.targetC !== undefined}
  <p class="text-[15px] text-soft">
    It has {degrees(view.targetC, unit)} when {desk.thermometer.name} reads
    <strong>{degrees(readingOf(desk.thermometer, view.targetC), unit)}</strong>.
  </p>
{/if}
{#each parts as { id, name, lines } (id)}
  <AskedPart
    {id}
    {name}
    {lines}
    {form}
    troubles={view.troubles}
    said={view[id]}
    empty="What to do stands here once it is typed."
  >
    {#if id === 'bottle' && view.bottle.clockSeconds !== undefined}
      <p class="mt-3">
        <Button keyHint="B" onclick={startClock}>
          {form.second?.trim()
            ? 'Read just now: start its clock'
            : 'It is in the water: start its clock'}
        </Button>
      </p>
      {#if started}
        <p class="mt-2" role="status">
          Its clock is in the sink, and calls when it is ready. A loose cap: a tight one holds
          pressure.
        </p>
      {/if}
    {/if}
  </AskedPart>
{/each}
