<script lang="ts">
  import { goto } from '$app/navigation';
  import { eventsThatCount, formatDilution, processMoment, stepKind } from '@katachron/core';
  import { format } from 'date-fns';
  import { Popover } from 'bits-ui';
  import { onMount } from 'svelte';
  import { Voice } from '$lib/clock/voice.ts';
  import { useWetSide } from '$lib/clock/wet-side.svelte.ts';
  import { LEAST_VOLUME, MOST_VOLUME, USUAL_VOLUME } from '$lib/contract/preferences.ts';
  import { TEMPERATURE_TOLERANCE, readingAdvice } from '$lib/film/film-view.ts';
  import DriftPlot from '$lib/film/DriftPlot.svelte';
  import { driftPlot } from '$lib/film/drift-plot.ts';
  import { developerReadings, expectedC, followedSeconds, secondsFrom } from '$lib/film/follow.ts';
  import { quickNotes } from '$lib/film/quick-notes.ts';
  import RunBar from '$lib/film/RunBar.svelte';
  import { runView } from '$lib/film/run-view.ts';
  import { useDesk } from '$lib/light/desk.svelte.ts';
  import { keepPage } from '$lib/light/shell.ts';
  import LightSwitch from '$lib/light/LightSwitch.svelte';
  import Button from '$lib/ui/Button.svelte';
  import { useKeys } from '$lib/ui/keys/keys.svelte.ts';
  import { onEnter } from '$lib/ui/on-enter.ts';
  import { attempt } from '$lib/words/attempt.ts';
  import { movedSentence } from '$lib/words/drift.ts';
  import { clockTime, parseDuration } from '$lib/words/duration.ts';
  import { degrees, degreesApart, parseTemperature } from '$lib/words/temperature.ts';

  const { data } = $props();
  const desk = useDesk();
  const wetSide = useWetSide();
  const unit = $derived(desk.preferences.unit);
  const roll = $derived(data.run.roll);
  const plan = $derived(roll.plan);
  const events = $derived(wetSide.eventsOf(data.run));
  const moment = $derived(processMoment(plan, events, wetSide.nowMs));
  const view = $derived(runView(plan, moment));
  const running = $derived(moment.current !== undefined);
  const done = $derived(moment.hands === 'done');
  const lastReading = $derived(moment.record.temperatures.at(-1));
  const readIn = $derived(plan.steps.find(({ id }) => id === lastReading?.stepId)?.kind);
  const readings = $derived(developerReadings(roll, moment.record));
  const expected = $derived(expectedC(roll, readings.slice(0, -1), readings.at(-1)?.seconds ?? 0));
  const advice = $derived(
    lastReading && readingAdvice(roll, lastReading.temperatureC, readIn, expected),
  );
  const developing = $derived(
    moment.current?.step.kind === 'developer' ? moment.current : undefined,
  );
  const developer = $derived(moment.record.steps.find(({ step }) => step.kind === 'developer'));
  const extra = $derived(developer?.extraSeconds ?? 0);
  /** The developer is still in its bottle: a temperature read now moves its time. */
  const beforeDeveloper = $derived(developer !== undefined && developer.startedAtMs === undefined);
  const plot = $derived.by(() => {
    const startedAtMs = developer?.startedAtMs;
    if (!developer || startedAtMs === undefined) return undefined;
    const elapsedSeconds = ((developer.endedAtMs ?? wetSide.nowMs) - startedAtMs) / 1000;
    return driftPlot({ roll, readings, elapsedSeconds, endSeconds: developer.step.seconds, unit });
  });
  /** The end by all readings, where it is not yet the end in force. */
  const followed = $derived.by(() => {
    if (!developing || readings.length < 2) return undefined;
    const seconds = attempt(() => followedSeconds(roll, readings, extra)).value;
    return seconds === developing.step.seconds ? undefined : seconds;
  });
  type Entry = 'temperature' | 'late' | 'note';
  let opened = $state<Entry | 'plot'>();
  let typed = $state('');
  let trouble = $state<string>();
  let said = $state('');
  let mounted = $state(false);
  const volume = $derived(desk.preferences.volume ?? USUAL_VOLUME);
  const canSpeak = $derived(mounted && Voice.available);
  /** A clock runs, and this browser may not sound before it is touched. */
  const silent = $derived(mounted && running && desk.preferences.soundOn && wetSide.soundAsleep);

  onMount(() => {
    wetSide.follow(data.run);
    mounted = true;
    keepPage(location.pathname);
    return keepAwake();
  });

  /** Asks the phone not to sleep; one that cannot is none the worse. */
  function keepAwake() {
    let lock: { release: () => Promise<void> } | undefined;
    const ask = () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      navigator.wakeLock.request('screen').then(
        (got) => (lock = got),
        () => undefined,
      );
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }

  useKeys([
    { key: ' ', does: 'the next bath is going in', run: main, always: true },
    { key: 't', does: 'write a temperature down', run: () => open('temperature') },
    { key: 'l', does: '“I poured some time ago”', run: () => open('late') },
    { key: 'n', does: 'note', run: () => open('note') },
    { key: 'm', does: 'a minute more in this bath', run: minuteMore },
    { key: 'k', does: 'leave the next bath out', run: leaveOut },
    ...quickNotes.map(({ key, word, note }) => ({
      key,
      does: `note: ${word.toLowerCase()}`,
      run: () => quickNote(note),
    })),
    { key: 'g', does: 'the developer’s temperature, drawn', run: () => (opened = 'plot') },
    { key: 'e', does: 'end the run here', run: endHere },
    { key: 'u', does: 'back: undo the last pour, skip or moved end', run: undo },
    {
      key: 's',
      does: 'sound on or off',
      run: () => desk.set({ soundOn: !desk.preferences.soundOn }),
    },
    { key: 'Escape', does: 'out; the clock goes on in the sink', run: () => void goto('/film') },
  ]);

  function louder(by: number) {
    desk.set({ volume: Math.min(MOST_VOLUME, Math.max(LEAST_VOLUME, volume + by)) });
    wetSide.tryOut();
  }

  function main(event?: KeyboardEvent) {
    if (event?.repeat) return;
    said = '';
    // The first touch after a reload brings the sound back and pours nothing.
    if (silent) return;
    if (done) {
      void goto(`/logbook/rolls/${roll.id}`);
    } else if (moment.next) {
      wetSide.record(roll.id, { kind: 'poured-in', stepId: moment.next.step.id });
    } else {
      wetSide.record(roll.id, { kind: 'finished' });
    }
  }

  function open(which: Entry) {
    typed = which === 'late' ? '40' : '';
    trouble = undefined;
    opened = which;
  }

  function close() {
    opened = undefined;
  }

  function keepTemperature() {
    const read = attempt(() => parseTemperature(typed, unit));
    trouble =
      read.trouble ?? (read.value > 60 || read.value < 0 ? 'That is no bath for film.' : undefined);
    if (trouble || read.value === undefined) return;
    if (beforeDeveloper && developer) {
      pouringSoon(developer.step.id, developer.step.seconds, read.value);
      return;
    }
    wetSide.record(roll.id, { kind: 'temperature', temperatureC: read.value });
    // Where the drift is followed a reading moves the end by itself; otherwise it is offered.
    if (roll.drift) follow();
    close();
  }

  /** Just before pouring the developer: its time is worked out anew from what it reads now. */
  function pouringSoon(stepId: string, before: number, temperatureC: number) {
    const answer = attempt(() => secondsFrom(roll, temperatureC));
    trouble = answer.trouble;
    if (answer.value === undefined) return;
    wetSide.record(roll.id, { kind: 'temperature', temperatureC, stepId });
    if (answer.value !== before) {
      wetSide.record(roll.id, { kind: 'retimed', stepId, seconds: answer.value });
    }
    said = `Developer at ${degrees(temperatureC, unit)}: ${clockTime(answer.value)} instead of ${clockTime(before)}.`;
    close();
  }

  /** A minute on top, from the end in force or, when that is past, from now. */
  function minuteMore() {
    const { current } = moment;
    if (!current) return;
    const { step, elapsedSeconds } = current;
    const seconds = Math.max(step.seconds, Math.ceil(elapsedSeconds)) + 60;
    wetSide.record(roll.id, { kind: 'retimed', stepId: step.id, seconds, because: 'extra' });
    said = `A minute more: to ${clockTime(seconds)}.`;
  }

  function leaveOut() {
    const { next } = moment;
    if (!next || !running) return;
    wetSide.record(roll.id, { kind: 'skipped', stepId: next.step.id });
    said = `${stepKind(next.step.kind).name} is left out. Back brings it back.`;
  }

  function quickNote(text: string) {
    if (!running) return;
    wetSide.record(roll.id, { kind: 'note', text });
    said = `Noted: ${text}`;
  }

  /** Ends the developer when all that was read says that it is done. */
  function follow() {
    if (!developing || followed === undefined) return;
    const { step } = developing;
    said = movedSentence(step.seconds, followed);
    wetSide.record(roll.id, { kind: 'retimed', stepId: step.id, seconds: followed });
  }

  function keepLate() {
    const read = attempt(() => parseDuration(typed));
    trouble = read.trouble;
    if (read.value === undefined) return;
    const target = moment.current?.step.id ?? moment.next?.step.id;
    if (!target) return;
    const atMs = Date.now();
    const before = moment.record.steps
      .slice(0, moment.current?.index ?? 0)
      .findLast((step) => step.startedAtMs !== undefined);
    if (before?.startedAtMs !== undefined && atMs - read.value * 1000 < before.startedAtMs) {
      trouble = `The bath before went in ${clockTime((atMs - before.startedAtMs) / 1000)} ago; this one cannot have been earlier.`;
      return;
    }
    if (!moment.current) wetSide.record(roll.id, { kind: 'poured-in', stepId: target }, atMs - 1);
    wetSide.record(roll.id, { kind: 'poured-earlier', stepId: target, seconds: read.value }, atMs);
    said = `Start moved back by ${clockTime(read.value)}.`;
    close();
  }

  function keepNote() {
    const text = typed.trim();
    trouble = text === '' ? 'Type what happened.' : undefined;
    if (trouble) return;
    wetSide.record(roll.id, { kind: 'note', text });
    said = 'Noted.';
    close();
  }

  /** A run that goes no further: spilled, or only a trial. What happened so far is in the logbook. */
  function endHere() {
    if (!running) return;
    wetSide.record(roll.id, { kind: 'finished' });
    said = 'Ended here. Undo goes on with it.';
  }

  function undo() {
    const last = eventsThatCount(events).findLast(({ kind }) =>
      ['poured-in', 'poured-earlier', 'retimed', 'skipped', 'finished'].includes(kind),
    );
    if (!last) return;
    wetSide.record(roll.id, { kind: 'undone', eventId: last.id });
    said = 'Taken back; the log keeps both.';
  }
</script>

<svelte:head><title>{view.clock} {view.step} · Katachron</title></svelte:head>

{#snippet entry(
  which: Entry,
  word: string,
  key: string,
  label: string,
  keep: () => void,
  hint: string,
)}
  <Popover.Root bind:open={() => opened === which, (wanted) => (wanted ? open(which) : close())}>
    <Popover.Trigger
      class="inline-flex min-h-14 items-center justify-center gap-4 rounded-xl border-2 border-hair px-6 font-[600]"
      >{word}<kbd class="hidden font-sans text-[13px] font-normal md:inline">{key}</kbd
      ></Popover.Trigger
    >
    <Popover.Portal>
      <Popover.Content
        side="top"
        sideOffset={10}
        collisionPadding={12}
        class="z-30 w-[min(360px,calc(100vw-24px))] rounded-b-2xl rounded-t-md border-[3px] border-rim bg-enamel p-5"
      >
        <label class="block text-soft" for="run-{which}">{label}</label>
        <input
          id="run-{which}"
          class="field w-full {which === 'note' ? 'text-xl' : 'numeral text-[44px]'}"
          bind:value={typed}
          inputmode={which === 'note' ? 'text' : 'decimal'}
          maxlength={which === 'note' ? 1000 : 12}
          autocomplete="off"
          data-keys-through={which === 'note' ? undefined : ''}
          aria-invalid={trouble !== undefined}
          onkeydown={onEnter(keep)}
        />
        <p
          class="mt-2 text-[15px] {trouble ? 'text-trouble' : 'text-soft'}"
          role={trouble ? 'alert' : undefined}
        >
          {trouble ?? hint}
        </p>
        <div class="mt-3"><Button main onclick={keep}>Keep</Button></div>
      </Popover.Content>
    </Popover.Portal>
  </Popover.Root>
{/snippet}

<main
  class="flex min-h-dvh flex-col gap-y-3 px-[18px] pb-3 pt-5 md:gap-y-4 md:px-10 md:py-7"
  aria-label="Run of {roll.title}"
>
  <header class="flex flex-wrap items-baseline justify-between gap-x-6">
    <h1 class="text-[40px] font-[600] leading-none">{view.step}</h1>
    <p class="hidden truncate text-2xl text-soft md:block md:flex-1">
      {roll.title} in {roll.recipe.developer}
      {formatDilution(roll.recipe.dilution)} at {degrees(roll.temperatureC, unit)}
    </p>
    <p class="text-2xl text-soft">{view.count}</p>
  </header>

  <div
    class="flex flex-1 flex-col justify-center gap-x-7 gap-y-5 md:flex-row md:items-center md:justify-start"
  >
    <p
      class="numeral-narrow shrink-0 text-[clamp(150px,47vw,210px)] md:text-[min(33vw,62vh)]"
      class:text-trouble={view.over}
      role="timer"
      aria-live="off"
      data-testid="clock"
    >
      {view.clock}
    </p>
    <div class="min-w-0">
      {#if silent}
        <p class="text-[44px] font-[600] leading-[1.05] md:text-[60px]" role="alert">
          No sound until you touch. Space brings it back.
        </p>
      {:else}
        <p
          class="text-balance text-[40px] font-[600] leading-[1.02] md:text-[clamp(52px,6vw,84px)]"
          data-testid="hands"
        >
          {view.hands}
        </p>
        {#each view.next as sentence, index (sentence)}
          <p
            class="mt-2 text-balance text-[25px] leading-tight {index === 0
              ? 'text-ink'
              : 'text-soft'} md:mt-5 md:text-[clamp(28px,3.2vw,40px)]"
          >
            {sentence}
          </p>
        {/each}
      {/if}
    </div>
  </div>

  <div class="flex min-h-7 items-end justify-between gap-6 text-[17px] text-soft">
    <div aria-live="polite">
      {#if advice?.kind === 'baths-apart' && !done}
        <p class="text-caution">
          {degrees(lastReading?.temperatureC ?? 0, unit)} here, {degrees(roll.temperatureC, unit)} in
          the developer. {advice.sentence}
        </p>
      {:else if advice?.kind === 'developer-off' && !done}
        <p class="text-caution">
          {degrees(lastReading?.temperatureC ?? 0, unit)} is more than {degreesApart(
            TEMPERATURE_TOLERANCE,
            unit,
          )} from {roll.drift ? 'what the drift foretold' : 'what the time was worked out for'}.

          {#if followed !== undefined && !roll.drift}
            <button
              class="min-h-11 font-[600] underline decoration-hair underline-offset-4"
              onclick={follow}>End it at {clockTime(followed)} by what was read</button
            >
          {/if}
          {said}
        </p>
      {:else if said}
        <p>{said}</p>
      {:else if wetSide.waiting > 0}
        <p>The server is away: {wetSide.waiting} kept here, written when it is back.</p>
      {:else if view.caution}
        <p>{view.caution}</p>
      {/if}
    </div>
    {#if moment.current}
      <p class="whitespace-nowrap max-md:hidden">
        since {format(moment.current.startedAtMs, 'HH:mm:ss')}
      </p>
    {/if}
  </div>

  <RunBar parts={view.bar} />

  <footer class="flex flex-wrap items-center gap-3.5">
    <div class="grid w-full md:w-auto">
      <Button main large keyHint="Space" onclick={() => main()}>
        {silent ? 'Sound on' : view.main}
      </Button>
    </div>
    {#if !done}
      <div class="grid flex-1 grid-cols-2 gap-3.5 md:flex md:flex-none">
        {@render entry(
          'temperature',
          'Temperature',
          'T',
          beforeDeveloper
            ? `Just before you pour: developer reads, °${unit}`
            : `Developer or bath reads, °${unit}`,
          keepTemperature,
          beforeDeveloper ? 'The plan changes with it.' : 'Kept with the roll.',
        )}
        {@render entry(
          'late',
          'Late',
          'L',
          'I poured this long ago',
          keepLate,
          'Seconds, or 1:20. Moves the start of this bath.',
        )}
        {@render entry('note', 'Note', 'N', 'What happened', keepNote, 'Kept with the roll.')}
        {#if running}
          <Button keyHint="U" onclick={undo}>Back</Button>
          <Button keyHint="M" onclick={minuteMore}>+ 1:00</Button>
          {#if moment.next}<Button keyHint="K" onclick={leaveOut}>Skip</Button>{/if}
        {/if}
      </div>
    {:else}
      <Button keyHint="U" onclick={undo}>Back</Button>
    {/if}
    <div class="flex w-full flex-wrap items-center gap-x-5">
      {#if running}
        {#each quickNotes as { key, word, note } (key)}
          <button class="min-h-14 text-soft" onclick={() => quickNote(note)}
            >{word}<kbd class="ml-2 hidden font-sans text-[13px] md:inline">{key}</kbd></button
          >
        {/each}
      {/if}
      <span class="flex-1"></span>
      {#if plot}
        <Popover.Root
          bind:open={() => opened === 'plot', (wanted) => (opened = wanted ? 'plot' : undefined)}
        >
          <Popover.Trigger class="min-h-14 text-soft"
            >Drift<kbd class="ml-2 hidden font-sans text-[13px] md:inline">G</kbd></Popover.Trigger
          >
          <Popover.Portal>
            <Popover.Content
              side="top"
              sideOffset={10}
              collisionPadding={12}
              class="z-30 w-[min(560px,calc(100vw-24px))] rounded-b-2xl rounded-t-md border-[3px] border-rim bg-enamel p-5"
            >
              <DriftPlot {plot} label="Temperature of the developer, planned and read" />
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      {/if}
      <button
        class="min-h-14 text-soft"
        aria-pressed={desk.preferences.soundOn}
        onclick={() => desk.set({ soundOn: !desk.preferences.soundOn })}
        >Sound {desk.preferences.soundOn ? 'on' : 'off'}</button
      >
      {#if desk.preferences.soundOn}
        <span class="flex items-center text-soft" role="group" aria-label="Volume">
          <button class="min-h-14 min-w-11" aria-label="Quieter" onclick={() => louder(-1)}
            >−</button
          >
          <span aria-live="polite">{volume}</span>
          <button class="min-h-14 min-w-11" aria-label="Louder" onclick={() => louder(1)}>+</button>
        </span>
        {#if canSpeak}
          <button
            class="min-h-14 text-soft"
            aria-pressed={desk.preferences.spoken ?? false}
            onclick={() => desk.set({ spoken: !(desk.preferences.spoken ?? false) })}
            >Voice {desk.preferences.spoken ? 'on' : 'off'}</button
          >
        {/if}
      {/if}
      {#if running}
        <button class="min-h-14 text-soft" onclick={endHere}>End here</button>
      {/if}
      <a class="flex min-h-14 items-center text-soft" href="/film">Out</a>
      <LightSwitch />
    </div>
  </footer>
</main>
