<script lang="ts">
  import { tick } from 'svelte';
  import Button from '../../kit/Button.svelte';
  import { MOST_LOOKS_AGAIN } from '../../nouns/strip/limits.ts';
  import FreshRuler from './FreshRuler.svelte';
  import { isPicked } from './look-again.ts';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  const { print }: { print: PrintInHand } = $props();
  const view = $derived(print.view());
  const { fresh } = $derived(print);
  const { strips, open, keptStrip } = $derived(fresh);

  let list = $state<HTMLElement>();
  let section = $state<HTMLElement>();
  // Opened by the big button it may lie below what is in sight.
  $effect(() => section?.scrollIntoView({ block: 'nearest' }));
  /** What is pressed goes away with its ruler: the focus stays with the strip. */
  async function focusOn(index: number) {
    await tick();
    list?.querySelector<HTMLElement>(`[data-strip="${index}"]`)?.focus();
  }

  function leave(index: number) {
    fresh.look(undefined);
    void focusOn(index);
  }

  function keep(index: number) {
    fresh.keep();
    void focusOn(index);
  }

  function takeBack(index: number) {
    fresh.takeBack();
    void focusOn(index);
  }
</script>

{#if strips.length > 0}
  <p bind:this={list} class="mt-2 flex flex-wrap items-center gap-x-4 text-[15px] text-soft">
    Look once more at
    {#each strips as { index, name, looks } (index)}
      <button
        class="slot-in min-h-11"
        data-strip={index}
        aria-expanded={open?.index === index}
        onclick={() => fresh.look(open?.index === index ? undefined : index)}
        >{name}{looks > 1 ? `, ${looks} looks` : ''}</button
      >
    {/each}
  </p>
{/if}
{#if open}
  {@const { index, name, looks } = open}
  <section bind:this={section} aria-label="A fresh look at {name}" class="mt-1">
    <p class="reason">
      What was picked on it is out of sight: look as if it were new. Both looks count, and how far
      they lie apart tells how finely you see.{looks > MOST_LOOKS_AGAIN
        ? ' The oldest look but the first is let go.'
        : ''}
    </p>
    <FreshRuler strip={open} set={view.set} timerStep={view.timerStep} bind:picks={fresh.picks} />
    <div class="mt-2 flex flex-wrap items-center gap-3">
      <Button disabled={!isPicked(fresh.picks)} onclick={() => keep(index)}>Keep this look</Button>
      <button class="slot-in min-h-11" onclick={() => leave(index)}>Leave it</button>
    </div>
  </section>
{/if}
{#if keptStrip}
  <p class="text-[15px]" role="status">
    All looks at {keptStrip.name} count now.
    <button class="slot-in min-h-11" onclick={() => takeBack(keptStrip.index)}
      >Take this one back</button
    >
  </p>
{/if}
