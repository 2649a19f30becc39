<script lang="ts">
  import SlotOnLeave from '../../../kit/SlotOnLeave.svelte';
  import { within } from '../../../kit/form.ts';
  import { MOST_AREAS_OF_TWO } from '../../../nouns/two-negatives/limits.ts';
  import type { SideOfTwo } from '../../../nouns/two-negatives/contract.ts';
  import { attempt } from '../../../words/attempt.ts';
  import { signedStops } from '../../../words/fraction.ts';

  interface Props {
    letter: 'A' | 'B';
    side: SideOfTwo;
    onset: (side: SideOfTwo) => void;
    ontrouble: (trouble: string) => void;
  }
  const { letter, side, onset, ontrouble }: Props = $props();
  type Area = NonNullable<SideOfTwo['areas']>[number];
  const areas = $derived(side.areas ?? []);

  function set(index: number, change: Partial<Area>) {
    onset({ ...side, areas: areas.map((one, at) => (at === index ? { ...one, ...change } : one)) });
  }

  function setStops(index: number, text: string) {
    const { value, trouble } = attempt(() =>
      within(text, 'Type the stops there: more is burned, less is held back, as −½.', -5, 5),
    );
    if (value !== undefined) set(index, { stops: value });
    else ontrouble(trouble ?? '');
  }

  /** Half a stop less, until it is said. */
  function add() {
    onset({ ...side, areas: [...areas, { name: `place ${areas.length + 1}`, stops: -0.5 }] });
  }

  /** An area without a name is no area. */
  function setName(index: number, name: string) {
    if (name.trim() !== '') set(index, { name: name.trim() });
    else onset({ ...side, areas: areas.filter((_, at) => at !== index) });
  }
</script>

<p class="text-lg leading-loose text-soft">
  Under {letter}:
  {#each areas as area, index (index)}
    <SlotOnLeave
      label="{letter}: area {index + 1}"
      value={area.name}
      empty="which place"
      maxlength={60}
      hint="Empty takes it out."
      onset={(name) => setName(index, name)}
    />
    <SlotOnLeave
      label="{letter}: stops in area {index + 1}"
      value={signedStops(area.stops)}
      empty="0"
      after=" stop"
      numeric
      maxlength={6}
      hint="More is burned, less is held back."
      onset={(text) => setStops(index, text)}
    />,
  {:else}
    nothing burned or held back,
  {/each}
  {#if areas.length < MOST_AREAS_OF_TWO}
    <button class="slot-in min-h-11" type="button" onclick={add}>a place under {letter}</button>
  {/if}
</p>
