<script lang="ts">
  import Axes from '$lib/kit/Axes.svelte';
  import type { CurvePlot } from './curve-plot.ts';

  interface Props {
    plot: CurvePlot;
  }
  const { plot }: Props = $props();
</script>

<div class="h-[210px] pb-6 pl-9 pr-3">
  <svg class="size-full overflow-visible" role="img" aria-label={plot.said}>
    <Axes up={plot.up} across={plot.across} small />
    {#if plot.negative}
      <rect
        x="{plot.negative.from}%"
        y="96%"
        width="{Math.max(0, plot.negative.to - plot.negative.from)}%"
        height="4%"
        class="fill-rim"
      />
    {/if}
    <svg viewBox="0 0 100 100" preserveAspectRatio="none" class="overflow-visible" fill="none">
      {#each plot.curves as curve, index (index)}
        <path
          d={curve.path}
          vector-effect="non-scaling-stroke"
          stroke-width={curve.main ? 2.4 : 1.2}
          class={curve.main ? 'stroke-ink' : 'stroke-soft'}
        />
      {/each}
    </svg>
    {#each plot.dots as dot, index (index)}
      <line
        x1="{dot.x}%"
        x2="{dot.x}%"
        y1="{dot.y}%"
        y2="96%"
        stroke-dasharray="3 4"
        class="stroke-rim"
      />
      <circle
        cx="{dot.x}%"
        cy="{dot.y}%"
        r="6.5"
        stroke-width="2"
        class="stroke-rim {dot.name === 'shadow' ? 'fill-rim' : 'fill-ground'}"
      />
      <text
        x="{dot.x}%"
        y="{dot.y}%"
        dx={dot.name === 'shadow' ? -12 : 12}
        dy={dot.name === 'shadow' ? 0 : -10}
        text-anchor={dot.name === 'shadow' ? 'end' : 'start'}
        class="fill-ink text-[14px]">{dot.name} {dot.density.toFixed(2)}</text
      >
    {/each}
  </svg>
</div>
<p class="pl-9 text-[14px] text-soft">
  Density against light in stops from the speed point{plot.negative
    ? '; the bar is the negative’s range'
    : ''}.
</p>
