<script lang="ts">
  import Axes from '../../kit/Axes.svelte';
  import type { TimeChart } from './chart.ts';

  interface Props {
    chart: TimeChart;
    /** What the picture says, for those who cannot see it. */
    label: string;
  }
  const { chart, label }: Props = $props();
</script>

<div class="h-[300px] pb-7 pl-12 pr-2 md:h-[320px]">
  <svg class="size-full overflow-visible" role="img" aria-label={label}>
    {#if chart.safe}
      <rect
        x="{chart.safe.x}%"
        y="{chart.safe.y}%"
        width="{chart.safe.width}%"
        height="{chart.safe.height}%"
        class="fill-enamel"
      />
      <text
        x="{chart.safe.x}%"
        y="{chart.safe.y + chart.safe.height}%"
        dx="8"
        dy="-10"
        class="fill-soft text-[14px]">safe and even</text
      >
    {/if}
    <Axes up={chart.up} across={chart.across} />
    <svg viewBox="0 0 100 100" preserveAspectRatio="none" class="overflow-visible" fill="none">
      {#each chart.carriedOn as path, index (index)}
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
    {#each chart.points as point, index (index)}
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
