<script lang="ts">
  import { onMount } from 'svelte';
  import { useDesk } from './desk.svelte.ts';
  import { keysInForce } from '../ui/keys/keys.svelte.ts';
  import { hold } from './hold.ts';

  /** Nothing short of this brings light back, s. */
  const DARK_HOLD = 2;
  /** The caution stays long enough to be read, then the screen goes black, s. */
  const READ_SECONDS = 6;

  /** Two taps of a finger within this are one, ms. */
  const TWICE_MS = 800;

  const desk = useDesk();
  const keys = keysInForce();
  const byEar = $derived(keys.all.some(({ key, always }) => key === ' ' && always));
  let tappedMs = 0;
  let phase = $state<'warning' | 'black' | 'asking'>('warning');
  let surface = $state<HTMLElement>();
  let firstAnswer = $state<HTMLElement>();

  onMount(() => {
    const timer = setTimeout(() => blacken(), READ_SECONDS * 1000);
    return () => clearTimeout(timer);
  });

  $effect(() => {
    if (phase === 'asking') firstAnswer?.focus();
    else surface?.focus();
  });

  /**
   * A whole run goes by ear: a tap of the space bar, or two of a finger, does what Space does on the page underneath. One
   * touch alone does nothing: the phone is laid face down with fingers on it.
   */
  function tapped(by: 'key' | 'pointer') {
    blacken();
    const nowMs = Date.now();
    const twice = nowMs - tappedMs < TWICE_MS;
    tappedMs = nowMs;
    if (by === 'pointer' && !twice) return;
    tappedMs = 0;
    keys.all.findLast(({ key, always }) => key === ' ' && always)?.run();
  }

  function blacken() {
    if (phase === 'warning') phase = 'black';
  }
</script>

<!-- Everything is covered; what is underneath goes on. -->
<div
  class="fixed inset-0 z-50 bg-[#000] text-ink"
  role="dialog"
  aria-modal="true"
  aria-label="Dark"
>
  {#if phase === 'asking'}
    <div class="flex h-full flex-col items-start justify-center gap-6 px-8 md:px-24">
      <p class="heading">Is the tank closed?</p>
      <div class="flex flex-wrap gap-3">
        <button
          bind:this={firstAnswer}
          class="min-h-14 rounded-xl border-2 border-hair px-6 font-[600]"
          onclick={() => (phase = 'black')}>No, stay dark</button
        >
        <button
          class="min-h-14 rounded-xl border-2 border-hair px-6 font-[600]"
          onclick={() => desk.setLight(desk.beforeDark)}
          >Closed, {desk.beforeDark === 'red' ? 'red' : 'white'} light</button
        >
      </div>
    </div>
  {:else}
    <!-- The whole surface is one hold: a finger anywhere, or the space bar. -->
    <div
      bind:this={surface}
      class="flex h-full items-center px-8 outline-none md:px-24"
      role="button"
      tabindex="0"
      aria-label="Dark. Hold for two seconds to be asked whether the tank is closed."
      {@attach hold(DARK_HOLD, () => (phase = 'asking'), tapped)}
    >
      {#if phase === 'warning'}
        <p class="reason text-soft">
          A dark screen still glows, and any light fogs film, red light too. Turn this screen away
          or lay it face down. It goes black now; the clocks and their sounds go on. Hold anywhere,
          or the space bar, for two seconds to come back.
          {#if byEar}
            A tap of the space bar, or two of a finger, says that the next bath is in; so many beeps
            as baths answer.
          {/if}
        </p>
      {/if}
    </div>
  {/if}
</div>
