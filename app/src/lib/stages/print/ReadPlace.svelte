<script lang="ts" generics="Tone extends ToneId">
  import { toneById, type ToneId } from '@katachron/core';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import type { SpotForm } from './read-places.ts';

  interface Props {
    readonly spot: Pick<SpotForm, 'name' | 'reading'>;
    tone: Tone;
    readonly tones: readonly Tone[];
    /** Something was typed. */
    readonly onread: () => void;
    /** A further place has a name of its own, and can be left out. */
    readonly onleave?: () => void;
  }
  let { spot, tone = $bindable(), tones, onread, onleave }: Props = $props();
</script>

<li class="flex min-h-14 flex-wrap items-center gap-x-3 border-b border-hair">
  {#if onleave}
    <input
      class="field w-28"
      maxlength="40"
      aria-label="Name of the place"
      bind:value={spot.name}
    />
  {:else}
    <span class="w-28 font-[560]">{spot.name}</span>
  {/if}
  <input
    class="field w-24 text-xl"
    inputmode="decimal"
    maxlength="10"
    aria-label="Reading of the {spot.name}"
    bind:value={spot.reading}
    oninput={onread}
  />
  <span class="text-soft"
    >meant to be
    <SlotChoice
      label="Tone of the {spot.name}"
      bind:value={tone}
      options={tones.map((id) => ({ id, name: toneById(id).name, more: toneById(id).use }))}
    /></span
  >
  {#if onleave}
    <button class="ml-auto min-h-11 text-soft underline decoration-hair" onclick={onleave}
      >leave out</button
    >
  {/if}
</li>
