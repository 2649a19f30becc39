<script lang="ts">
  import { useDesk } from '../../bench/desk/desk.svelte.ts';
  import { useWetSide } from '../../bench/clock/wet-side.svelte.ts';
  import { capital } from '../../words/capital.ts';
  import { enlargerSeconds } from '../../words/duration.ts';
  import type { FireInHand } from './fire-in-hand.svelte.ts';
  import { firingSentence, type FiringLine } from './firing-lines.ts';

  /** Longer than this it is said in smaller letters where there is little room. */
  const MUCH = 60;
  const { fire, line }: { fire: FireInHand; line: FiringLine } = $props();
  const desk = useDesk();
  const wetSide = useWetSide();
  const { clock } = $derived(fire);
  const before = $derived(fire.lines[fire.at - 1]);
  const next = $derived(fire.lines[fire.at + 1]);
  const held = $derived(clock.state === 'lit' ? fire.holding : []);
  const shown = $derived((seconds: number) => enlargerSeconds(seconds, fire.of.timerStep));
  const hands = $derived.by(() => {
    if (clock.state === 'counting') return 'Light in …';
    if (clock.state === 'lit') return line.hands;
    const { lacking } = fire;
    return firingSentence(
      lacking === undefined ? line : { ...line, dial: `the last ${shown(lacking)}` },
    );
  });
  const alerts = $derived(
    [
      fire.lit &&
        clock.state === 'ready' &&
        'The lamp is on to focus: no paper under it. O puts it out.',
      fire.lacking !== undefined &&
        `Stopped early. The rest is a firing of its own${fire.of.lagSeconds > 0 ? `, with the lamp’s lag of ${fire.of.lagSeconds} s once more` : ''}.`,
      fire.endedAway &&
        'The firing before this one ended while this page was away. If its lamp did not burn, go one back.',
      desk.preferences.soundOn
        ? wetSide.soundAsleep && 'No sound until you touch.'
        : 'Sound is off: the count is on the screen only.',
    ].filter((words) => typeof words === 'string'),
  );
</script>

<div class="flex flex-col gap-x-10 gap-y-4 md:flex-row md:items-center low:flex-row low:gap-x-6">
  <p
    class="numeral-narrow shrink-0 text-[clamp(96px,34vw,160px)] md:text-[min(26vw,50vh)] low:text-[min(24vw,44vh)] tiny:text-[96px]"
    role="timer"
    aria-label={clock.state === 'counting' ? 'Beats until the light' : 'Seconds of light'}
    aria-live="off"
    data-testid="clock"
  >
    {#if clock.state === 'counting'}{clock.beatsLeft}{:else if clock.state === 'lit'}{clock.secondsLeft.toFixed(
        1,
      )}{:else}{shown(fire.seconds)}{/if}
  </p>
  <div class="min-w-0">
    <!-- Who is held back, and for how long yet, is the one thing to see while the lamp burns. -->
    {#if held.length > 0}
      <ul class="holds mb-3" data-count={Math.min(held.length, 6)}>
        {#each held as { name, inSeconds, forSeconds }, index (index)}
          <li class="flex items-baseline gap-x-4" data-testid="holding">
            <span class="min-w-0 flex-1 break-words"
              >{inSeconds > 0 ? `${capital(name)} in` : `Hold back ${name}:`}</span
            >
            <b class="numeral order-first w-[2.2em] shrink-0"
              >{shown(inSeconds > 0 ? inSeconds : forSeconds)}</b
            >
          </li>
        {/each}
      </ul>
    {/if}
    <p
      class={[held.length > 0 ? 'sr-only' : 'run-hands', hands.length > MUCH && 'much']}
      role="status"
      data-testid="hands"
    >
      {hands}
    </p>
    <p class="mt-3 text-xl md:text-2xl low:mt-1 low:text-[17px]">
      {capital(line.filter)}{before && before.filter !== line.filter ? ': change it now' : ''}.
      {#if before && before.lens !== line.lens}<span class="text-caution"
          >{line.lens ? `${capital(line.lens)}: open it now` : 'Stop the lens down again'}.</span
        >{/if}
      {#if fire.by === 'screen'}<span data-testid="lamp"
          >{fire.lit ? 'Lamp on' : 'Lamp off'} (simulated lamp timer)</span
        >{:else if fire.by === 'own-timer'}Start your timer on the long beep.{:else}Long beep:
        light. Then a beat each second; two low beeps: dark.{/if}
    </p>
    {#if next}
      <p class="run-next text-soft">Then: {firingSentence(next)}.</p>
    {/if}
    {#each alerts as alert (alert)}
      <p class="mt-3 text-xl text-caution md:text-2xl" role="alert">{alert}</p>
    {/each}
  </div>
</div>
