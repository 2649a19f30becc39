<script lang="ts">
  import type { At } from '@katachron/core';
  import Button from '../../../kit/Button.svelte';
  import { useKeys } from '../../../kit/keys/keys.svelte.ts';
  import { areCorners, wholePicture } from '../../../nouns/picture/corners.ts';
  import type { ShownPicture } from '../../../nouns/picture/contract.ts';
  import PlanCanvas from './PlanCanvas.svelte';
  import type { AskedPicture } from './question.ts';
  import { straight } from './question.ts';

  interface Props {
    asked: AskedPicture;
    picture: ShownPicture;
    /** The corners that were found; nothing where it was left as it is. */
    ondone: (corners?: readonly At[]) => void;
  }
  const { asked, picture, ondone }: Props = $props();
  const names = ['Top left', 'Top right', 'Bottom right', 'Bottom left'];
  /** By key it moves by so much of the picture, and finer with Shift. */
  const [STEP, FINE] = [0.01, 0.002];

  let width = $state(0);
  const height = $derived(Math.round((width * picture.height) / picture.width));
  // As it was taken: the whole of it, whatever was found before.
  const raw = $derived.by(() => {
    const { corners: _none, ...rest } = straight(asked);
    return { ...rest, mirrored: false, ratio: picture.height / picture.width };
  });
  // What is dragged is this page's own until it is done.
  // svelte-ignore state_referenced_locally
  let corners = $state<At[]>([...(picture.corners ?? wholePicture)]);
  let held = $state<number>();
  let box = $state<SVGSVGElement>();
  const sound = $derived(areCorners(corners));
  /** Where they are drawn, px, and said, per cent. */
  const drawn = $derived(
    corners.map(({ x, y }) => ({
      ...{ x: x * width, y: y * height },
      ...{ across: Math.round(x * 100), down: Math.round(y * 100) },
    })),
  );
  const outline = $derived(drawn.map(({ x, y }) => `${x},${y}`).join(' '));

  useKeys([
    { key: 'Enter', does: 'square the picture up', run: done },
    { key: 'Escape', does: 'leave it as it is', run: () => ondone() },
  ]);

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

  function done() {
    if (sound) ondone($state.snapshot(corners));
  }
</script>

<svelte:window onpointerup={() => (held = undefined)} onpointermove={drag} />

<div class="relative touch-none" bind:clientWidth={width}>
  <PlanCanvas asked={raw} {width} {height} label="The picture as it was taken" />
  <svg
    class="absolute inset-0 h-full w-full overflow-visible"
    viewBox="0 0 {width} {height}"
    bind:this={box}
    role="group"
    aria-label="Corners of the print"
  >
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
</div>
<p class="mt-7 text-[15px] {sound ? 'text-soft' : 'text-trouble'}" role="status">
  {sound
    ? 'Drag each corner onto the print’s own; by keyboard the arrows move the one in focus, finer with Shift.'
    : 'These are no corners of a print: they cross, or lie too close together.'}
</p>
<p class="mt-2 flex flex-wrap gap-3">
  <Button keyHint="Enter" onclick={done}>Square it up</Button>
  <Button onclick={() => (corners = [...wholePicture])}>The whole picture</Button>
  <Button keyHint="Esc" onclick={() => ondone()}>Leave it</Button>
</p>
