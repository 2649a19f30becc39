<script lang="ts">
  import { onMount } from 'svelte';
  import { useDesk } from '../desk/desk.svelte.ts';
  import { keysInForce } from '../../kit/keys/keys.svelte.ts';
  import { hold, holding, type HeldBy } from './hold.ts';

  /** Nothing short of this brings light back, s. */
  const DARK_HOLD = 2;
  /** The caution stays long enough to be read, then the screen goes black, s. */
  const READ_SECONDS = 6;
  /** A question that nobody answers for so long was not meant, s. */
  const ANSWER_SECONDS = 20;
  /** Two taps of a finger within this are one, ms. */
  const TWICE_MS = 800;

  const desk = useDesk();
  const keys = keysInForce();
  const byEar = $derived(keys.all.some(({ key, always }) => key === ' ' && always));
  let tappedMs = 0;
  // The caution is for whoever just chose Dark; a page that comes up in it is black from its first paint.
  let phase = $state<'warning' | 'black' | 'asking'>(desk.darkChosen ? 'warning' : 'black');
  let box = $state<HTMLElement>();
  let firstAnswer = $state<HTMLElement>();

  $effect(() => {
    if (phase === 'black') return;
    if (phase === 'asking') firstAnswer?.focus();
    const seconds = phase === 'asking' ? ANSWER_SECONDS : READ_SECONDS;
    const timer = setTimeout(() => (phase = 'black'), seconds * 1000);
    return () => clearTimeout(timer);
  });

  /** The space bar is the hold wherever the focus is; while the question stands, keys answer it. Any other key is nothing. */
  onMount(() => {
    const held = holding(DARK_HOLD, ask, tapped);
    const answers = ({ target, key }: KeyboardEvent) =>
      phase === 'asking' &&
      ['Tab', 'Enter', ' '].includes(key) &&
      target instanceof Node &&
      box?.contains(target);
    const hear = (event: KeyboardEvent) => {
      if (answers(event)) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      if (phase === 'asking' && event.key === 'Escape') phase = 'black';
      if (event.key !== ' ' || phase === 'asking') return;
      if (event.type === 'keyup') held.release('key');
      else if (!event.repeat) held.begin();
    };
    keys.silenced = true;
    addEventListener('keydown', hear, true);
    addEventListener('keyup', hear, true);
    // A key that is let go elsewhere is not seen to be down any more.
    addEventListener('blur', held.end);
    return () => {
      held.end();
      removeEventListener('blur', held.end);
      keys.silenced = false;
      removeEventListener('keydown', hear, true);
      removeEventListener('keyup', hear, true);
    };
  });

  function ask() {
    phase = 'asking';
  }

  /**
   * A whole run goes by ear: a tap of the space bar, or two of a finger, does what Space does on the page underneath. One
   * touch alone does nothing: the phone is laid face down with fingers on it.
   */
  function tapped(by: HeldBy) {
    if (phase === 'warning') phase = 'black';
    const nowMs = Date.now();
    const twice = nowMs - tappedMs < TWICE_MS;
    tappedMs = nowMs;
    if (by === 'pointer' && !twice) return;
    tappedMs = 0;
    if (!keys.mayPress()) return;
    keys.all.findLast(({ key, always }) => key === ' ' && always)?.run();
  }
</script>

<!-- Everything is covered; what is underneath goes on. -->
<div
  bind:this={box}
  class="fixed inset-0 z-50 bg-[#000] text-ink"
  role="dialog"
  aria-modal="true"
  aria-label="Dark"
  data-dark
>
  {#if phase === 'asking'}
    <!-- The eyes are used to the dark: large letters as dim as a screen can make them. -->
    <div class="barely-lit flex h-full flex-col items-start justify-center gap-8 px-8 md:px-24">
      <p class="text-[44px] font-[600] leading-tight">Is the tank closed?</p>
      <div class="flex flex-wrap gap-3">
        <button
          bind:this={firstAnswer}
          class="min-h-20 rounded-xl border-2 px-6 text-[26px] font-[600]"
          onclick={() => (phase = 'black')}>No, stay dark</button
        >
        <button
          class="min-h-20 rounded-xl border-2 px-6 text-[26px] font-[600]"
          onclick={() => desk.setLight(desk.beforeDark)}
          >Closed, {desk.beforeDark === 'red' ? 'red' : 'white'} light</button
        >
      </div>
    </div>
  {:else}
    <!-- The whole surface is one hold: a finger anywhere, or the space bar. -->
    <div
      class="flex h-full items-center px-8 outline-none md:px-24"
      role="button"
      tabindex="-1"
      aria-label="Dark. Hold for two seconds to be asked whether the tank is closed."
      {@attach hold(DARK_HOLD, ask, tapped)}
    >
      {#if phase === 'warning'}
        <p class="reason text-soft">
          A dark screen still glows, and any light fogs film, red light too. Turn this screen away
          or lay it face down. It goes black now; the clocks and their sounds go on. Hold anywhere,
          <span class="pointer-coarse:hidden">or the space bar,</span> for two seconds to come back.
          {#if byEar}
            <span class="pointer-coarse:hidden"
              >A tap of the space bar, or two of a finger, says</span
            ><span class="hidden pointer-coarse:inline">Two taps of a finger say</span> that the next
            bath is in; so many beeps as baths answer.
          {/if}
        </p>
      {/if}
    </div>
  {/if}
</div>
