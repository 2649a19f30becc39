<script lang="ts">
  import { watchNumbers } from '$lib/kit/watch-numbers.ts';
  import { goto } from '$app/navigation';
  import { clockFactor, readOffClock, takenOnClock } from '@katachron/core';
  import { onMount } from 'svelte';
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import Button from '$lib/kit/Button.svelte';
  import Field from '$lib/kit/Field.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { attempt } from '$lib/words/attempt.ts';
  import { clockTime, parseDuration } from '$lib/words/duration.ts';

  const ONE_TURN = 60;
  const TICK_MS = 50;
  /** Two presses of a key are together no surer than this, s; less than it is no error of the clock. */
  const HANDS = 0.6;
  /** A 60 Hz synchronous clock on 50 Hz mains. */
  const MAINS = 1.2;

  const desk = useDesk();
  const factor = $derived(desk.preferences.clockFactor ?? 1);
  let startedAtMs = $state<number>();
  let stoppedAtMs = $state<number>();
  let nowMs = $state(0);
  let typed = $state('9:00');
  const seconds = $derived(
    startedAtMs === undefined ? 0 : ((stoppedAtMs ?? nowMs) - startedAtMs) / 1000,
  );
  const measured = $derived(
    stoppedAtMs === undefined ? undefined : attempt(() => clockFactor(ONE_TURN, seconds)),
  );
  const right = $derived(Math.abs(seconds - ONE_TURN) <= HANDS);
  const time = $derived(attempt(() => parseDuration(typed)));
  const shown = (value: number) => String(Number(value.toFixed(3)));

  onMount(() => {
    const timer = setInterval(() => (nowMs = Date.now()), TICK_MS);
    return () => clearInterval(timer);
  });

  useKeys([
    { key: ' ', does: 'the hand passes the top', run: press, always: true },
    { key: 'Escape', does: 'back to the film', run: () => void goto('/film') },
  ]);

  function press(event?: KeyboardEvent) {
    if (event?.repeat) return;
    nowMs = Date.now();
    if (startedAtMs === undefined || stoppedAtMs !== undefined) {
      startedAtMs = nowMs;
      stoppedAtMs = undefined;
    } else stoppedAtMs = nowMs;
  }
</script>

<svelte:head><title>The clock on the wall · Katachron</title></svelte:head>

<FilmPages />
<h1 class="heading">The clock on the wall</h1>
<p class="reason mt-2 text-soft">
  A mains clock made for 60 Hz runs slow on 50 Hz: its minute lasts 72 seconds. Let its hand go
  round once, and press when it passes the top.
</p>
<div class="mt-5 grid grid-cols-1 gap-x-14 gap-y-8 lg:grid-cols-2">
  <section aria-label="Check over sixty seconds">
    <p
      class="numeral-narrow text-[clamp(120px,20vw,230px)]"
      role="timer"
      data-testid="real"
      {@attach watchNumbers}
    >
      {seconds.toFixed(1)}
    </p>
    <div class="mt-5">
      <Button main large keyHint="Space" answer={seconds.toFixed(1)} onclick={() => press()}>
        {startedAtMs === undefined
          ? 'At the top: start'
          : stoppedAtMs === undefined
            ? 'At the top again'
            : 'Once more'}
      </Button>
    </div>
    <div class="mt-4" aria-live="polite">
      {#if measured?.trouble}<p class="text-trouble">{measured.trouble}</p>{/if}
      {#if measured?.value !== undefined}
        <p class="reason">
          {right
            ? 'As good as a hand can tell, that clock is right.'
            : `Its minute lasts ${seconds.toFixed(1)} s: × ${shown(measured.value)}, surer than one per cent only over several turns.`}
        </p>
        <div class="mt-3">
          <Button onclick={() => desk.set({ clockFactor: right ? 1 : measured.value })}
            >Go by that</Button
          >
        </div>
      {/if}
    </div>
  </section>
  <section aria-label="The factor">
    <p class="text-soft">The clock counts</p>
    <p class="numeral text-[84px]" data-testid="factor">× {shown(factor)}</p>
    <p class="reason mt-3">
      {factor === 1
        ? 'It is taken to be right.'
        : 'Beside every development time stands what that clock shows.'}
    </p>
    <div class="mt-4 flex flex-wrap gap-3">
      {#if factor !== 1}
        <Button onclick={() => desk.set({ clockFactor: 1 })}>A right clock</Button>
      {/if}
      {#if factor !== MAINS}
        <Button onclick={() => desk.set({ clockFactor: MAINS })}>60 Hz on 50 Hz: × {MAINS}</Button>
      {/if}
    </div>
    <div class="mt-8 max-w-xs">
      <Field
        id="time"
        label="A time"
        hint="As 9:00."
        maxlength={12}
        bind:value={typed}
        trouble={time.trouble}
      />
    </div>
    {#if time.value !== undefined}
      <p class="mt-2" data-testid="converted">
        {clockTime(time.value)} in truth: that clock shows {clockTime(
          readOffClock(time.value, factor),
        )}. {clockTime(time.value)} on that clock: {clockTime(takenOnClock(time.value, factor))} in truth.
      </p>
    {/if}
  </section>
</div>
