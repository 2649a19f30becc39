<script lang="ts">
  import type { At } from '@katachron/core';
  import Button from '../../../kit/Button.svelte';
  import Corners from '../../../nouns/picture/Corners.svelte';
  import { areCorners, wholePicture } from '../../../nouns/picture/corners.ts';
  import type { PlacedOfTwo } from '../../../nouns/two-negatives/contract.ts';

  interface Props {
    picture: PlacedOfTwo['picture'];
    /** The corners of the frame; nothing where it was left as it is. */
    ondone: (corners?: At[]) => void;
  }
  const { picture, ondone }: Props = $props();
  let width = $state(0);
  const height = $derived(Math.round((width * picture.height) / picture.width));
  // What is dragged is this page's own until it is done.
  // svelte-ignore state_referenced_locally
  let corners = $state<At[]>([...(picture.corners ?? wholePicture)]);
  const sound = $derived(areCorners(corners));
</script>

<div class="relative max-w-md touch-none" bind:clientWidth={width}>
  <span class="thumb w-full"
    ><img
      class="w-full"
      src="/api/v1/pictures/{picture.id}/preview"
      alt="As it was taken"
      draggable="false"
    /></span
  >
  <Corners bind:corners {width} {height} label="Corners of the frame" />
</div>
<p class="mt-5 text-[15px] {sound ? 'text-soft' : 'text-trouble'}" role="status">
  {sound
    ? 'Drag each corner onto the frame’s own; arrows move the one in focus.'
    : 'These are no corners of a frame: they cross, or lie too close together.'}
</p>
<p class="mt-2 flex flex-wrap gap-3">
  <Button onclick={() => sound && ondone($state.snapshot(corners))}>Cut it so</Button>
  <Button onclick={() => ondone()}>Leave it</Button>
</p>
