<script lang="ts">
  import { goto } from '$app/navigation';
  import { onMount } from 'svelte';
  import { useWetSide } from '../../bench/clock/wet-side.svelte.ts';
  import { lyingAt } from '../../bench/sink/trays.ts';
  import Button from '../../kit/Button.svelte';
  import Field from '../../kit/Field.svelte';
  import { keptState } from '../../kit/kept-state.svelte.ts';
  import { useKeys } from '../../kit/keys/keys.svelte.ts';
  import { candidatesOf } from './candidates.ts';
  import {
    afterwards,
    costWords,
    draggedBy,
    emptyEvening,
    eveningAsked,
    eveningLines,
    eveningWords,
    laterWords,
    promisedOf,
    readPromised,
    reordered,
    tickedOf,
    tickedWords,
  } from './evening-view.ts';
  import type { EveningAnswer, EveningAsked } from './evening.worker.ts';
  import { capital } from '../../words/capital.ts';
  import { runTask } from './run-task.ts';
  import Timeline from './Timeline.svelte';
  import type { TonightFacts } from './tonight-view.ts';

  interface Props {
    facts: TonightFacts;
    nowMs: number;
  }
  const { facts, nowMs }: Props = $props();
  const form = keptState('katachron-evening', emptyEvening());
  const candidates = $derived(candidatesOf(facts));
  const ticked = $derived(tickedOf(form));
  const wetSide = useWetSide();
  /** Film in the sink is part of the evening, and what is left of it is planned anew from now. */
  const MINUTE_MS = 60_000;
  const minuteMs = $derived(Math.max(nowMs, Math.floor(wetSide.nowMs / MINUTE_MS) * MINUTE_MS));
  const runs = $derived(
    lyingAt(wetSide.runs, [], minuteMs)
      .filter(({ forgotten }) => !forgotten)
      .map(({ id, name, moment }) => ({ id, title: name, record: moment.record })),
  );
  const asked = $derived(
    eveningAsked(form, candidates, minuteMs, (beginMs) =>
      runs.map((run) => runTask(run, minuteMs, beginMs)),
    ),
  );
  let answer = $state.raw<EveningAnswer>();
  let worker = $state.raw<Worker>();
  let number = 0;
  /** What the last question rested on. */
  let sent = { of: '', beginMs: 0 };
  const plan = $derived(asked.tasks.length > 0 ? answer?.plan : undefined);
  const lines = $derived(plan ? eveningLines(plan, asked.tasks, asked.beginMs) : []);
  const words = $derived(plan ? eveningWords(plan, asked.tasks, asked.beginMs) : []);
  const after = $derived(plan ? afterwards(plan, asked.tasks, asked.beginMs) : []);
  const endMs = $derived(asked.beginMs + (plan?.endSeconds ?? 0) * 1000);
  const later = $derived(laterWords(readPromised(form.promised), form, endMs));
  const cost = $derived(plan && answer?.best ? costWords(answer.best, plan) : '');
  const trouble = $derived(asked.trouble ?? answer?.trouble);

  onMount(() => {
    const made = new Worker(new URL('./evening.worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = ({ data }: MessageEvent<EveningAnswer>) => {
      if (data.number !== number) return;
      answer = data;
      promise(data);
    };
    worker = made;
    return () => made.terminate();
  });
  $effect(() => {
    const { question } = asked;
    if (!worker || !question) return;
    number += 1;
    sent = { of: promisedOf(form), beginMs: asked.beginMs };
    const message: EveningAsked = { number, question };
    worker.postMessage(message);
  });
  useKeys([
    { key: ' ', does: 'print the plan', run: () => print() },
    { key: 'Escape', does: 'back to Tonight', run: () => void goto('/') },
    { key: 'b', does: 'the best order again', run: best },
  ]);

  /** What was planned last by a hand is what was promised; what happens since is late or early by it. */
  function promise({ plan: planned }: EveningAnswer) {
    if (!planned || readPromised(form.promised)?.of === sent.of) return;
    const { of, beginMs } = sent;
    form.promised = JSON.stringify({ of, endMs: beginMs + planned.endSeconds * 1000 });
  }

  function tick(id: string, on: boolean) {
    form.ticked = JSON.stringify(on ? [...ticked, id] : ticked.filter((other) => other !== id));
  }

  function move(id: string, by: -1 | 1) {
    if (plan) form.order = JSON.stringify(reordered(plan.order, id, by));
  }

  /** What builds it comes when it is asked for. */
  async function calendar() {
    if (!plan) return;
    const { eveningCalendar } = await import('./evening-calendar.ts');
    const file = new Blob([eveningCalendar(plan, asked.tasks, asked.beginMs)], {
      type: 'text/calendar',
    });
    const link = document.createElement('a');
    link.href = URL.createObjectURL(file);
    link.download = 'evening.ics';
    link.click();
    URL.revokeObjectURL(link.href);
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
  <section class="not-printed" aria-label="What is to be done">
    <h2 class="text-xl font-[620]">What is to be done</h2>
    <ul class="mt-1">
      {#each candidates as candidate (candidate.id)}
        {@const { id, name } = candidate}
        <li class="border-b border-hair">
          <label class="flex min-h-11 items-center gap-3 py-1"
            ><input
              type="checkbox"
              class="tick"
              bind:checked={() => ticked.includes(id), (on) => tick(id, on)}
            /><span class="min-w-0 break-words"
              >{name}<span class="text-soft">{tickedWords(candidate)}</span></span
            ></label
          >
        </li>
      {:else}
        <li class="reason text-soft">
          Nothing waits yet: a roll that was exposed, or a print that was begun, stands here to be
          ticked.
        </li>
      {/each}
    </ul>
    <div class="mt-3 grid grid-cols-2 gap-x-6 sm:grid-cols-4">
      <Field id="begin" label="From" placeholder="now" maxlength={5} bind:value={form.begin} />
      <Field
        id="dinner"
        label="Dinner at"
        placeholder="none"
        maxlength={5}
        bind:value={form.dinner}
      />
      <Field
        id="dinner-minutes"
        label="for, minutes"
        numeric
        maxlength={4}
        bind:value={form.dinnerMinutes}
      />
      <Field id="out" label="Out at" placeholder="any time" maxlength={5} bind:value={form.out} />
    </div>
  </section>
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
      {#each words.slice(1) as sentence (sentence)}<p class="reason">{sentence}</p>{/each}
      {#if cost}<p class="reason">
          {cost}
          <button class="slot-in min-h-11 font-[600]" type="button" onclick={best}
            >The best order again</button
          >
        </p>{/if}
      {#if plan}<div class="mt-3">
          <Timeline {plan} tasks={asked.tasks} beginMs={asked.beginMs} {ondragged} />
        </div>{/if}
      <ol class="mt-3" aria-label="Step by step">
        {#each lines as { key, taskId, from, to, step, task, byItself, first } (key)}
          <li class="flex flex-wrap items-baseline gap-x-4 border-b border-hair py-1">
            <span class="w-14 text-lg font-[620]">{from}</span>
            <span class="min-w-0 flex-1 basis-48 break-words {byItself ? 'text-soft' : ''}"
              >{step}{byItself ? `, by itself until ${to}` : ''}
              <span class="text-[15px] text-soft">{task}</span></span
            >
            {#if first}<span class="not-printed flex gap-x-1">
                <button
                  class="min-h-11 min-w-11 text-soft"
                  type="button"
                  data-leaves-space
                  aria-label="{task}: earlier"
                  onclick={() => move(taskId, -1)}>↑</button
                ><button
                  class="min-h-11 min-w-11 text-soft"
                  type="button"
                  data-leaves-space
                  aria-label="{task}: later"
                  onclick={() => move(taskId, 1)}>↓</button
                >
              </span>{/if}
          </li>
        {/each}
      </ol>
      <h2 class="mt-5 text-xl font-[620]" id="afterwards">Afterwards</h2>
      <ul class="mt-1" aria-labelledby="afterwards">
        {#each after as sentence (sentence)}<li class="border-b border-hair py-1.5">
            {sentence}
          </li>{/each}
      </ul>
    {/if}
  </section>
</div>
<p class="not-printed mt-4 flex flex-wrap gap-3">
  {#if lines.length > 0}<Button onclick={() => void calendar()}>For a calendar (.ics)</Button>{/if}
  <Button href="/">Back to Tonight</Button>
</p>
<div class="in-sight mt-4">
  <Button main keyHint="Space" onclick={() => print()}>Print the plan</Button>
</div>
