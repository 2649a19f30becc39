<script lang="ts">
  import SlotOnLeave from '../../kit/SlotOnLeave.svelte';
  import { everything, logbookAddress } from '../../nouns/logbook/asked.ts';
  import { readTags } from '../../nouns/logbook/tags.ts';
  import { attempt } from '../../words/attempt.ts';

  interface Props {
    tags: readonly string[];
    ontags: (tags: string[] | undefined) => void;
  }
  const { tags, ontags }: Props = $props();

  /** What was typed and cannot be kept stays as it is. */
  let wrong = $state<{ readonly text: string; readonly sentence: string }>();

  function set(text: string) {
    const { value, trouble } = attempt(() => readTags(text));
    wrong = value ? undefined : { text, sentence: trouble ?? '' };
    if (value) ontags(value.length === 0 ? undefined : value);
  }
</script>

<p class="not-printed mt-2 text-[15px] leading-[2.2] text-soft">
  Tags
  <SlotOnLeave
    label="Tags"
    value={wrong?.text ?? tags.join(', ')}
    trouble={wrong?.sentence}
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
{#if wrong}<p class="text-trouble" role="alert">{wrong.sentence}</p>{/if}
