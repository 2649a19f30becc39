<script lang="ts">
  import { upload } from '../../nouns/picture/upload.ts';
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
  const id = $props.id();
  let reading = $state(false);
  let problem = $state<string>();

  async function choose(event: Event & { currentTarget: HTMLInputElement }) {
    const [file] = event.currentTarget.files ?? [];
    if (!file) return;
    reading = true;
    problem = undefined;
    const kept = await upload(file);
    reading = false;
    problem = kept.problem;
    if (kept.picture)
      onput({ ...usualGrid(frames, kept.picture), ...(picture && gridOf(picture)) });
  }

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
  <label
    class="slot-in inline-flex min-h-11 cursor-pointer items-center focus-within:outline-2"
    for={id}
    >{reading
      ? 'Reading the picture …'
      : picture
        ? 'Another picture of the proof'
        : 'Put a picture of the proof to it, and cut it into frames'}<input
      {id}
      class="sr-only"
      type="file"
      accept="image/jpeg,image/png,image/webp,image/tiff"
      onchange={choose}
      disabled={reading}
    /></label
  >
</p>
{#if problem}<p class="text-trouble" role="alert">{problem}</p>{/if}
