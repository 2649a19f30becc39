<script lang="ts">
  import { shapeKind, type AreaShape, type ShapeKind } from '@katachron/core';
  import SlotChoice from '../../../kit/SlotChoice.svelte';
  import SlotOnLeave from '../../../kit/SlotOnLeave.svelte';
  import type { PrintDraft } from '../../../nouns/in-hand/draft.ts';
  import { USUAL_SOFT, edges } from '../../../nouns/picture/kinds.ts';
  import { attempt } from '../../../words/attempt.ts';
  import { parseDecimal } from '../../../words/decimal.ts';

  interface Props {
    area: PrintDraft['areas'][number];
    /** The edge under a card so many cm over the paper, as typed, in widths of the picture; refuses what is missing for it. */
    softOfCard: (typedCm: string) => number;
  }
  const { area, softOfCard }: Props = $props();
  let cardCm = $state('');
  const cardTrouble = $derived(
    cardCm.trim() === '' ? undefined : attempt(() => softOfCard(cardCm)).trouble,
  );

  function byCard(text: string) {
    cardCm = text;
    const found = attempt(() => softOfCard(text)).value;
    if (found !== undefined) area.soft = found;
  }
  const shape = $derived(area.shape);
  const kind = $derived(shape && (shapeKind(shape.kind) as unknown as ShapeKind<AreaShape>));
  const soft = $derived(area.soft ?? USUAL_SOFT);
  const edge = $derived(
    edges.reduce((near, one) =>
      Math.abs(one.soft - soft) < Math.abs(near.soft - soft) ? one : near,
    ),
  );

  /** In per cent of the picture's width; what is no number changes nothing. */
  function set(index: number, text: string) {
    const value = attempt(() => parseDecimal(text.replace(/\s*%$/, ''), '', '')).value;
    if (value === undefined || !kind || !shape || Math.abs(value) > 200) return;
    area.shape = kind.numbers[index]!.with($state.snapshot(shape) as AreaShape, value / 100);
  }
</script>

{#if kind && shape}
  {kind.name.toLowerCase()} with
  <SlotChoice
    label="How soft its edge is"
    bind:value={
      () => edge.id,
      (id) => {
        area.soft = edges.find((one) => one.id === id)!.soft;
        cardCm = '';
      }
    }
    options={edges.map(({ id, name }) => ({ id, name }))}
  />, from a card held still
  <SlotOnLeave
    label="The card over the paper, cm"
    value={cardCm}
    onset={byCard}
    empty="at a height"
    before="at "
    after=" cm"
    numeric
    maxlength={6}
    trouble={cardTrouble}
    hint="Its edge blurs the more the higher it is held: the lens’s opening · height / the rest of the way."
  />{cardCm !== '' && cardTrouble === undefined
    ? ` (${(soft * 100).toFixed(1)} % of the width)`
    : ''}{#each kind.numbers as number, index (number.name)},
    {number.name}
    <SlotOnLeave
      label="{number.name}, per cent of the width"
      value={String(Math.round(number.of(shape) * 100))}
      onset={(text) => set(index, text)}
      empty="?"
      after=" %"
      numeric
      maxlength={6}
      hint="Per cent of the picture’s width, from its left and its top."
    />{/each}.
{/if}
