<script lang="ts">
  import { areaShapes, type AreaShape } from '@katachron/core';
  import type { Drawing } from './overlay.ts';
  import type { PlanHistory } from './plan-history.svelte.ts';

  interface Props {
    /** What is being drawn by hand. */
    drawing: Drawing | undefined;
    ondraw: (id: AreaShape['kind']) => void;
    history: PlanHistory;
    /** There is a picture, whose straight print can be looked at. */
    picture: boolean;
    holding: boolean;
  }
  let { drawing, ondraw, history, picture, holding = $bindable() }: Props = $props();
</script>

<div data-needed class="mt-1 flex flex-wrap gap-x-5 text-[15px] text-soft">
  {#each areaShapes as { id, name } (id)}
    <button
      class="min-h-11 {drawing === id ? 'font-[620] text-ink' : ''}"
      aria-pressed={drawing === id}
      onclick={() => ondraw(id)}>{name}</button
    >
  {/each}
  <button
    class="min-h-11 disabled:opacity-50"
    onclick={() => history.undo()}
    disabled={!history.canUndo}>Undo</button
  >
  <button
    class="min-h-11 disabled:opacity-50"
    onclick={() => history.redo()}
    disabled={!history.canRedo}>Redo</button
  >
  {#if picture}
    <button
      class="ml-auto min-h-11 touch-none select-none"
      onpointerdown={() => (holding = true)}
      onpointerup={() => (holding = false)}
      onpointerleave={() => (holding = false)}>Straight print: hold</button
    >
  {/if}
</div>
