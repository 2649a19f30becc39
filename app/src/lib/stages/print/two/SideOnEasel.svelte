<script lang="ts">
  import SlotChoice from '../../../kit/SlotChoice.svelte';
  import SlotOnLeave from '../../../kit/SlotOnLeave.svelte';
  import { within } from '../../../kit/form.ts';
  import { pictureKinds } from '../../../nouns/picture/kinds.ts';
  import PictureFile from '../../../nouns/picture/PictureFile.svelte';
  import type { Picture } from '../../../nouns/picture/contract.ts';
  import type { PlacedOfTwo, SideOfTwo } from '../../../nouns/two-negatives/contract.ts';
  import { attempt } from '../../../words/attempt.ts';
  import { signedStops } from '../../../words/fraction.ts';
  import CutToFrame from './CutToFrame.svelte';

  interface Props {
    letter: 'A' | 'B';
    side: SideOfTwo;
    chosen: boolean;
    onchoose: () => void;
    onput: (picture: Picture) => void;
    onset: (placed: PlacedOfTwo | undefined) => void;
    ontrouble: (trouble: string) => void;
  }
  const { letter, side, chosen, onchoose, onput, onset, ontrouble }: Props = $props();
  const placed = $derived(side.placed);
  let problem = $state<string>();
  let cutting = $state(false);

  interface Asked {
    readonly label: string;
    readonly after: string;
    readonly least: number;
    readonly most: number;
    readonly sentence: string;
  }
  type Part = 'xMm' | 'yMm' | 'widthMm' | 'turnDegrees' | 'stops';
  const asked: Record<Part, Asked> = {
    xMm: {
      ...{ label: 'its middle across, mm', after: ' mm', least: -5000, most: 5000 },
      sentence: 'Type how far its middle is from the left edge of the sheet, mm, as 120.',
    },
    yMm: {
      ...{ label: 'its middle down, mm', after: ' mm', least: -5000, most: 5000 },
      sentence: 'Type how far its middle is from the top edge of the sheet, mm, as 90.',
    },
    widthMm: {
      ...{ label: 'how wide, mm', after: ' mm', least: 1, most: 10_000 },
      sentence: 'Type how wide it is on the easel, mm, as 240.',
    },
    turnDegrees: {
      ...{ label: 'its turn, degrees', after: '°', least: -360, most: 360 },
      sentence: 'Type its turn in degrees, as 12.',
    },
    stops: {
      ...{ label: 'its light, stops', after: ' stop', least: -6, most: 6 },
      sentence: 'Type the stops more or less than alone, as −½.',
    },
  };

  function set(part: Part, text: string) {
    if (!placed) return;
    const { least, most, sentence } = asked[part];
    const { value, trouble } = attempt(() => within(text, sentence, least, most));
    if (value !== undefined) onset({ ...placed, [part]: value });
    else ontrouble(trouble ?? '');
  }

  function cut(corners?: PlacedOfTwo['picture']['corners']) {
    cutting = false;
    if (placed && corners) onset({ ...placed, picture: { ...placed.picture, corners } });
  }
</script>

{#snippet number(part: Part, shown: string)}
  <SlotOnLeave
    label="{letter}: {asked[part].label}"
    value={shown}
    empty="?"
    after={asked[part].after}
    numeric
    maxlength={8}
    onset={(text) => set(part, text)}
  />
{/snippet}

<section class="mt-2" aria-label="Negative {letter} on the easel">
  <p class="text-lg leading-loose text-soft">
    <button
      type="button"
      class="min-h-11 min-w-11 rounded-xl border-2 border-hair px-3 font-[620] text-ink aria-pressed:border-rim aria-pressed:bg-rim aria-pressed:text-on-rim"
      data-leaves-space
      aria-pressed={chosen}
      aria-label="Move {letter}"
      onclick={onchoose}>{letter}</button
    >
    {side.negative}
    {#if placed}
      is a picture of
      <SlotChoice
        label="What the picture of {letter} is of"
        bind:value={
          () => placed.picture.of, (of) => onset({ ...placed, picture: { ...placed.picture, of } })
        }
        options={pictureKinds}
      />, its middle {@render number('xMm', String(placed.xMm))} across and
      {@render number('yMm', String(placed.yMm))} down, {@render number(
        'widthMm',
        String(placed.widthMm),
      )} wide, turned {@render number('turnDegrees', String(placed.turnDegrees))}{placed.mirrored
        ? ', mirrored'
        : ''}, with {@render number('stops', signedStops(placed.stops))} of light.
      <button class="slot-in min-h-11" type="button" onclick={() => (cutting = !cutting)}
        >Cut it to its frame</button
      >
      <button class="slot-in min-h-11" type="button" onclick={() => onset(undefined)}
        >Take it off</button
      >
    {/if}
    <PictureFile
      words={placed
        ? 'Another picture'
        : `Put a picture of ${letter}: the negative on a light table`}
      bind:problem
      {onput}
    />
  </p>
  {#if cutting && placed}<CutToFrame picture={placed.picture} ondone={cut} />{/if}
  {#if problem}<p class="text-trouble" role="alert">{problem}</p>{/if}
</section>
