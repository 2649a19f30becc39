<script lang="ts">
  import { toneById, tones, toolsFor, type ToneId } from '@katachron/core';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import SlotOnLeave from '../../kit/SlotOnLeave.svelte';
  import SlotText from '../../kit/SlotText.svelte';
  import { softOfCard } from './picture/card-edge.ts';
  import ShapeNumbers from './picture/ShapeNumbers.svelte';
  import { MOST_PIECES, pieceKinds, type PieceKind } from '../../nouns/in-hand/limits.ts';
  import { keptAmount } from './area-amount.ts';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  interface Props {
    print: PrintInHand;
    index: number;
    /** It is the one that is worked on. */
    chosen: boolean;
    onchoose: () => void;
  }
  const { print, index, chosen, onchoose }: Props = $props();
  const { draft } = $derived(print);
  const view = $derived(print.view());
  const area = $derived(draft.areas[index]!);
  const line = $derived(view.areas[index]!);
  const burns = $derived((line.stops ?? 0) > 0);
  const tone = $derived(toneById(area.tone ?? 'VIII'));

  const how = $derived(
    [
      line.tool.name,
      ...(burns && area.settingId ? [`${view.set.noun} ${line.setting?.name ?? ''}`] : []),
    ].join(', '),
  );

  function addPiece(kind: PieceKind) {
    draft.pieces = [...(draft.pieces ?? []), { area: index, kind }];
  }
</script>

<li class="border-b border-hair">
  <div class="flex min-h-11 flex-wrap items-center gap-x-3">
    <button
      class="min-h-11 w-6 shrink-0 text-left {chosen ? 'font-[620]' : 'text-soft'}"
      aria-label="Area {index + 1} on the picture"
      aria-pressed={chosen}
      onclick={onchoose}>{index + 1}</button
    >
    <SlotText label="Area" bind:value={area.name} empty="which area" maxlength={60} />
    <SlotOnLeave
      label="How much"
      value={area.stops}
      onset={(text) => (area.stops = keptAmount(text, view.plan.baseSeconds))}
      empty="how much"
      maxlength={16}
      trouble={line.trouble}
      hint="In stops, per cent or seconds: +⅔, −15 %, +4 s."
    />
    <span class={line.trouble ? 'text-trouble' : 'text-soft'}>{line.trouble ?? line.does}</span>
    {#if chosen}
      <button
        class="ml-auto min-h-11 text-soft underline decoration-hair"
        onclick={() => print.leaveOut(index)}>leave out</button
      >
    {:else}
      <button
        class="ml-auto min-h-11 text-[15px] text-soft underline decoration-hair"
        aria-label="How: {how}"
        onclick={onchoose}>{how}</button
      >
    {/if}
  </div>
  {#if chosen}
    <p class="pl-9 text-[15px] leading-[2.3] text-soft">
      with
      <SlotChoice
        label="With what"
        bind:value={() => line.tool.id, (id) => (area.tool = id as typeof area.tool)}
        options={toolsFor(line.stops ?? 1).map(({ id, name, how }) => ({ id, name, more: how }))}
      />
      {#if burns}
        at
        <SlotChoice
          label="At what contrast"
          bind:value={
            () => line.setting?.id ?? '',
            (id) => {
              area.settingId = id;
            }
          }
          options={view.set.settings.map(({ id, name }) => ({
            id,
            name: `${view.set.noun} ${name}`,
          }))}
        />
        to keep
        <SlotChoice
          label="The tone that it takes"
          bind:value={() => tone.id as ToneId, (id) => (area.tone = id)}
          options={tones.map(({ id, name, use }) => ({ id, name, more: use }))}
        />, the lens
        <SlotText
          label="Wider by, stops"
          bind:value={() => area.wider ?? '', (text) => (area.wider = text)}
          empty="as it is"
          after=" wider"
          maxlength={8}
          hint="For a burn that would be too long: 1 opens it by a stop."
        />
      {/if}
      {#if area.shape}<br /><ShapeNumbers
          {area}
          softOfCard={(typedCm) => softOfCard(typedCm, draft, view)}
        />{/if}
      {#if view.plan.baseSeconds !== undefined && (line.stops ?? 0) !== 0}
        <br />A test piece over it:
        {#each pieceKinds.filter(({ id }) => burns || id === 'amounts') as { id, name } (id)}
          <button
            class="slot-in min-h-11"
            onclick={() => addPiece(id)}
            disabled={(draft.pieces?.length ?? 0) >= MOST_PIECES}>{name}</button
          >
        {/each}
      {/if}
    </p>
  {/if}
</li>
