<script lang="ts">
  import SlotOnLeave from '../../../kit/SlotOnLeave.svelte';
  import { within } from '../../../kit/form.ts';
  import { MOST_COPIES_OF_TWO } from '../../../nouns/two-negatives/limits.ts';
  import type { TwoNegativesBody } from '../../../nouns/two-negatives/contract.ts';
  import { attempt } from '../../../words/attempt.ts';

  interface Props {
    body: TwoNegativesBody;
    onset: (change: Partial<TwoNegativesBody>) => void;
    ontrouble: (trouble: string) => void;
  }
  const { body, onset, ontrouble }: Props = $props();

  function set(part: 'copies' | 'spare', least: number, text: string) {
    const { value, trouble } = attempt(() =>
      Math.round(
        within(
          text,
          `Type how many, from ${least} to ${MOST_COPIES_OF_TWO}.`,
          least,
          MOST_COPIES_OF_TWO,
        ),
      ),
    );
    if (value !== undefined) onset({ [part]: value });
    else ontrouble(trouble ?? '');
  }
</script>

<p class="mt-2 text-lg leading-loose text-soft">
  <SlotOnLeave
    label="How many prints"
    value={String(body.copies)}
    empty="how many"
    numeric
    maxlength={3}
    onset={(text) => set('copies', 1, text)}
  />
  wanted,
  <SlotOnLeave
    label="How many may fail"
    value={String(body.spare)}
    empty="none"
    numeric
    maxlength={3}
    hint="Some will: the two are never laid alike."
    onset={(text) => set('spare', 0, text)}
  />
  more that may fail.
</p>
