<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { lampSwitches } from '@katachron/core';
  import { onMount } from 'svelte';
  import { useWetSide } from '$lib/bench/clock/wet-side.svelte.ts';
  import { useBurning } from '$lib/bench/light/burning.svelte.ts';
  import { keepAwake } from '$lib/bench/light/keep-awake.ts';
  import LightSwitch from '$lib/bench/light/LightSwitch.svelte';
  import Sink from '$lib/bench/sink/Sink.svelte';
  import Button from '$lib/kit/Button.svelte';
  import { answers } from '$lib/kit/client.ts';
  import { settleOn, useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import BeforeLight from './BeforeLight.svelte';
  import { FireInHand } from './fire-in-hand.svelte.ts';
  import type { AfterFiring, Fireable } from './fireable.ts';
  import FiringNow from './FiringNow.svelte';
  import { capital } from '$lib/words/capital.ts';

  const { of }: { of: Fireable } = $props();
  // What is fired does not change while the page is open.
  // svelte-ignore state_referenced_locally
  const fire = new FireInHand(of, useWetSide(), useBurning());
  const { clock } = fire;
  const running = $derived(clock.state === 'counting' || clock.state === 'lit');
  const doneWords = $derived.by(() => {
    if (fire.laidIn && !of.then) return 'In the developer.';
    if (fire.anotherCopy) {
      return `All given. ${fire.mark} into the dark, the next sheet under the lamp.`;
    }
    if (fire.nothingGiven && !fire.mark) return 'Nothing was given: every firing was left out.';
    if (of.then) return of.then.words;
    return fire.copy && fire.mark
      ? `${fire.mark} into the developer.`
      : 'All given. Into the developer.';
  });
  /** The server did not answer when the paper was laid in. */
  let away = $state(false);
  /** On the way to another page: nothing here is meant by a press any more. */
  let leaving = false;
  // The lamp is lit by no press that was meant for what stood there before.
  settleOn(() => [fire.looked, fire.at, fire.anotherCopy, fire.laidIn, running].join());

  $effect(() => fire.follow());
  onMount(() => {
    const sleep = keepAwake();
    fire.rejoin();
    return () => {
      fire.left();
      sleep();
    };
  });

  useKeys([
    {
      key: ' ',
      does: 'the big button: looked over, fire, strip into the developer',
      run: bigButton,
      always: true,
    },
    { key: 'x', does: 'lamp out', run: () => fire.lampOut() },
    { key: 'z', does: 'the firing before once more', run: () => fire.backOne() },
    { key: 'n', does: 'go on to the next firing without this one', run: () => fire.skip() },
    { key: 'o', does: 'lamp on to focus, and off', run: () => fire.focus() },
    { key: 'd', does: 'another sheet of paper: from the first firing', run: () => fire.anew() },
    { key: 'Escape', does: 'back to the print', run: leave },
  ]);

  function bigButton() {
    if (leaving) return;
    if (fire.lines.length === 0) leave();
    else if (!fire.looked) {
      fire.looked = true;
      fire.announce();
    } else if (fire.anotherCopy) fire.nextCopy();
    else if (fire.done && of.then) void goOn(of.then);
    else if (fire.done) void intoDeveloper();
    else fire.fire();
  }

  async function intoDeveloper() {
    fire.intoDeveloper();
    if (fire.laidIn) await takenAway(of.back);
  }

  /** Where it goes somewhere else than into the developer. */
  async function goOn({ begin, to }: AfterFiring) {
    begin?.();
    fire.laidIn = true;
    await takenAway(to);
  }

  /** A clock in the tray would fall silent with the page, so without a server nobody is sent away from here. */
  const takenAway = (to: string) =>
    onTheWay(async () => {
      away = !(await answers());
      if (away) return;
      fire.takenAway();
      await goto(to);
    });

  /** What another timer switches burns on: every other page says so. */
  function leave() {
    if (fire.by === 'screen') fire.lampOut();
    void onTheWay(() => goto(of.back));
  }

  async function onTheWay(way: () => Promise<void>) {
    leaving = true;
    try {
      await way();
    } finally {
      leaving = false;
    }
  }
</script>

<svelte:head><title>Firing the {fire.name} · Katachron</title></svelte:head>

<!-- All of the window: what is said above it, and the sink below, take their room from it. -->
<div class="flex h-dvh min-h-0 flex-col">
  <main
    class="whole flex min-h-[320px] flex-1 flex-col gap-y-4 px-[18px] pb-3 pt-4 md:px-10 md:py-6 low:gap-y-1 low:px-4 low:py-1.5 tiny:gap-y-2 tiny:px-3 tiny:py-2"
    aria-label="Firing the {fire.name}"
  >
    <header class="flex flex-wrap items-center justify-between gap-x-6">
      <h1
        class="text-[32px] font-[600] leading-none md:text-[40px] low:text-[24px] tiny:text-[24px]"
      >
        {capital(fire.name)}
      </h1>
      <p class="text-2xl text-soft low:text-[17px] tiny:text-[17px]" data-testid="count">
        {fire.copy
          ? `Sheet ${fire.copy.number} of ${fire.copy.of}, `
          : ''}{#if fire.lines.length > 0}{Math.min(fire.at + 1, fire.lines.length)} of {fire.lines
            .length}{/if}
      </p>
      <LightSwitch large darkKey="b" />
    </header>

    <!-- Long words scroll; the button stays where it is. -->
    <div class="flex min-h-0 flex-1 flex-col overflow-y-auto before:m-auto after:m-auto">
      {#if fire.lines.length === 0}
        <p class="text-[34px] font-[600]">
          {of.nothing}
        </p>
      {:else if !fire.looked}
        <BeforeLight {fire} dark={of.dark ?? false} />
      {:else if fire.done}
        <p class="run-hands" role="status" data-testid="hands">
          {doneWords}
        </p>
        {#each of.bathCautions as caution, index (index)}
          <p class="mt-3 text-xl text-caution md:text-2xl">{caution}</p>
        {/each}
        {#if away}
          <p class="mt-3 text-xl text-caution md:text-2xl" role="alert">
            The server does not answer. The clock below goes on here; the big button tries again.
          </p>
        {/if}
        {#if !of.then}<p class="mt-3 text-xl text-soft md:text-2xl">
            Slide it in in one go, face down, then turn it over; dry your hands before the box is
            opened again.
          </p>{/if}
      {:else if fire.line}
        <FiringNow {fire} line={fire.line} />
      {/if}
    </div>

    <!-- In a small window the rest of them stands in one line, which moves sideways. -->
    <div class="fire-controls">
      <div class="grid">
        <Button main large keyHint="Space" onclick={bigButton}>
          {#if fire.lines.length === 0}Back{:else if !fire.looked}All looked over{:else if fire.anotherCopy}Next
            sheet{:else if fire.done}{of.then?.button ??
              'Into the developer'}{:else if running}Firing{:else}Fire{/if}
        </Button>
      </div>
      {#if running}
        <Button large keyHint="X" onclick={() => fire.lampOut()}>Lamp out</Button>
      {:else}<div class="fire-more">
          {#if fire.looked && fire.at > 0}
            <Button touch keyHint="Z" onclick={() => fire.backOne()}>One back</Button>
          {/if}
          {#if fire.looked && !fire.done}
            <Button touch keyHint="N" onclick={() => fire.skip()}>Skip it</Button>
          {/if}
          {#if fire.begun}
            <Button touch keyHint="D" onclick={() => fire.anew()}>Other paper</Button>
          {/if}
          {#if fire.by === 'screen'}
            <Button touch keyHint="O" onclick={() => fire.focus()}
              >{fire.lit ? 'Focus lamp off' : 'Focus lamp'}</Button
            >
          {/if}
          <Button touch keyHint="Esc" onclick={leave}>Cancel</Button>
          <p class="text-soft">
            The lamp is switched by
            <SlotChoice
              label="What switches the lamp"
              class="inline-flex min-h-14 low:min-h-11 items-center rounded-xl border-2 border-hair px-4"
              bind:value={() => fire.by, (id) => (of.lampBy = id)}
              options={lampSwitches}
            />
          </p>
        </div>{/if}
    </div>
    <p
      class="text-[15px] text-soft low:text-[14px] low:leading-tight tiny:text-[14px] tiny:leading-tight"
    >
      Mains and wet hands do not go together: dry them before you touch a lamp, a timer or a plug.
    </p>
  </main>
  {#if fire.laidIn}<Sink
      kind="print"
      recorded={null}
      standing={page.data.standing ?? []}
      quiet={false}
    />{/if}
</div>
