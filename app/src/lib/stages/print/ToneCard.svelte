<script lang="ts">
  import { waysOfLooking } from '@katachron/core';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import type { PrintInHand } from './print-in-hand.svelte.ts';
  import { toneCard } from './tone-card.ts';

  const { print }: { print: PrintInHand } = $props();
  const { draft } = $derived(print);
  const view = $derived(print.view());
  const card = $derived(toneCard(draft, view));
  let shown = $state(false);
</script>

<p class="text-[15px] text-soft">
  Strips are looked at
  <SlotChoice
    label="How strips are looked at"
    bind:value={
      () => draft.lookedAt ?? 'eye',
      (way) => {
        if (way === 'eye') delete draft.lookedAt;
        else draft.lookedAt = way;
      }
    }
    options={waysOfLooking}
  />{#if draft.lookedAt === 'card'}, of {draft.paper.trim() || 'this paper'}, wet beside wet{/if}.
  {#if card.length > 0}
    <button class="slot-in min-h-9" aria-expanded={shown} onclick={() => (shown = !shown)}
      >Make a tone card</button
    >
  {/if}
</p>
{#if shown && card.length > 0}
  <div class="mt-1 text-[15px]" role="group" aria-label="A tone card">
    <p class="text-soft">
      One strip of this paper under the highlight’s place, at {view.set.noun}
      {view.reading?.setting.name}, each patch in one firing while the rest is covered:
    </p>
    <ol class="mt-1 flex flex-wrap gap-x-6">
      {#each card as { name, dial } (name)}
        <li><span class="text-soft">{name}</span> <span class="font-[620]">{dial} s</span></li>
      {/each}
    </ol>
    <p class="mt-1 text-soft">
      Write the tones on its back. Lay it wet beside a wet strip, or dry beside a dry one: a dry
      card beside a wet strip misleads by what the paper dries darker.
    </p>
  </div>
{/if}
