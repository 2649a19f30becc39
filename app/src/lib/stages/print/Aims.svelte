<script lang="ts">
  import {
    certainties,
    highlightTones,
    shadowTones,
    toneById,
    toneWord,
    type ToneId,
  } from '@katachron/core';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import { withinInWords } from '../../words/fraction.ts';
  import { withBeside } from './keep.ts';
  import ToneCard from './ToneCard.svelte';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  const { print }: { print: PrintInHand } = $props();
  const { draft } = $derived(print);
  const view = $derived(print.view());
  const toneChoices = <Tone extends ToneId>(ids: readonly Tone[]) =>
    ids.map((id) => {
      const { name, use, netDensity } = toneById(id);
      return { id, name: `${toneWord(netDensity)} (${name})`, more: use };
    });
  const certaintyChoices = certainties.map(({ id, name, stops, range, usualStrips }) => ({
    id,
    name,
    more: `within ${withinInWords(stops)} and ${range} R; ${usualStrips[0]} ${usualStrips[0] === 1 ? 'strip' : 'strips'} as a rule, ${usualStrips[1]} at most`,
  }));
</script>

<p class="mt-4 text-[15px] text-soft">
  The highlight is meant to be
  <SlotChoice
    label="Tone of the highlight"
    bind:value={draft.highlightTone}
    options={toneChoices(highlightTones)}
  />, the shadow
  <SlotChoice
    label="Tone of the shadow"
    bind:value={draft.shadowTone}
    options={toneChoices(shadowTones)}
  />; as sure as
  <SlotChoice label="How sure to be" bind:value={draft.certainty} options={certaintyChoices} />. The
  strip lies along
  <SlotChoice
    label="What the strip lies along"
    bind:value={
      () => draft.along ?? 'both',
      (along) => {
        if (along === 'both') delete draft.along;
        else draft.along = along;
      }
    }
    options={[
      { id: 'both', name: 'both places' },
      {
        id: 'highlight',
        name: 'the highlight',
        more: 'laid so that every patch holds the same light tone; the shadow has a strip of its own',
      },
      {
        id: 'shadow',
        name: 'the shadow',
        more: 'laid so that every patch holds the same dark tone; read together with the highlight’s strip',
      },
    ]}
  />; the next one is of
  <SlotChoice
    label="Contrasts on the next strip"
    bind:value={() => (draft.sideBySide ? 'two' : 'one'), (id) => (draft.sideBySide = id === 'two')}
    options={[
      { id: 'one', name: 'one contrast' },
      {
        id: 'two',
        name: 'two contrasts side by side',
        more: 'where the better one is in doubt; saves a strip as often as not',
      },
    ]}
  />.
</p>
<ToneCard {print} />
{#if view.strip && view.strip.patches.length > 1}
  <p class="flex flex-wrap gap-x-5 text-[15px] text-soft">
    <button class="slot-in min-h-9" onclick={() => print.pick('highlight', 0)}
      >Nothing near white</button
    >
    <button
      class="slot-in min-h-9"
      onclick={() => print.pick('highlight', view.strip!.patches.length - 1)}
      >Lights blank everywhere</button
    >
    <button
      class="slot-in min-h-9"
      onclick={() => print.pick('shadow', view.strip!.patches.length - 1)}>No black anywhere</button
    >
    <button class="slot-in min-h-9" onclick={() => print.pick('shadow', 0)}
      >Darks full everywhere</button
    >
    {#if !draft.beside}
      <button class="slot-in min-h-9" onclick={() => (draft.beside = withBeside(draft, view))}
        >A second contrast beside it</button
      >
    {/if}
    {#if print.picks.length > 0}
      <button class="slot-in min-h-9" onclick={() => print.unpick()}>Take the last pick back</button
      >
    {/if}
  </p>
{/if}
