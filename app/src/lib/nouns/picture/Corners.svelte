<script lang="ts">
  import type { At } from '@katachron/core';
  import type { Snippet } from 'svelte';

  interface Props {
    corners: At[];
    /** As large as the picture is drawn, px. */
    width: number;
    height: number;
    label: string;
    /** What is drawn between them. */
    children?: Snippet;
  }
  let { corners = $bindable(), width, height, label, children }: Props = $props();
  const names = ['Top left', 'Top right', 'Bottom right', 'Bottom left'];
  /** By key it moves by so much of the picture, and finer with Shift. */
  const [STEP, FINE] = [0.01, 0.002];

  let held = $state<number>();
  let box = $state<SVGSVGElement>();
  /** Where they are drawn, px, and said, per cent. */
  const drawn = $derived(
    corners.map(({ x, y }) => ({
      ...{ x: x * width, y: y * height },
      ...{ across: Math.round(x * 100), down: Math.round(y * 100) },
    })),
  );
  const outline = $derived(drawn.map(({ x, y }) => `${x},${y}`).join(' '));

  const within = (value: number) => Math.min(1, Math.max(0, value));

  function moved(index: number, x: number, y: number) {
    corners[index] = { x: within(x), y: within(y) };
  }

  function drag(event: PointerEvent) {
    if (held === undefined || !box) return;
    const { left, top, width: wide, height: high } = box.getBoundingClientRect();
    moved(held, (event.clientX - left) / wide, (event.clientY - top) / high);
  }

  const ways: Record<string, readonly [number, number]> = {
    ...{ ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] },
  };
  function nudge(event: KeyboardEvent, index: number) {
    const way = ways[event.key];
    if (!way) return;
    event.preventDefault();
    event.stopPropagation();
    const step = event.shiftKey ? FINE : STEP;
    moved(index, corners[index]!.x + way[0] * step, corners[index]!.y + way[1] * step);
  }
</script>

<svelte:window onpointerup={() => (held = undefined)} onpointermove={drag} />

<svg
  class="absolute inset-0 h-full w-full overflow-visible"
  viewBox="0 0 {width} {height}"
  bind:this={box}
  role="group"
  aria-label={label}
>
  {@render children?.()}
  <polygon points={outline} fill="none" stroke="var(--ground)" stroke-width="4" />
  <polygon points={outline} fill="none" stroke="var(--ink)" stroke-width="2" />
  {#each drawn as { x, y, across, down }, index (index)}
    <circle
      cx={x}
      cy={y}
      r="22"
      fill="var(--ground)"
      fill-opacity="0.35"
      stroke="var(--ink)"
      stroke-width="2"
      class="cursor-move"
      role="slider"
      tabindex="0"
      aria-label={names[index]}
      aria-valuenow={across}
      aria-valuetext="{across} % across, {down} % down"
      onpointerdown={(event) => {
        event.preventDefault();
        event.currentTarget.focus();
        held = index;
      }}
      onkeydown={(event) => nudge(event, index)}
    />
  {/each}
</svg>
