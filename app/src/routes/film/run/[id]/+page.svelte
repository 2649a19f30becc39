<script lang="ts">
  import { goto } from '$app/navigation';
  import { formatDilution } from '@katachron/core';
  import { format } from 'date-fns';
  import { onMount } from 'svelte';
  import { useWetSide } from '$lib/bench/clock/wet-side.svelte.ts';
  import { giveWay } from '$lib/stages/film/give-way.ts';
  import { quickNotes } from '$lib/stages/film/quick-notes.ts';
  import { nextBathWords } from '$lib/stages/film/film-baths.ts';
  import RunBar from '$lib/stages/film/RunBar.svelte';
  import RunMore from '$lib/stages/film/RunMore.svelte';
  import { Run } from '$lib/stages/film/run.svelte.ts';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import { keepAwake } from '$lib/bench/light/keep-awake.ts';
  import { keepPage } from '$lib/bench/light/shell.ts';
  import LightSwitch from '$lib/bench/light/LightSwitch.svelte';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { clockTime } from '$lib/words/duration.ts';
  import { degrees } from '$lib/words/temperature.ts';

  const { data } = $props();
  const desk = useDesk();
  const wetSide = useWetSide();
  const run = new Run({
    data: () => data.run,
    wetSide,
    desk,
    leave: (rollId) => void goto(`/logbook/rolls/${rollId}`),
  });
  const { roll, view, moment } = $derived(run);
  const unit = $derived(desk.preferences.unit);
  const nextBath = $derived(nextBathWords(roll, moment, data.standing));
  let controls = $state<HTMLElement>();
  let mounted = $state(false);
  /** A clock runs, and this browser may not sound before it is touched. */
  const silent = $derived(
    mounted && run.running && desk.preferences.soundOn && wetSide.soundAsleep,
  );

  onMount(() => {
    wetSide.follow(data.run);
    mounted = true;
    keepPage(location.pathname);
    return keepAwake();
  });

  // The first touch after a reload brings the sound back and pours nothing.
  const main = () => silent || run.main();

  useKeys([
    { key: ' ', does: 'the next bath is going in', run: main, always: true },
    { key: 't', does: 'write a temperature down', run: () => run.open('temperature') },
    { key: 'l', does: '“I poured some time ago”', run: () => run.open('late') },
    { key: 'n', does: 'note', run: () => run.open('note') },
    { key: 'm', does: 'a minute more in this bath', run: () => run.minuteMore() },
    { key: 'k', does: 'leave the next bath out', run: () => run.leaveOut() },
    ...quickNotes.map(({ key, word, note }) => ({
      key,
      does: `note: ${word.toLowerCase()}`,
      run: () => run.quickNote(note),
    })),
    { key: 'g', does: 'the developer’s temperature, drawn', run: () => (run.opened = 'plot') },
    { key: 'e', does: 'stop this run', run: () => run.stop() },
    { key: 'u', does: 'undo the last pour, skip or moved end', run: () => run.undo() },
    { key: 'z', does: 'take the last reading back', run: () => run.takeReadingBack() },
    {
      key: 's',
      does: 'sound on or off',
      run: () => desk.set({ soundOn: !desk.preferences.soundOn }),
    },
    { key: 'Escape', does: 'close; the clock goes on in the sink', run: () => void goto('/film') },
  ]);
  /** A string of its own: as one of the view it would be written, and the page laid out, at every tick. */
  const title = $derived(`${view.clock} ${view.step} · Katachron`);
</script>

<svelte:head><title>{title}</title></svelte:head>

<main class="whole run-page" aria-label="Run of {roll.title}">
  <header class="flex flex-wrap items-center justify-between gap-x-6 max-md:gap-x-2">
    <h1 class="text-[30px] font-[600] leading-none md:text-[40px] low:text-[24px] tiny:text-[24px]">
      {view.step}
    </h1>
    <p class="hidden min-w-0 truncate text-[22px] text-soft md:block md:flex-1 low:hidden">
      {roll.title} in {roll.recipe.developer}
      {formatDilution(roll.recipe.dilution)} at {degrees(roll.temperatureC, unit)}
    </p>
    <p class="whitespace-nowrap text-[22px] text-soft low:text-[17px]">{view.count}</p>
    <LightSwitch large />
  </header>

  <div class="run-face">
    <p
      class="run-clock numeral-narrow"
      class:text-trouble={view.over}
      data-length={view.clock.length}
      role="timer"
      aria-label="What is left of this bath"
      aria-live="off"
      data-testid="clock"
    >
      {view.clock}
    </p>
    <div class="run-words" {@attach giveWay}>
      <p class="run-hands" role="status" data-testid="hands">{view.hands}</p>
      {#if silent}
        <p class="text-[22px] leading-tight text-caution" role="alert">No sound until you touch.</p>
      {/if}
      {#each view.next as sentence, index (index)}
        <p class="run-next {index === 0 ? '' : 'text-soft'}">{sentence}</p>
      {/each}
      {#each nextBath as sentence, index (index)}
        <p class="mt-1 text-[22px] leading-tight {index === 0 ? 'text-soft' : 'text-caution'}">
          {sentence}
        </p>
      {/each}
    </div>
  </div>

  <div
    class="run-said flex items-center justify-between gap-6 text-[17px] leading-snug text-soft"
    aria-live="polite"
  >
    {#if run.warning}
      <p class="text-caution">
        {run.warning}
        {#if run.followed !== undefined && !roll.drift}
          <button class="run-link" onclick={() => run.follow()}
            >End it at {clockTime(run.followed)} by what was read</button
          >
        {/if}
        <button class="run-link" onclick={() => run.takeReadingBack()}>Take the reading back</button
        >
        {run.said}
      </p>
    {:else if run.said}
      <p>
        {run.said}
        {#if wetSide.waiting > 0}The server is away: {wetSide.waiting} kept here.{/if}
      </p>
    {:else if wetSide.unkept}
      <p class="text-caution">
        This browser keeps nothing over a reload{wetSide.waiting > 0
          ? `: do not close it, ${wetSide.waiting} are not written yet`
          : ''}.
      </p>
    {:else if wetSide.waiting > 0}
      <p>The server is away: {wetSide.waiting} kept here, written when it is back.</p>
    {:else if view.caution}
      <p>{view.caution}</p>
    {/if}
    {#if moment.current && !run.forgotten}
      <p class="whitespace-nowrap max-md:hidden">
        since {format(moment.current.startedAtMs, 'HH:mm:ss')}
      </p>
    {/if}
  </div>

  <div class="low:hidden tiny:hidden"><RunBar parts={view.bar} /></div>

  <footer class="run-controls" bind:this={controls}>
    <div class="grid max-md:w-full md:min-w-[300px] low:w-auto low:min-w-[180px] low:flex-1">
      <Button main large keyHint="Space" onclick={main}>
        {silent ? 'Sound on' : view.main}
      </Button>
    </div>
    {#if !run.done}
      <Button touch keyHint="T" onclick={() => run.open('temperature')}>Temperature</Button>
    {/if}
    {#if run.running || run.done}
      <Button touch keyHint="U" onclick={() => run.undo()}
        ><span>Undo<span class="sr-only">, one step back</span></span></Button
      >
    {/if}
    {#if run.running}
      <span class="contents max-md:hidden">
        <Button touch keyHint="M" onclick={() => run.minuteMore()}>+ 1:00</Button>
        {#if moment.next}
          <Button touch keyHint="K" onclick={() => run.leaveOut()}>Skip</Button>
        {/if}
      </span>
    {/if}
    <RunMore {run} {controls} />
  </footer>
</main>
