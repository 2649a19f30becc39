<script lang="ts">
  import type { At } from '@katachron/core';
  import Button from '../../kit/Button.svelte';
  import { useKeys } from '../../kit/keys/keys.svelte.ts';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import SlotText from '../../kit/SlotText.svelte';
  import Corners from '../../nouns/picture/Corners.svelte';
  import { areCorners } from '../../nouns/picture/corners.ts';
  import { cells } from '../../nouns/proof/cells.ts';
  import type { ProofPicture } from '../../nouns/proof/contract.ts';
  import { MOST_ACROSS, frameOrders } from '../../nouns/proof/orders.ts';

  interface Props {
    picture: ProofPicture;
    /** The grid as it lies now; nothing where it was left as it is. */
    ondone: (picture?: ProofPicture) => void;
  }
  const { picture, ondone }: Props = $props();

  // What is dragged and typed is this page's own until it is done.
  /* svelte-ignore state_referenced_locally */
  let corners = $state<At[]>([...picture.corners]);
  /* svelte-ignore state_referenced_locally */
  let { order, columns, rows, first } = $state({ ...picture });
  let width = $state(0);
  const height = $derived(Math.round((width * picture.height) / picture.width));
  const sound = $derived(areCorners(corners));
  const drawn = $derived(
    [...cells({ corners, columns, rows, first, order }, 0)].map(([number, at]) => {
      const places = at.map(({ x, y }) => ({ x: x * width, y: y * height }));
      return {
        number,
        outline: places.map(({ x, y }) => `${x},${y}`).join(' '),
        x: places.reduce((sum, { x }) => sum + x, 0) / 4,
        y: places.reduce((sum, { y }) => sum + y, 0) / 4,
      };
    }),
  );

  useKeys([
    { key: 'Enter', does: 'cut it like this', run: done },
    { key: 'Escape', does: 'leave it as it is', run: () => ondone() },
  ]);

  function done() {
    if (sound)
      ondone({ ...picture, corners: $state.snapshot(corners), order, columns, rows, first });
  }

  const NUMBERS = [
    { label: 'Frames side by side', most: MOST_ACROSS, least: 1 },
    { label: 'Rows', most: MOST_ACROSS, least: 1 },
    { label: 'The first frame', most: 99, least: 0 },
  ] as const;
  let typed = $state<(string | undefined)[]>([]);
  const values = $derived([columns, rows, first]);
  const set = [
    (value: number) => (columns = value),
    (value: number) => (rows = value),
    (value: number) => (first = value),
  ];
  const trouble = (n: number) => {
    const { most, least } = NUMBERS[n]!;
    return typed[n] === undefined ? undefined : `A whole number from ${least} to ${most}.`;
  };

  /** What is no number of frames stays as it was typed, and says so. */
  function type(n: number, text: string) {
    const { most, least } = NUMBERS[n]!;
    const value = Number(text);
    const right = text.trim() !== '' && Number.isInteger(value) && value >= least && value <= most;
    typed[n] = right ? undefined : text;
    if (right) set[n]!(value);
  }
</script>

{#snippet number(n: number)}
  <SlotText
    label={NUMBERS[n]!.label}
    bind:value={() => typed[n] ?? String(values[n]), (text) => type(n, text)}
    empty="…"
    numeric
    maxlength={2}
    trouble={trouble(n)}
  />
{/snippet}

<p class="text-[15px] leading-[2.6] text-soft">
  {@render number(0)} side by side in {@render number(1)} rows; the first is frame {@render number(
    2,
  )}, and they run
  <SlotChoice label="How the frames run" bind:value={order} options={frameOrders} />.
</p>
<div class="mt-3 flex flex-wrap gap-3">
  <Button main keyHint="Enter" onclick={done}>Cut it like this</Button>
  <Button keyHint="Esc" onclick={() => ondone()}>Leave it</Button>
</div>
<div class="relative mt-5 w-fit touch-none" bind:clientWidth={width}>
  <span class="thumb"
    ><img
      class="max-h-[max(20rem,calc(100dvh-24rem))] w-auto"
      src="/api/v1/pictures/{picture.id}/preview"
      alt="The proof as it was photographed"
      width={picture.width}
      height={picture.height}
    /></span
  >
  <Corners bind:corners {width} {height} label="Corners of the frames">
    {#each drawn as { number, outline, x, y } (number)}
      <polygon points={outline} fill="none" stroke="var(--ground)" stroke-width="3" />
      <polygon points={outline} fill="none" stroke="var(--ink)" stroke-width="1" />
      <text
        {x}
        {y}
        class="font-sans text-[17px] font-[650]"
        text-anchor="middle"
        dominant-baseline="central"
        fill="var(--ink)"
        stroke="var(--ground)"
        stroke-width="4"
        paint-order="stroke">{number}</text
      >
    {/each}
  </Corners>
</div>
<p class="mt-7 text-[15px] {sound ? 'text-soft' : 'text-trouble'}" role="status">
  {sound
    ? 'Drag each corner onto the outermost frame’s own; by keyboard the arrows move the one in focus, finer with Shift.'
    : 'These are no corners of a sheet: they cross, or lie too close together.'}
</p>
