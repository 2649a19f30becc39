<script lang="ts">
  import { goto } from '$app/navigation';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import Fields from '$lib/kit/Fields.svelte';
  import type { FieldLine } from '$lib/kit/field-line.ts';
  import { keptState } from '$lib/kit/kept-state.svelte.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import ChemistryPages from '$lib/stages/chemistry/ChemistryPages.svelte';
  import { usualWarm, warmView, type WarmForm } from '$lib/stages/chemistry/warm-view.ts';

  const desk = useDesk();
  const form = keptState<WarmForm>('katachron-warm', usualWarm);
  const unit = $derived(desk.preferences.unit);
  const view = $derived(warmView(form, unit, desk.volumeUnit));
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

  useKeys([{ key: 'Escape', does: 'back to the mix', run: () => void goto('/chemistry') }]);
</script>

<svelte:head><title>Warm and cold · Katachron</title></svelte:head>

{#snippet fields(lines: readonly Line[])}
  <Fields
    lines={lines.map((line) => ({ ...line, maxlength: 12 }))}
    typed={(name) => form[name] ?? ''}
    ontyped={(name, text) => (form[name] = text)}
    troubles={view.troubles}
  />
{/snippet}

<ChemistryPages />
<h1 class="heading">Warm and cold</h1>
<div class="mt-3 max-w-[220px]">
  {@render fields([{ name: 'target', label: `Wanted, ${degree}`, hint: 'Of everything below.' }])}
</div>
{#each parts as { id, name, lines } (id)}
  {@const said = view[id]}
  <section class="mt-6 border-t border-hair pt-4" aria-label={name}>
    <h2 class="text-xl font-[620]">{name}</h2>
    <div class="mt-2 grid grid-cols-1 gap-x-14 gap-y-4 lg:grid-cols-[minmax(0,1fr)_440px]">
      <div class="grid grid-cols-2 gap-x-6 gap-y-3 md:grid-cols-3">{@render fields(lines)}</div>
      <div aria-live="polite">
        {#if said.big}
          <p class="numeral text-[64px]" data-testid={id}>{said.big}</p>
        {/if}
        {#each said.sentences as sentence, index (index)}
          <p class="reason mt-1">{sentence}</p>
        {:else}
          <p class="reason text-soft">What to do stands here once it is typed.</p>
        {/each}
        {#each said.cautions as caution, index (index)}
          <p class="mt-2 text-caution">{caution}</p>
        {/each}
      </div>
    </div>
  </section>
{/each}
