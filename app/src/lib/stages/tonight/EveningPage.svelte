<script lang="ts">
  import { goto } from '$app/navigation';
  import { onMount } from 'svelte';
  import { useWetSide } from '../../bench/clock/wet-side.svelte.ts';
  import { useDesk } from '../../bench/desk/desk.svelte.ts';
  import { lyingAt } from '../../bench/sink/trays.ts';
  import Button from '../../kit/Button.svelte';
  import { fileFrom } from '../../kit/client.ts';
  import { keptState } from '../../kit/kept-state.svelte.ts';
  import { saveFile } from '../../kit/save-file.ts';
  import { settleOn, useKeys } from '../../kit/keys/keys.svelte.ts';
  import { candidatesOf } from './candidates.ts';
  import { format } from 'date-fns';
  import { atTheSink } from './at-the-sink.svelte.ts';
  import {
    allTicked,
    emptyEvening,
    startedOf,
    startedWith,
    startedWithout,
  } from './evening-form.ts';
  import EveningList from './EveningList.svelte';
  import { eveningLines, nextLine } from './evening-lines.ts';
  import { shortName } from './short-name.ts';
  import {
    afterwards,
    costWords,
    draggedBy,
    eveningAsked,
    eveningWords,
    reordered,
    unnamed,
  } from './evening-view.ts';
  import { laterWords, placesFrom, promise, promisedOf, readPromised } from './promised.ts';
  import type { EveningAnswer, EveningAsked } from './evening.worker.ts';
  import { capital } from '../../words/capital.ts';
  import Timeline from './Timeline.svelte';
  import WhatToDo from './WhatToDo.svelte';
  import { learnedFrom, tookAtBench, type Took } from './times.ts';
  import type { TonightFacts } from './tonight-view.ts';
  import { finishedTonight, followed } from './under-way.ts';

  interface Props {
    facts: TonightFacts;
    /** How long things really took, as the logbook has it. */
    took: Took;
    nowMs: number;
  }
  const { facts, took, nowMs }: Props = $props();
  const form = keptState('katachron-evening', emptyEvening());
  const candidates = $derived(candidatesOf(facts));
  const wetSide = useWetSide();
  const desk = useDesk();
  /** What lies in the sink, or under the lamp, is part of the evening; what is left is planned anew from now. */
  const MINUTE_MS = 60_000;
  const minuteMs = $derived(Math.max(nowMs, Math.floor(wetSide.nowMs / MINUTE_MS) * MINUTE_MS));
  const learned = $derived(learnedFrom(took, tookAtBench(wetSide.fired)));
  const lying = $derived(
    lyingAt(wetSide.runs, wetSide.sheets, minuteMs)
      .filter(({ forgotten }) => !forgotten)
      .map(({ id, name, moment, run, sheet }) => ({
        ...{ id, title: name, record: moment.record, roll: run !== undefined },
        ...(sheet?.firedId !== undefined && { firedId: sheet.firedId }),
      })),
  );
  const underWay = $derived({
    rolls: [...lying.filter(({ roll }) => roll), ...finishedTonight(wetSide.runs, minuteMs)],
    sheets: lying.filter(({ roll }) => !roll),
    fired: wetSide.fired,
    prints: facts.prints,
  });
  const asked = $derived(
    eveningAsked(form, {
      ...{ candidates, nowMs: minuteMs, learned, unit: desk.preferences.unit },
      tanks: facts.tanks.length,
      underWay: (beginMs) => followed(underWay, minuteMs, beginMs, learned),
    }),
  );
  const promised = $derived(readPromised(form.promised, minuteMs));
  let answer = $state.raw<EveningAnswer>();
  let worker = $state.raw<Worker>();
  let number = 0;
  /** What the last question rested on. */
  let sent = { of: '', beginMs: 0 };
  const plan = $derived(asked.tasks.length > 0 ? answer?.plan : undefined);
  const lines = $derived(plan ? eveningLines(plan, asked.tasks, asked.beginMs, asked) : []);
  const words = $derived(plan ? eveningWords(plan, asked.tasks, asked.beginMs) : []);
  const after = $derived(plan ? afterwards(plan, asked.tasks, asked.beginMs) : []);
  const endMs = $derived(asked.beginMs + (plan?.endSeconds ?? 0) * 1000);
  const later = $derived(
    laterWords(promised, form, endMs, answer?.late, [...asked.tasks, ...asked.over]),
  );
  const cost = $derived(plan && answer?.best ? costWords(answer.best, plan) : '');
  const trouble = $derived(asked.trouble ?? answer?.trouble);

  onMount(() => {
    const made = new Worker(new URL('./evening.worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = ({ data }: MessageEvent<EveningAnswer>) => {
      if (data.number !== number) return;
      answer = data;
      keepPromise(data);
    };
    worker = made;
    return () => made.terminate();
  });
  $effect(() => {
    const { question } = asked;
    if (!worker || !question) return;
    number += 1;
    sent = { of: promisedOf(form), beginMs: asked.beginMs };
    const message: EveningAsked = {
      ...{ number, question, over: asked.over.map(unnamed) },
      ...(promised?.of === sent.of && { promised: placesFrom(promised, asked.beginMs) }),
    };
    worker.postMessage(message);
  });
  useKeys([
    { key: ' ', does: 'begin, then what comes next; the sink first', run: () => main.run() },
    { key: 'Escape', does: 'back to Tonight', run: () => void goto('/') },
    { key: 'b', does: 'the best order again', run: best },
  ]);

  const started = $derived(startedOf(form, asked.sinceMs));
  const sink = atTheSink(() => facts.prints);
  const nextUp = $derived(nextLine(lines));
  /** What spoils comes first; then what the plan says, and where nothing is planned, the way to a plan. */
  const main = $derived.by(() => {
    if (sink.first) return sink.first;
    if (nextUp) {
      const { from, step, task, taskId, stepId, href } = nextUp;
      const soon = lines.some(({ begun }) => begun) ? `Next, ${from}` : 'Begin';
      const run = () => {
        // This device's clock may be behind the server's, by which the evening began.
        const atMs = Math.max(Date.now(), asked.sinceMs);
        form.started = startedWith(started, { taskId, stepId, atMs });
        if (href) void goto(href);
      };
      return { id: nextUp.key, words: `${soon}: ${step}, ${shortName(task)}`, run };
    }
    if (lines.length === 0 && candidates.length > 0) {
      return {
        id: 'all',
        words: 'Tick all of it',
        run: () => (form.ticked = allTicked(candidates)),
      };
    }
    return { id: 'back', words: 'Back to Tonight', run: () => void goto('/') };
  });

  settleOn(() => main.id);

  /** What was planned last by a hand is what was promised; what happens since is late or early by it. */
  function keepPromise({ plan: planned }: EveningAnswer) {
    if (!planned || promised?.of === sent.of) return;
    form.since = String(asked.sinceMs);
    form.promised = JSON.stringify(promise(sent.of, planned, sent.beginMs));
  }

  function move(id: string, by: -1 | 1) {
    if (plan) form.order = JSON.stringify(reordered(plan.order, id, by));
  }

  /** What builds it comes when it is asked for. */
  async function calendar() {
    if (!plan) return;
    const { eveningCalendar } = await import('./evening-calendar.ts');
    const text = eveningCalendar(plan, asked.tasks, asked.beginMs);
    saveFile(new Blob([text], { type: 'text/calendar' }), 'evening.ics');
  }

  let fileTrouble = $state('');
  async function checkList() {
    const { value, problem } = await fileFrom('/api/v1/check-list.pdf', {
      words: words.map(capital),
      date: format(asked.sinceMs, 'd MMMM yyyy'),
      lines: lines
        .filter(({ done }) => !done)
        .map(({ from, to, step, task, byItself }) => ({
          ...{ from, task },
          step: byItself ? `${step}, until ${to}` : step,
        })),
      afterwards: after,
    });
    fileTrouble = problem?.detail ?? '';
    if (value) saveFile(value, 'evening.pdf');
  }

  function ondragged(id: string, seconds: number) {
    if (plan) form.order = JSON.stringify(draggedBy(plan, id, seconds));
  }

  function best() {
    form.order = '[]';
  }
</script>

<h1 class="heading">Plan the evening</h1>
<div class="mt-3 grid grid-cols-1 gap-x-12 gap-y-4 lg:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
  <WhatToDo {candidates} {form} {learned} tanks={facts.tanks.length} />
  <section aria-label="The evening" aria-live="polite">
    {#if trouble}
      <p class="text-trouble" role="alert">{trouble}</p>
    {:else if lines.length === 0}
      <p class="reason text-soft">
        {plan && plan.left.length > 0
          ? words.join(' ')
          : 'Tick what should be done: the order in which all of it ends soonest stands here.'}
      </p>
    {:else}
      <p class="text-[28px] font-[620]" data-testid="evening">
        {words[0]}
        {#if later}<span class="text-lg text-caution">{capital(later)}</span>{/if}
      </p>
      {#each words.slice(1) as sentence, at (at)}<p class="reason">{sentence}</p>{/each}
      {#if cost}<p class="reason">
          {cost}
          <button class="slot-in min-h-11 font-[600]" type="button" onclick={best}
            >The best order again</button
          >
        </p>{/if}
      {#if plan}<div class="mt-3">
          <Timeline {plan} tasks={asked.tasks} beginMs={asked.beginMs} {ondragged} />
        </div>{/if}
      <EveningList
        {lines}
        byHand={started}
        onmove={move}
        onnotyet={(line) => (form.started = startedWithout(started, line))}
      />
      <h2 class="mt-5 text-xl font-[620]" id="afterwards">Afterwards</h2>
      <ul class="mt-1" aria-labelledby="afterwards">
        {#each after as sentence, at (at)}<li class="border-b border-hair py-1.5">
            {sentence}
          </li>{/each}
      </ul>
    {/if}
  </section>
</div>
<p class="not-printed mt-4 flex flex-wrap gap-3">
  {#if lines.length > 0}
    <Button onclick={() => print()}>This page on paper</Button>
    <Button onclick={() => void checkList()}>A check list (.pdf)</Button>
    <Button onclick={() => void calendar()}>For a calendar (.ics)</Button>
  {/if}
  <Button href="/">Back to Tonight</Button>
</p>
{#if fileTrouble}<p class="text-trouble" role="alert">{fileTrouble}</p>{/if}
<div class="in-sight mt-4">
  <Button main keyHint="Space" onclick={() => main.run()}>{main.words}</Button>
</div>
