<script lang="ts">
  import Axes from '../../kit/Axes.svelte';
  import type { DriftPlot } from './drift-plot.ts';

  const { plot, label }: { plot: DriftPlot; label: string } = $props();
</script>

<div class="h-[220px] pb-7 pl-11 pr-3">
  <svg class="size-full overflow-visible" role="img" aria-label={label}>
    <Axes up={plot.up} across={plot.across} small />
    <svg viewBox="0 0 100 100" preserveAspectRatio="none" class="overflow-visible" fill="none">
      <path d={plot.filling} class="fill-hair" />
      <path
        d={plot.plan}
        vector-effect="non-scaling-stroke"
        stroke-width="1.5"
        class="stroke-soft"
      />
      <path
        d={plot.ahead}
        vector-effect="non-scaling-stroke"
        stroke-width="2"
        stroke-dasharray="2 5"
        stroke-linecap="round"
        class="stroke-ink"
      />
      <path
        d={plot.read}
        vector-effect="non-scaling-stroke"
        stroke-width="2.4"
        class="stroke-ink"
      />
    </svg>
    {#each plot.readings as reading, index (index)}
      <circle
        cx="{reading.x}%"
        cy="{reading.y}%"
        r="5"
        stroke-width="2"
        class="fill-ground stroke-ink"
      />
      <text x="{reading.x}%" y="{reading.y}%" dx="8" dy="-8" class="fill-ink text-[14px]"
        >{reading.label}</text
      >
    {/each}
    {#if plot.now}
      <circle cx="{plot.now.x}%" cy="{plot.now.y}%" r="8" class="fill-rim" />
    {/if}
  </svg>
</div>
<p class="text-[15px] text-soft">
  Development {plot.donePercent} % done. Thin: as planned; heavy: as read; dotted: ahead.
</p>
