<script lang="ts">
  import Button from '../../../kit/Button.svelte';
  import SlotOnLeave from '../../../kit/SlotOnLeave.svelte';
  import { within } from '../../../kit/form.ts';
  import type { TwoNegativesBody } from '../../../nouns/two-negatives/contract.ts';
  import { attempt } from '../../../words/attempt.ts';
  import { signedStops } from '../../../words/fraction.ts';
  import type { TwoView } from './two-view.ts';

  type Edge = NonNullable<TwoNegativesBody['edge']>;
  interface Props {
    body: TwoNegativesBody;
    places: TwoView['edge'];
    onset: (edge: Edge | undefined) => void;
    ontrouble: (trouble: string) => void;
  }
  const { body, places, onset, ontrouble }: Props = $props();
  const usual: Edge = { widthMm: 24, fillStops: -0.5 };

  function set(change: () => Partial<Edge>) {
    const { value, trouble } = attempt(change);
    if (value) onset({ ...usual, ...body.edge, ...value });
    else ontrouble(trouble ?? '');
  }
</script>

<section class="mt-5" aria-label="A feathered edge">
  {#if body.edge}
    <p class="text-lg leading-loose text-soft">
      The edge of A is feathered over
      <SlotOnLeave
        label="How wide the edge is, mm"
        value={String(body.edge.widthMm)}
        empty="how wide"
        after=" mm"
        numeric
        maxlength={6}
        onset={(text) =>
          set(() => ({
            widthMm: within(text, 'Type how wide the edge is, mm, as 24.', 1, 1000),
          }))}
      />
      and filled by B at
      <SlotOnLeave
        label="What B gives there, stops"
        value={signedStops(body.edge.fillStops)}
        empty="−½"
        after=" stop"
        numeric
        maxlength={6}
        hint="Against its main time; −½ to start with."
        onset={(text) =>
          set(() => ({
            fillStops: within(text, 'Type the stops of B there, as −½.', -5, 2),
          }))}
      />.
    </p>
    <p class="text-[15px] text-soft">
      From where A is whole:
      {places
        .map(({ at, stops, density, word }) => `${at} ${stops} stop, ${density} ${word}`)
        .join(' · ')}.
    </p>
    <button class="slot-in min-h-11 font-[600]" type="button" onclick={() => onset(undefined)}
      >No feathered edge</button
    >
  {:else}
    <Button onclick={() => onset(usual)}>An edge of A falls inside: feather it</Button>
  {/if}
</section>
