<script lang="ts">
  import { stripKinds } from '@katachron/core';
  import { useDesk } from '../../bench/desk/desk.svelte.ts';
  import Button from '../../kit/Button.svelte';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import SlotText from '../../kit/SlotText.svelte';
  import type { PairDraft } from '../../nouns/in-hand/draft.ts';
  import type { PrintInHand } from './print-in-hand.svelte.ts';
  import type { PairView } from './split-strips-view.ts';
  import StopRuler from './StopRuler.svelte';

  interface Props {
    print: PrintInHand;
    strip: PairView['strips'][number];
    typed: PairDraft['strips'][number];
    index: number;
    /** It is this one's turn: the big button fires it. */
    turn: boolean;
    onfire: () => void;
  }
  const { print, strip, typed, index, turn, onfire }: Props = $props();
  const desk = useDesk();
  const bench = $derived(print.view());
  const half = $derived(index === 0 ? 'pair-1' : 'pair-2');
  const canTakeBack = $derived(print.picks.at(-1)?.half === half);
</script>

<section aria-label={strip.heading}>
  <h2 class="font-[620]">{strip.heading}</h2>
  <p class="reason">{strip.hands}</p>
  <p class="text-soft">
    <SlotText
      label="Patches of strip {index + 1}"
      bind:value={typed.patches}
      empty="how many"
      after=" patches"
      numeric
      maxlength={2}
    />
    from
    <SlotText
      label="First exposure of strip {index + 1}, s"
      bind:value={typed.first}
      empty="how long"
      after=" s"
      numeric
      maxlength={6}
    />
    in
    <SlotChoice
      label="Kind of strip {index + 1}"
      bind:value={
        () => strip.kind.id,
        (id) => {
          const to = stripKinds.find((other) => other.id === id)!;
          typed.kind = id;
          typed.step = to.step === 'stops' ? '½' : String(to.usualStep);
        }
      }
      options={stripKinds}
    />{#if strip.kind.step !== 'fixed'},
      <SlotText
        label="Step of strip {index + 1}, {strip.kind.step === 'stops' ? 'stops' : 's'}"
        bind:value={typed.step}
        empty="step"
        after={strip.kind.step === 'stops' ? ' stop' : ' s'}
        maxlength={6}
      />{/if}
  </p>
  {#if strip.trouble}<p class="text-trouble" role="alert">{strip.trouble}</p>{/if}
  {#if strip.waits}
    <p class="mt-2 text-soft">{strip.waits}</p>
  {:else}
    <p class="mt-1 text-[15px] text-soft">{strip.firings}</p>
    <div class="mt-2 flex flex-wrap items-center gap-3">
      {#if !turn}<Button onclick={onfire}>Fire this strip</Button>{/if}
      {#if canTakeBack}
        <button class="slot-in min-h-11" onclick={() => print.unpick()}
          >Take the last pick back</button
        >
      {/if}
    </div>
    {#if strip.ruler}
      <div class="mt-3 md:mx-16">
        <StopRuler
          ruler={strip.ruler}
          view={{
            timerStep: bench.timerStep,
            set: bench.set,
            ...(strip.pick && { [strip.place]: strip.pick }),
          }}
          at="strip {index + 1}"
          along={strip.place}
          light={desk.light}
          onpick={(where, position) => print.pick(where, position, half)}
        />
      </div>
    {/if}
    <p class="mt-1 text-[15px] text-soft">{strip.question}</p>
  {/if}
</section>
