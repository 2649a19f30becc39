<script lang="ts">
  import { sheetExtras, stepKind } from '@katachron/core';
  import BathsThrough from '../../nouns/bath/BathsThrough.svelte';
  import { USUAL_SIZE, paperSizes } from '../../nouns/paper/sizes.ts';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import { clockTime } from '../../words/duration.ts';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  const { print }: { print: PrintInHand } = $props();
  const { draft } = $derived(print);
  const { steps } = $derived(print.trays);
  // Of what was chosen besides; the usual trays say theirs where the sheet lies.
  const cautions = $derived(
    sheetExtras.flatMap(({ id, kinds }) =>
      draft.also?.includes(id)
        ? kinds.map((kind) => stepKind(kind).caution).filter((caution) => caution !== '')
        : [],
    ),
  );

  function set(id: (typeof sheetExtras)[number]['id'], wanted: boolean) {
    const others = (draft.also ?? []).filter((other) => other !== id);
    if (wanted) draft.also = [...others, id];
    else if (others.length > 0) draft.also = others;
    else delete draft.also;
  }
</script>

<h2 class="mt-4 font-[620]">The trays</h2>
<p class="mt-1 text-soft" data-testid="trays">
  {steps.map(({ kind, seconds }) => `${stepKind(kind).name} ${clockTime(seconds)}`).join(' · ')}
</p>
<p class="flex flex-wrap gap-x-5 text-soft">
  {#each sheetExtras as { id, name } (id)}
    <label class="flex min-h-11 items-center gap-2"
      ><input
        type="checkbox"
        class="tick"
        bind:checked={() => draft.also?.includes(id) ?? false, (wanted) => set(id, wanted)}
      />{name}</label
    >
  {/each}
</p>
{#each cautions as caution (caution)}<p class="mt-1 text-caution">{caution}</p>{/each}
<p class="mt-1 text-soft">
  A sheet of
  <SlotChoice
    label="Size of the paper"
    bind:value={() => draft.paperSize ?? USUAL_SIZE, (id) => (draft.paperSize = id)}
    options={paperSizes}
  />{print.placed.length > 0
    ? ': as much is booked on its baths when it comes out of the last one, and a quarter of it for each strip once the print is made.'
    : '.'}
</p>
{#if print.placed.length > 0}
  <BathsThrough
    placed={print.placed}
    cautions={print.bathCautions}
    choose={(place, id) => (draft.through = { ...draft.through, [place]: id })}
  />
{/if}
