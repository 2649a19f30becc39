<script lang="ts">
  import { onMount } from 'svelte';
  import { useWetSide } from '../../bench/clock/wet-side.svelte.ts';

  interface Props {
    /** They were stopped: so many were heard. */
    onstopped: (count: number) => void;
  }
  const { onstopped }: Props = $props();
  const wetSide = useWetSide();
  const BEEP = [{ startSeconds: 0, lengthSeconds: 0.06, frequencyHz: 988 }];
  /** The first comes a little later, so that a hand is ready for it, ms. */
  const READY_MS = 2000;
  /** Ten minutes: longer no timer is counted. */
  const MOST = 600;
  const TICK_MS = 100;
  let startMs = $state<number>();
  let nowMs = $state(0);
  let silence: () => void = () => undefined;
  /** Seconds since the first beep; below zero while it is still to come. */
  const over = $derived(startMs === undefined ? -1 : Math.floor((nowMs - startMs) / 1000));

  onMount(() => {
    const timer = setInterval(() => (nowMs = Date.now()), TICK_MS);
    return () => {
      clearInterval(timer);
      silence();
    };
  });

  function begin() {
    const first = Date.now() + READY_MS;
    startMs = first;
    nowMs = Date.now();
    silence = wetSide.play(
      Array.from({ length: MOST }, (_, beep) => ({ atMs: first + beep * 1000, beeps: BEEP })),
    );
  }

  function stop() {
    silence();
    nowMs = Date.now();
    if (over > 0) onstopped(over);
    startMs = undefined;
  }
</script>

<p class="mt-4 flex flex-wrap items-baseline gap-x-5">
  <button
    type="button"
    class="slot-in min-h-11 font-[600]"
    onclick={() => (startMs === undefined ? begin() : stop())}
    >{startMs === undefined ? 'Beep once a second' : 'It ends: stop the beeps'}</button
  >
  {#if startMs !== undefined}
    <span class="numeral text-[52px]" role="timer" data-testid="beeps"
      >{over < 0 ? 'ready' : over}</span
    >
  {/if}
</p>
