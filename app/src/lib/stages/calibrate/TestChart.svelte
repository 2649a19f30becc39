<script lang="ts">
  import Axes from '../../kit/Axes.svelte';
  import type { TestChart } from '../../nouns/calibration/kinds/kind.ts';
  import { laidChart } from './chart.ts';

  interface Props {
    chart: TestChart;
  }
  const { chart }: Props = $props();
  const laid = $derived(laidChart(chart));
</script>

<figure aria-label={chart.label}>
  <figcaption class="text-[14px] text-soft">{chart.up}</figcaption>
  <div class="h-[280px] pb-7 pl-10 pr-2 pt-1">
    <svg class="size-full overflow-visible" role="img" aria-label={chart.label}>
      <Axes up={laid.up} across={laid.across} small />
      <svg viewBox="0 0 100 100" preserveAspectRatio="none" class="overflow-visible" fill="none">
        {#each laid.series as { name, curve } (name)}
          <path d={curve} vector-effect="non-scaling-stroke" stroke-width="2" class="stroke-ink" />
        {/each}
      </svg>
      {#each laid.series as { name, points, label } (name)}
        {#each points as point, index (index)}
          <circle
            cx="{point.x}%"
            cy="{point.y}%"
            r="3"
            stroke-width="1.5"
            class="fill-ground stroke-ink"
          />
        {/each}
        <text
          x="{label.x}%"
          y="{label.y}%"
          dy="0.34em"
          text-anchor={label.x > 92 ? 'end' : 'middle'}
          stroke="var(--ground)"
          stroke-width="7"
          paint-order="stroke"
          class="fill-ink text-[14px] font-[560]">{name}</text
        >
      {/each}
      {#each laid.marks as mark, index (index)}
        <circle cx="{mark.x}%" cy="{mark.y}%" r="6" class="fill-rim" />
        <text
          x="{mark.x}%"
          y="{mark.y}%"
          dx={mark.left ? -11 : 11}
          dy={5 + 15 * index}
          text-anchor={mark.left ? 'end' : 'start'}
          class="fill-ink text-[14px]">{mark.name}</text
        >
      {/each}
    </svg>
  </div>
  <p class="text-center text-[14px] text-soft">{chart.across}</p>
  {#if laid.residuals}
    <p class="mt-3 text-[14px] text-soft">{chart.residualsUp}</p>
    <div class="h-[70px] pl-10 pr-2">
      <svg class="size-full overflow-visible" role="img" aria-label={chart.residualsUp}>
        <line
          x1="0"
          x2="100%"
          y1="{laid.residuals.zero}%"
          y2="{laid.residuals.zero}%"
          class="stroke-hair"
        />
        {#each laid.residuals.up as tick (tick.label)}
          <text x="-9" y="{tick.y}%" dy="0.34em" text-anchor="end" class="fill-soft text-[14px]"
            >{tick.label}</text
          >
        {/each}
        {#each laid.residuals.points as point, index (index)}
          <circle
            cx="{point.x}%"
            cy="{point.y}%"
            r="3"
            stroke-width="1.5"
            class="fill-ground stroke-ink"
          />
        {/each}
      </svg>
    </div>
  {/if}
</figure>
