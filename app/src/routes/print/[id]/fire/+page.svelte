<script lang="ts">
  import { capital } from '$lib/words/capital.ts';
  import { goto } from '$app/navigation';
  import { beforeFiring, lampSwitches, restOfFiring, sheetPlan } from '@katachron/core';
  import same from 'fast-deep-equal';
  import { onMount, untrack } from 'svelte';
  import { useWetSide } from '$lib/bench/clock/wet-side.svelte.ts';
  import { SimulatedLampTimer } from '$lib/bench/devices/simulated-lamp-timer.ts';
  import { keepAwake } from '$lib/bench/light/keep-awake.ts';
  import LightSwitch from '$lib/bench/light/LightSwitch.svelte';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import { FiringClock } from '$lib/stages/print/firing.svelte.ts';
  import { firingLines, firingSentence } from '$lib/stages/print/firing-lines.ts';
  import { usePrint } from '$lib/stages/print/print-in-hand.svelte.ts';
  import type { Firing } from '$lib/nouns/in-hand/draft.ts';
  import Sink from '$lib/bench/sink/Sink.svelte';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import { enlargerSeconds } from '$lib/words/duration.ts';

  const { data } = $props();
  const desk = useDesk();
  const wetSide = useWetSide();
  const print = usePrint();
  const { draft } = print;
  const view = $derived(print.view());
  const lines = $derived(firingLines(draft, view, data.what));
  const by = $derived(draft.lampBy ?? 'screen');
  const names = $derived({
    strip: `strip ${draft.earlier.length + 1}`,
    print: 'print',
    'pair-1': 'first strip',
    'pair-2': 'second strip',
  });
  const name = $derived(names[data.what]);
  const back = $derived(data.what.startsWith('pair') ? `${print.path}/split` : print.path);

  let looked = $state(false);
  let lit = $state(false);
  let laidIn = $state(false);
  /** The server did not answer when the strip was laid in. */
  let away = $state(false);
  /** A firing ended while this page was not there. */
  let endedAway = $state(false);
  const timer = new SimulatedLampTimer((on) => (lit = on));
  const clock = new FiringClock(wetSide, timer);
  const dials = $derived(lines.map(({ dialSeconds }) => dialSeconds));
  /** What this paper has got so far; another list of firings is another paper. */
  const firing = $derived<Firing>(
    draft.firing?.what === data.what && same(draft.firing.dialSeconds, dials)
      ? draft.firing
      : { what: data.what, dialSeconds: dials, at: 0, given: [] },
  );
  const at = $derived(firing.at);
  const lacking = $derived(firing.lacking);
  const line = $derived(lines[at]);
  const done = $derived(at >= lines.length && lines.length > 0);
  const begun = $derived(firing.given.length > 0 || firing.litAtMs !== undefined);
  const seconds = $derived(lacking ?? line?.dialSeconds ?? 0);
  const filterChanges = $derived(at === 0 || lines[at - 1]?.filter !== line?.filter);
  const silent = $derived(!desk.preferences.soundOn || wetSide.soundAsleep);

  /** Light that the paper got, as it is written down. */
  const lightOf = (givenSeconds: number) => ({
    hands: line!.hands,
    filter: line!.filter,
    seconds: givenSeconds,
  });

  /** The firing that was given makes way for the next one. */
  function given() {
    if (!line) return;
    const { lacking: _lacking, litAtMs: _lit, ...so } = firing;
    const next = { ...so, at: at + 1, given: [...so.given, lightOf(seconds)] };
    draft.firing = next;
    // Only now was the sheet exposed: what is written down is what was fired.
    if (data.what === 'print' && next.at >= lines.length) print.sheetGiven(next.given, by);
  }
  $effect(() => {
    if (clock.state !== 'given') return;
    clock.reset();
    untrack(given);
  });
  onMount(() => {
    const sleep = keepAwake();
    rejoin();
    return () => {
      clock.stop();
      timer.focus(false);
      sleep();
    };
  });

  /** After a reload, or a tab that was frozen: the lamp went on meanwhile, and so does its clock, or it is over. */
  function rejoin() {
    if (begun) looked = true;
    const { litAtMs } = firing;
    if (litAtMs === undefined || !line) return;
    if (Date.now() < litAtMs + seconds * 1000) clock.rejoin(litAtMs, seconds, by);
    else {
      endedAway = true;
      given();
    }
  }

  useKeys([
    {
      key: ' ',
      does: 'the big button: looked over, fire, strip into the developer',
      run: bigButton,
      always: true,
    },
    { key: 'x', does: 'lamp out', run: lampOut },
    { key: 'z', does: 'the firing before once more', run: backOne },
    { key: 'n', does: 'go on to the next firing without this one', run: skip },
    { key: 'o', does: 'lamp on to focus, and off', run: focus },
    { key: 'd', does: 'another sheet of paper: from the first firing', run: anew },
    { key: 'Escape', does: 'back to the print', run: leave },
  ]);

  function bigButton() {
    if (lines.length === 0) leave();
    else if (!looked) looked = true;
    else if (done) intoDeveloper();
    else if (line && clock.state === 'ready') {
      timer.focus(false);
      endedAway = false;
      draft.firing = { ...firing, litAtMs: clock.begin(seconds, by) };
    }
  }

  function lampOut() {
    if (clock.state !== 'counting' && clock.state !== 'lit') return;
    const litSeconds = clock.stop();
    const rest = restOfFiring(seconds, litSeconds, view.lagSeconds);
    const { litAtMs: _lit, ...so } = firing;
    const light = litSeconds > 0 ? [...so.given, lightOf(Number(litSeconds.toFixed(2)))] : so.given;
    draft.firing = { ...so, given: light, lacking: rest };
  }

  function backOne() {
    if (clock.state !== 'ready' || at === 0) return;
    const { lacking: _lacking, ...so } = firing;
    draft.firing = { ...so, at: at - 1 };
    endedAway = false;
  }

  function skip() {
    if (clock.state !== 'ready' || !looked || done) return;
    const { lacking: _lacking, ...so } = firing;
    draft.firing = { ...so, at: at + 1 };
  }

  function focus() {
    if (clock.state === 'ready') timer.focus(!lit);
  }

  function anew() {
    if (clock.state !== 'ready') return;
    delete draft.firing;
    looked = laidIn = endedAway = false;
  }

  function intoDeveloper() {
    const kind = data.what === 'print' ? 'print' : 'strip';
    if (!laidIn) wetSide.layIn(name, sheetPlan(kind, view.on.kept?.base));
    laidIn = true;
    void leaveWhenThere();
  }

  /** A clock in the tray would fall silent with the page, so without a server nobody is sent away from here. */
  async function leaveWhenThere() {
    away = !(await fetch('/api/health').then(
      ({ ok }) => ok,
      () => false,
    ));
    if (away) return;
    // What comes under the lamp next is other paper.
    delete draft.firing;
    await goto(back);
  }

  function leave() {
    lampOut();
    void goto(back);
  }
</script>

<svelte:head><title>Firing the {name} · Katachron</title></svelte:head>

<main
  class="flex min-h-dvh flex-col gap-y-4 px-[18px] pb-3 pt-4 md:px-10 md:py-6"
  aria-label="Firing the {name}"
>
  <header class="flex flex-wrap items-center justify-between gap-x-6">
    <h1 class="text-[32px] font-[600] leading-none md:text-[40px]">
      {capital(name)}
    </h1>
    <p class="text-2xl text-soft" data-testid="count">
      {#if lines.length > 0}{Math.min(at + 1, lines.length)} of {lines.length}{/if}
    </p>
    <LightSwitch />
  </header>

  <div class="flex flex-1 flex-col justify-center">
    {#if lines.length === 0}
      <p class="text-[34px] font-[600]">
        {data.what === 'print'
          ? 'There is no time for a print yet: read a strip first.'
          : 'There is nothing to fire yet: put the strip right first.'}
      </p>
    {:else if !looked}
      <h2 class="text-[40px] font-[600] leading-tight md:text-[60px]">Before the light</h2>
      <ul
        class="mt-4 grid grid-cols-1 gap-x-12 text-[26px] leading-relaxed md:grid-cols-2 md:text-[34px]"
      >
        {#each beforeFiring as { id, name: thing } (id)}
          <li>
            {#if id === 'filter'}{capital(line?.filter ?? 'filter')} in{:else}{thing}{/if}
          </li>
        {/each}
        {#if lit}<li class="text-caution">The lamp is on to focus: no paper under it</li>{/if}
        {#if desk.light === 'white'}
          <li class="text-caution">This screen is white: R turns it red</li>
        {/if}
      </ul>
    {:else if done}
      <p class="text-[44px] font-[600] leading-[1.05] md:text-[72px]" data-testid="hands">
        {laidIn ? 'In the developer.' : 'All given. Into the developer.'}
      </p>
      {#if away}
        <p class="mt-3 text-xl text-caution md:text-2xl" role="alert">
          The server does not answer. The clock below goes on here; Space tries again.
        </p>
      {/if}
      <p class="mt-3 text-xl text-soft md:text-2xl">
        Slide it in in one go, face down, then turn it over; dry your hands before the box is opened
        again.
      </p>
    {:else if line}
      <div class="flex flex-col gap-x-10 gap-y-4 md:flex-row md:items-center">
        <p
          class="numeral-narrow shrink-0 text-[clamp(130px,44vw,200px)] md:text-[min(28vw,54vh)]"
          role="timer"
          aria-live="off"
          data-testid="clock"
        >
          {#if clock.state === 'counting'}{clock.beatsLeft}{:else if clock.state === 'lit'}{clock.secondsLeft.toFixed(
              1,
            )}{:else}{enlargerSeconds(seconds, view.timerStep)}{/if}
        </p>
        <div class="min-w-0">
          <p
            class="text-balance text-[38px] font-[600] leading-[1.05] md:text-[clamp(44px,5vw,72px)]"
            data-testid="hands"
          >
            {clock.state === 'counting'
              ? 'Light in …'
              : clock.state === 'lit'
                ? line.hands
                : firingSentence(
                    lacking === undefined
                      ? line
                      : { ...line, dial: `the last ${enlargerSeconds(lacking, view.timerStep)}` },
                  )}
          </p>
          <p class="mt-3 text-xl text-soft md:text-2xl">
            {capital(line.filter)}{filterChanges && at > 0 ? ': change it now' : ''}.
            {#if by === 'screen'}<span data-testid="lamp"
                >{lit ? 'Lamp on' : 'Lamp off'} (simulated lamp timer)</span
              >{:else if by === 'own-timer'}Start your timer on the long beep.{:else}Long beep:
              light. Then a beat each second; two low beeps: dark.{/if}
          </p>
          {#if lines[at + 1]}
            <p class="mt-3 text-xl text-soft md:text-2xl">
              Then: {firingSentence(lines[at + 1]!)}.
            </p>
          {/if}
          {#if lit && clock.state === 'ready'}
            <p class="mt-3 text-xl text-caution md:text-2xl" role="alert">
              The lamp is on to focus: no paper under it. O puts it out.
            </p>
          {/if}
          {#if lacking !== undefined}
            <p class="mt-3 text-xl text-caution md:text-2xl" role="alert">
              Stopped early. The rest is a firing of its own{view.lagSeconds > 0
                ? `, with the lamp’s lag of ${view.lagSeconds} s once more`
                : ''}.
            </p>
          {/if}
          {#if endedAway}
            <p class="mt-3 text-xl text-caution md:text-2xl" role="alert">
              The firing before this one ended while this page was away. If its lamp did not burn,
              go one back.
            </p>
          {/if}
          {#if silent}
            <p class="mt-3 text-xl text-caution md:text-2xl" role="alert">
              {desk.preferences.soundOn
                ? 'No sound until you touch.'
                : 'Sound is off: the count is on the screen only.'}
            </p>
          {/if}
        </div>
      </div>
    {/if}
  </div>

  <div class="flex flex-wrap items-center gap-3 md:gap-4">
    <div class="max-md:grid max-md:w-full">
      <Button main large keyHint="Space" onclick={bigButton}>
        {#if lines.length === 0}Back to the print{:else if !looked}All looked over{:else if done}Into
          the developer{:else if clock.state === 'ready'}Fire{:else}Firing{/if}
      </Button>
    </div>
    {#if clock.state === 'counting' || clock.state === 'lit'}
      <Button large keyHint="X" onclick={lampOut}>Lamp out</Button>
    {:else}
      {#if looked && at > 0}<Button touch keyHint="Z" onclick={backOne}>One back</Button>{/if}
      {#if looked && !done}<Button touch keyHint="N" onclick={skip}>Skip it</Button>{/if}
      {#if begun}<Button touch keyHint="D" onclick={anew}>Other paper</Button>{/if}
      {#if by === 'screen'}<Button touch keyHint="O" onclick={focus}
          >{lit ? 'Focus lamp off' : 'Focus lamp'}</Button
        >{/if}
      <Button touch keyHint="Esc" onclick={leave}>Cancel</Button>
      <p class="text-soft">
        The lamp is switched by
        <SlotChoice
          label="What switches the lamp"
          bind:value={() => by, (id) => (draft.lampBy = id)}
          options={lampSwitches}
        />
      </p>
    {/if}
  </div>
  <p class="text-[15px] text-soft">
    Mains and wet hands do not go together: dry them before you touch a lamp, a timer or a plug.
  </p>
</main>
{#if laidIn}<Sink kind="print" recorded={null} quiet={false} />{/if}
