<script lang="ts">
  import PictureFile from '../../nouns/picture/PictureFile.svelte';
  import type { ProofPicture } from '../../nouns/proof/contract.ts';
  import { usualGrid } from '../../nouns/proof/grid.ts';

  interface Props {
    picture: ProofPicture | undefined;
    /** So many frames the roll has. */
    frames: number;
    onput: (picture: ProofPicture) => void;
    onchange: () => void;
    onoff: () => void;
  }
  const { picture, frames, onput, onchange, onoff }: Props = $props();
  let problem = $state<string>();

  /** Another picture of the same sheet has as many frames. */
  const gridOf = ({ columns, rows, first, order }: ProofPicture) => ({
    ...{ columns, rows, first, order },
  });
</script>

<p class="flex flex-wrap items-baseline gap-x-5 text-[15px] text-soft">
  {#if picture}
    <button class="slot-in min-h-11" onclick={onchange}>Where the frames lie</button>
    <button class="slot-in min-h-11" onclick={onoff}>Take the picture off</button>
  {/if}
  <PictureFile
    words={picture
      ? 'Another picture of the proof'
      : 'Put a picture of the proof to it, and cut it into frames'}
    bind:problem
    onput={(kept) => onput({ ...usualGrid(frames, kept), ...(picture && gridOf(picture)) })}
  />
</p>
{#if problem}<p class="text-trouble" role="alert">{problem}</p>{/if}
