<script lang="ts">
  import type { TimeChart } from './chart.ts';

  interface Props {
    chart: TimeChart;
    /** What the picture says, for those who cannot see it. */
    label: string;
  }
  const { chart, label }: Props = $props();
</script>

<div class="h-[300px] pb-7 pl-12 pr-2 md:h-[372px]">
  <svg class="size-full overflow-visible" role="img" aria-label={label}>
    {#each chart.up as tick (tick.label)}
      <line x1="0" x2="100%" y1="{tick.y}%" y2="{tick.y}%" class="stroke-hair" />
      <text x="-10" y="{tick.y}%" dy="0.34em" text-anchor="end" class="fill-soft text-[15px]"
        >{tick.label}</text
      >
    {/each}
    {#each chart.across as tick (tick.label)}
      <text x="{tick.x}%" y="100%" dy="22" text-anchor="middle" class="fill-soft text-[15px]"
        >{tick.label}</text
      >
    {/each}
    <svg viewBox="0 0 100 100" preserveAspectRatio="none" class="overflow-visible" fill="none">
      {#each chart.carriedOn as path (path)}
        <path
          d={path}
          vector-effect="non-scaling-stroke"
          stroke-width="2"
          stroke-dasharray="2 5"
          stroke-linecap="round"
          class="stroke-soft"
        />
      {/each}
      <path
        d={chart.curve}
        vector-effect="non-scaling-stroke"
        stroke-width="2.2"
        class="stroke-ink"
      />
    </svg>
    {#if chart.reading}
      <line
        x1="{chart.reading.x}%"
        x2="{chart.reading.x}%"
        y1="{chart.reading.y}%"
        y2="100%"
        stroke-width="2.2"
        class="stroke-rim"
      />
    {/if}
    {#each chart.points as point (point.x)}
      <circle
        cx="{point.x}%"
        cy="{point.y}%"
        r="5"
        stroke-width="2"
        class="fill-ground stroke-ink"
      />
    {/each}
    {#if chart.reading}
      <circle cx="{chart.reading.x}%" cy="{chart.reading.y}%" r="9" class="fill-rim" />
    {/if}
  </svg>
</div>
