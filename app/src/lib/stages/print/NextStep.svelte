<script lang="ts">
  import Said from '../../kit/Said.svelte';
  import Button from '../../kit/Button.svelte';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import { ownFiringsWords } from './own-firings.ts';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  const { print, onforget }: { print: PrintInHand; onforget: () => void } = $props();
  const { draft } = $derived(print);
  const view = $derived(print.view());
  const { reading } = $derived(print);
  // Where what was read is enough without a strip, the one on the page may be fired all the same.
  const strip = $derived(
    reading?.made
      ? { words: 'One more strip', key: '', act: () => print.nextStrip() }
      : { words: 'A strip first, all the same', key: 'F', act: () => print.fire('strip') },
  );
  const lookWords = $derived(print.fresh.open ? 'Keep this look' : 'Look at it once more');
  const choices = $derived([
    { id: 'fire-print', words: 'Fire the print', key: 'G', act: () => print.fire('print') },
    ...(view.lookAgain
      ? [{ id: 'look-again', words: lookWords, key: '', act: () => print.lookAgain() } as const]
      : []),
    { id: 'next-strip', ...strip },
    { id: 'done', words: 'Done: to its record', key: 'P', act: () => void print.keepPrint() },
  ] as const);
</script>

<div class="space-y-1.5">
  {#if view.reasons.length > 0 && !print.fresh.isNow}<p class="reason">
      <Said words={view.reasons.join(' ')} />
    </p>{/if}
  {#if view.refusal}<p class="reason text-trouble" role="alert">{view.refusal}</p>{/if}
  {#if view.fault}<p class="reason font-[560]">{view.fault}</p>{/if}
  {#if view.contradiction}
    <p class="reason text-caution" role="alert"><Said words={view.contradiction} /></p>
  {/if}
  {#if view.otherBox}
    <p class="reason text-caution" role="alert">
      <Said words={view.otherBox} />
      <button class="slot-in min-h-9" onclick={onforget}>Forget what they taught</button>
    </p>
  {/if}
  {#if view.advice}<p class="reason"><Said words={view.advice} /></p>{/if}
</div>
{#if print.problem}<p class="mt-3 text-trouble" role="alert">{print.problem}</p>{/if}
{#if reading}
  {#snippet button({ id, words, key, act }: (typeof choices)[number])}
    {@const main = print.next === id}
    {@const said = id === 'done' && !main ? 'It was fired elsewhere: write it down' : words}
    <Button
      {main}
      keyHint={main ? 'Space' : key}
      answer="{view.dial} s, {reading?.setting.name}"
      onclick={act}
      disabled={print.keeping}>{said}</Button
    >
  {/snippet}
  <div class="in-sight-desk mt-2 flex gap-4">
    {#each choices.filter(({ id }) => print.next === id) as choice (choice.id)}
      {@render button(choice)}
    {/each}
  </div>
  <div class="mt-1 flex flex-wrap gap-3">
    {#each choices.filter(({ id }) => print.next !== id) as choice (choice.id)}
      {@render button(choice)}
    {/each}
  </div>
  <p class="mt-2 text-[15px] text-soft">
    The print is given
    <SlotChoice
      label="How the print is fired"
      bind:value={
        () => (draft.asFired ? 'as-fired' : 'at-once'), (id) => (draft.asFired = id === 'as-fired')
      }
      options={[
        { id: 'at-once', name: 'in one firing', more: 'the lamp’s lag is added to it' },
        {
          id: 'as-fired',
          name: 'in the strip’s own firings',
          more: 'the lamp glows up as often as it did on a cover-up strip; nothing to correct',
        },
      ]}
    />.
    {ownFiringsWords(draft, view) ?? ''}
  </p>
{/if}
