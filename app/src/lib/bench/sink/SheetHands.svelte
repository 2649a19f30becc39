<script lang="ts">
  import { eventsThatCount } from '@katachron/core';
  import { useWetSide } from '$lib/bench/clock/wet-side.svelte.ts';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import type { Sheet } from '../clock/sheets.ts';
  import { mayBeLookedAt, type Lying } from './trays.ts';

  interface Props {
    item: Lying;
    sheet: Sheet;
    /** It lies alone: its hands stand beneath one another. */
    upright: boolean;
  }
  const { item, sheet, upright }: Props = $props();
  const wetSide = useWetSide();
  const desk = useDesk();
  const factor = $derived(desk.preferences.toneFactor);
  /** A sheet in the developer whose first tone was not seen yet. */
  const asksForTone = $derived(
    item.moment.current?.step.kind === 'print-developer' &&
      !eventsThatCount(sheet.events).some(({ kind: happened }) => happened === 'retimed'),
  );
</script>

<span class="flex {upright ? 'flex-col items-end' : ''}">
  {#if mayBeLookedAt(item)}
    <button
      class="min-h-11 px-1 text-[14px] font-[600] underline decoration-hair"
      onclick={() => wetSide.throwAway(sheet)}>throw away</button
    >
  {/if}
  {#if factor && asksForTone}
    <button
      class="min-h-11 px-1 text-[14px] font-[600] underline decoration-hair"
      onclick={() => wetSide.firstTone(sheet, factor)}>first tone</button
    >
  {/if}
  <button
    class="min-h-11 px-1 text-[14px] text-soft underline decoration-hair"
    onclick={() => wetSide.moveBack(sheet)}>undo</button
  >
</span>
