<script lang="ts">
  import type { At } from '@katachron/core';
  import Button from '../../../kit/Button.svelte';
  import { useKeys } from '../../../kit/keys/keys.svelte.ts';
  import Corners from '../../../nouns/picture/Corners.svelte';
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
  const sound = $derived(areCorners(corners));
  useKeys([
    { key: 'Enter', does: 'square the picture up', run: done },
    { key: 'Escape', does: 'leave it as it is', run: () => ondone() },
  ]);

  function done() {
    if (sound) ondone($state.snapshot(corners));
  }
</script>

<div class="relative touch-none" bind:clientWidth={width}>
  <PlanCanvas asked={raw} {width} {height} label="The picture as it was taken" />
  <Corners bind:corners {width} {height} label="Corners of the print" />
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
