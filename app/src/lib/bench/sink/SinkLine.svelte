<script lang="ts">
  import { countdown } from '$lib/words/duration.ts';
  import type { Sheet } from '../clock/sheets.ts';
  import { nearestFirst, type Lying } from './trays.ts';

  interface Props {
    lying: readonly Lying[];
    /** What has to be said while it lies there. */
    caution: string;
    /** To the next tray, or out. */
    onmove: (sheet: Sheet) => void;
    onopen: () => void;
  }
  const { lying, caution, onmove, onopen }: Props = $props();
  const ordered = $derived(nearestFirst(lying));
  const chip =
    'flex min-h-11 shrink-0 items-center gap-x-2 gap-y-1 rounded-sm bg-sheet px-2 text-left text-on-sheet max-md:flex-col max-md:items-start max-md:justify-center max-md:px-1.5';
</script>

{#snippet face({ name, moment }: Lying)}
  <span class="numeral-narrow whitespace-nowrap text-[22px] md:text-[26px]"
    >{countdown(moment.current!.remainingSeconds)}</span
  >
  <span class="max-w-[56px] truncate text-[14px] leading-none md:max-w-[110px]">{name}</span>
{/snippet}

<div class="flex items-center gap-2 border-t-[3px] border-rim py-1">
  <ul class="flex min-w-0 flex-1 gap-1.5 overflow-x-auto [scrollbar-width:none]">
    {#each ordered as item (item.id)}
      {@const { run, sheet, moment, name } = item}
      <li>
        {#if run}
          <a class={chip} href="/film/run/{item.id}">{@render face(item)}</a>
        {:else if sheet}
          <button
            class={chip}
            aria-label="{name}, {countdown(moment.current!.remainingSeconds)} left. {moment.next
              ? 'Move on to the next tray'
              : 'Take out'}"
            onclick={() => onmove(sheet)}>{@render face(item)}</button
          >
        {/if}
      </li>
    {/each}
  </ul>
  <button
    class="min-h-11 shrink-0 px-1 text-[15px] font-[600] underline decoration-hair underline-offset-4"
    aria-expanded="false"
    onclick={onopen}>Trays</button
  >
</div>
{#if caution}<p class="truncate pb-1 text-[14px] leading-tight text-caution" role="status">
    {caution}
  </p>{/if}
