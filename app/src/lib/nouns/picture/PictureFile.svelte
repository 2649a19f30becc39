<script lang="ts">
  import type { Picture } from './contract.ts';
  import { upload } from './upload.ts';

  interface Props {
    /** What stands there to be touched. */
    words: string;
    /** The file itself is kept too. */
    keepFile?: boolean;
    /** Its colours are kept too. */
    inColour?: boolean;
    /** Why the last one could not be taken. */
    problem: string | undefined;
    onput: (picture: Picture) => void;
  }
  let { words, keepFile = false, inColour = false, problem = $bindable(), onput }: Props = $props();
  const id = $props.id();
  let reading = $state(false);

  async function choose(event: Event & { currentTarget: HTMLInputElement }) {
    const [file] = event.currentTarget.files ?? [];
    if (!file) return;
    problem = undefined;
    reading = true;
    const kept = await upload(file, { keepFile, inColour });
    reading = false;
    problem = kept.problem;
    if (kept.picture) onput(kept.picture);
  }
</script>

<label
  class="slot-in inline-flex min-h-11 cursor-pointer items-center focus-within:outline-2"
  for={id}
  >{reading ? 'Reading the picture …' : words}<input
    {id}
    class="sr-only"
    type="file"
    accept="image/jpeg,image/png,image/webp,image/tiff"
    onchange={choose}
    disabled={reading}
  /></label
>
