<script lang="ts">
  import { tones } from '@katachron/core';
  import SlotChoice from '../../../kit/SlotChoice.svelte';
  import SlotOnLeave from '../../../kit/SlotOnLeave.svelte';
  import type { SideOfTwo } from '../../../nouns/two-negatives/contract.ts';
  import type { MeasuredSetting } from '../../../nouns/paper/measured-setting.ts';
  import { attempt } from '../../../words/attempt.ts';
  import { sideNumbers, withNumber, type SideNumber } from './typed-two.ts';

  interface Props {
    letter: 'A' | 'B';
    side: SideOfTwo;
    place: string;
    /** What its setting was found to be on this paper. */
    measured?: MeasuredSetting | undefined;
    onset: (side: SideOfTwo) => void;
    ontrouble: (trouble: string) => void;
  }
  const { letter, side, place, measured, onset, ontrouble }: Props = $props();

  function setNumber(part: SideNumber, text: string) {
    const { value, trouble } = attempt(() => withNumber(side, part, text));
    if (value) onset(value);
    else ontrouble(trouble ?? '');
  }
  const shown = (part: SideNumber) => (side[part] === undefined ? '' : String(side[part]));
</script>

{#snippet number(part: SideNumber, empty: string, after: string)}
  <SlotOnLeave
    label="{letter}: {sideNumbers[part].label}"
    value={shown(part)}
    {empty}
    {after}
    numeric
    maxlength={8}
    hint={sideNumbers[part].hint}
    onset={(text) => setNumber(part, text)}
  />
{/snippet}

<p class="text-lg leading-loose text-soft">
  <span class="font-[620] text-ink">{letter}</span> is
  <SlotOnLeave
    label="Negative {letter}"
    value={side.negative}
    empty="which negative"
    onset={(negative) => onset({ ...side, negative })}
  />
  with
  <SlotOnLeave
    label="Setting of {letter}"
    value={side.setting}
    empty="which filter"
    maxlength={40}
    onset={(setting) => onset({ ...side, setting })}
  />, R {@render number('range', 'how soft', '')}{#if measured}
    <span class="text-[15px]"
      >({measured.range === side.range ? 'measured' : `measured: ${measured.range}`} on this paper)</span
    >{/if}. Alone it makes {place.trim() || 'the place'}
  <SlotChoice
    label="What {letter} alone makes of it"
    bind:value={() => side.tone, (tone) => onset({ ...side, tone })}
    options={tones.map(({ id, name, use }) => ({ id, name, more: use }))}
  />
  in {@render number('seconds', 'how long', ' s')}. {@render number(
    'negativeMm',
    'A length',
    ' mm',
  )} of it is {@render number('printMm', 'how long', ' mm')} on the print.
</p>
