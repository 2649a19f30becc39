<script lang="ts">
  import SlotOnLeave from '../../kit/SlotOnLeave.svelte';
  import { everything, logbookAddress } from '../../nouns/logbook/asked.ts';
  import { readTags } from '../../nouns/logbook/tags.ts';

  interface Props {
    tags: readonly string[];
    ontags: (tags: string[] | undefined) => void;
  }
  const { tags, ontags }: Props = $props();

  function set(text: string) {
    const read = readTags(text);
    ontags(read.length === 0 ? undefined : read);
  }
</script>

<p class="not-printed mt-2 text-[15px] leading-[2.2] text-soft">
  Tags
  <SlotOnLeave
    label="Tags"
    value={tags.join(', ')}
    empty="none yet"
    maxlength={400}
    onset={set}
    hint="Your own words, with commas between them: gift, exhibition, print again."
  />{#if tags.length > 0}; all that is tagged
    {#each tags as tag, index (tag)}
      {index > 0 ? ', ' : ''}<a class="slot-in" href={logbookAddress({ ...everything, tag })}
        >{tag}</a
      >
    {/each}{/if}.
</p>
