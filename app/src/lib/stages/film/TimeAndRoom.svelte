<script lang="ts">
  import SlotText from '../../kit/SlotText.svelte';
  import TimeChart from './TimeChart.svelte';
  import { clockTime } from '../../words/duration.ts';
  import { degrees } from '../../words/temperature.ts';
  import { verdictSentence } from '../../nouns/roll/verdict.ts';
  import type { Recipe } from '../../nouns/recipe/contract.ts';
  import type { Roll } from '../../nouns/roll/contract.ts';
  import type { RollInHand } from './roll-in-hand.svelte.ts';

  interface Props {
    film: RollInHand;
    recipe: Recipe;
    /** The last negatives that were judged, from this recipe. */
    judged: readonly Roll[];
  }
  const { film, recipe, judged }: Props = $props();
  const { draft } = $derived(film);
  const view = $derived(film.view());
  const { unit } = $derived(film);
  const { development } = $derived(view);
  const chart = $derived(film.chart());
</script>

{#snippet asked(
  field: 'room' | 'follows' | 'warmTo' | 'waterBath',
  words: { label: string; empty: string; before?: string; after: string; hint: string },
)}
  <SlotText
    {...words}
    bind:value={() => draft[field] ?? '', (typed) => (draft[field] = typed)}
    numeric
    maxlength={8}
    trouble={view.troubles[field]}
  />
{/snippet}

<section aria-label="Time against temperature">
  {#if chart}
    <TimeChart
      {chart}
      label="Development time against temperature, from the recipe’s {recipe.points
        .length} points{development && view.temperatureC !== undefined
        ? `; now ${clockTime(development.seconds)} at ${degrees(view.temperatureC, unit)}`
        : ''}"
    />
  {/if}
  <div class="mt-6 space-y-2 md:pl-12">
    {#each judged as roll (roll.id)}
      {#if roll.judgement}
        <p class="text-[15px] leading-snug text-soft" data-testid="verdict">
          <a class="slot-in" href="/logbook/rolls/{roll.id}">{roll.title}</a>: {verdictSentence(
            roll.judgement,
          )}
        </p>
      {/if}
    {/each}
    <p class="leading-relaxed text-soft">
      {@render asked('room', {
        label: `Temperature of the room, °${unit}`,
        empty: 'Room temperature',
        before: 'Room temperature ',
        after: '°',
        hint: 'The tank drifts towards it. Left empty, it is taken to stay as it is.',
      })}{#if draft.room?.trim()}, the tank follows in
        {@render asked('follows', {
          label: 'The tank follows the room in, minutes',
          empty: `${view.follows.minutes} min`,
          after: ' min',
          hint: 'After this long 63 % of the difference is gone.',
        })}{#if view.follows.from && !draft.follows?.trim()}, {view.follows.from}{/if}{/if}.
      <SlotText
        label="Which temperature gives at least … min?"
        bind:value={() => draft.atLeast ?? '', (atLeast) => (draft.atLeast = atLeast)}
        empty="Which temperature gives at least … min?"
        before="At least "
        maxlength={8}
        trouble={view.troubles.atLeast}
        hint="As 6:00: says at which temperature."
      />{view.reverse || view.troubles.atLeast ? ': ' : '.'}
      {#if view.reverse}<span class="text-ink">{view.reverse}</span>
      {:else if view.troubles.atLeast}<span class="text-trouble" role="status"
          >{view.troubles.atLeast}</span
        >{/if}
      {@render asked('warmTo', {
        label: `Warm or cool the bottle to, °${unit}`,
        empty: 'Warm or cool the bottle',
        before: 'Warm or cool the bottle to ',
        after: '°',
        hint: 'Says how much it must be warmed or cooled, and how long that takes.',
      })}{#if draft.warmTo?.trim()}, in water at
        {@render asked('waterBath', {
          label: `Temperature of the water bath, °${unit}`,
          empty: '10° beyond',
          after: '°',
          hint: 'The nearer, the surer.',
        })}{/if}.
      {#if view.warm}<span class="text-ink">{view.warm}</span>{/if}
    </p>
  </div>
</section>
