<script lang="ts">
  import BathsThrough from '../../nouns/bath/BathsThrough.svelte';
  import { USUAL_SIZE, paperSizes } from '../../nouns/paper/sizes.ts';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  const { print }: { print: PrintInHand } = $props();
  const { draft } = $derived(print);
</script>

{#if print.placed.length > 0}
  <h2 class="mt-4 font-[620]">The trays</h2>
  <p class="mt-1 text-soft">
    A sheet of
    <SlotChoice
      label="Size of the paper"
      bind:value={() => draft.paperSize ?? USUAL_SIZE, (id) => (draft.paperSize = id)}
      options={paperSizes}
    />: as much is booked on its baths when it comes out of the last one.
  </p>
  <BathsThrough
    placed={print.placed}
    cautions={print.bathCautions}
    choose={(place, id) => (draft.through = { ...draft.through, [place]: id })}
  />
{/if}
