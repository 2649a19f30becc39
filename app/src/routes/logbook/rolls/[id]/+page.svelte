<script lang="ts">
  import { newId } from '$lib/kit/new-id.ts';
  import { refresh } from '$lib/kit/refresh.ts';
  import {
    agitationScheme,
    development,
    filmFormat,
    formatDilution,
    processOutcome,
    processRecord,
    pushBetween,
    stepKind,
  } from '@katachron/core';
  import { format, isSameDay } from 'date-fns';
  import { put } from '$lib/kit/client.ts';
  import { useWetSide } from '$lib/bench/clock/wet-side.svelte.ts';
  import BathLinks from '$lib/nouns/bath/BathLinks.svelte';
  import DriftPlot from '$lib/nouns/roll/DriftPlot.svelte';
  import { driftPlot } from '$lib/nouns/roll/drift-plot.ts';
  import { developerReadings, givenOf } from '$lib/nouns/roll/follow.ts';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import RollFrames from '$lib/stages/logbook/RollFrames.svelte';
  import RollTests from '$lib/stages/logbook/RollTests.svelte';
  import Tags from '$lib/stages/logbook/Tags.svelte';
  import PrintsOfRoll from '$lib/stages/logbook/PrintsOfRoll.svelte';
  import JudgementForm from '$lib/stages/logbook/JudgementForm.svelte';
  import { logLines, stepLines } from '$lib/stages/logbook/roll-log.ts';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { goto } from '$app/navigation';
  import { clockTime } from '$lib/words/duration.ts';
  import { attempt } from '$lib/words/attempt.ts';
  import { factorLines } from '$lib/nouns/roll/factors.ts';
  import { givenSentence } from '$lib/words/given.ts';
  import { plainList } from '$lib/words/list.ts';
  import { pushSentence } from '$lib/words/push.ts';
  import { degrees } from '$lib/words/temperature.ts';

  const { data } = $props();
  const desk = useDesk();
  const wetSide = useWetSide();
  const { roll } = $derived(data.run);
  const events = $derived(wetSide.eventsOf(data.run));
  const finished = $derived(events.some(({ kind }) => kind === 'finished'));
  const unit = $derived(desk.preferences.unit);
  const steps = $derived(stepLines(roll, events));
  const log = $derived(logLines(roll, events, unit));
  const worked = $derived(
    attempt(() => development(roll.recipe, roll.temperatureC, roll.exposureIndex, roll.choices))
      .value,
  );
  const factors = $derived(worked ? factorLines(roll.recipe, worked, roll.choices ?? {}) : []);
  const pushStops = $derived(
    attempt(() => pushBetween(roll.recipe.boxSpeed, roll.exposureIndex).stops).value ?? 0,
  );
  const record = $derived(processRecord(roll.plan, events));
  const plot = $derived.by(() => {
    const developer = record.steps.find(({ step }) => step.kind === 'developer');
    const readings = developerReadings(roll, record);
    if (developer?.startedAtMs === undefined || readings.length < 2) return undefined;
    const endedAtMs = developer.endedAtMs ?? wetSide.nowMs;
    const elapsedSeconds = (endedAtMs - developer.startedAtMs) / 1000;
    return driftPlot({ roll, readings, elapsedSeconds, endSeconds: developer.step.seconds, unit });
  });
  const given = $derived(givenOf(roll, record, data.curve));
  const givenWords = $derived(given && givenSentence(given));
  const outcome = $derived(processOutcome(record));
  const lacks = $derived(
    plainList(outcome.missing.map(({ kind }) => stepKind(kind).name.toLowerCase())),
  );
  let note = $state('');
  let problem = $state<string>();

  useKeys([{ key: 'Escape', does: 'back to the logbook', run: () => void goto('/logbook') }]);

  async function tag(tags: string[] | undefined) {
    const { id, version, state: _state, startedAtMs: _start, finishedAtMs: _end, ...body } = roll;
    const outcome = await put(`/api/v1/rolls/${id}`, { ...body, tags }, version);
    problem = outcome.problem?.detail;
    await refresh();
  }

  async function addNote(submit: SubmitEvent) {
    submit.preventDefault();
    const text = note.trim();
    if (text === '') return;
    const id = newId();
    const event = { id, atMs: Date.now(), kind: 'note', text };
    const outcome = await put(`/api/v1/rolls/${roll.id}/events/${id}`, event);
    problem = outcome.problem?.detail;
    if (outcome.problem) return;
    note = '';
    await refresh();
  }
</script>

<svelte:head><title>{roll.title} · Katachron</title></svelte:head>

<p class="not-printed"><a class="slot-in text-soft" href="/logbook">Logbook</a></p>
<h1 class="heading mt-2 break-words">{roll.title}</h1>
<p class="mt-1 text-[17px] text-soft">
  {roll.recipe.film} at EI {roll.exposureIndex} in {roll.recipe.developer}
  {formatDilution(roll.recipe.dilution)}, {agitationScheme(
    roll.choices?.agitation ?? roll.recipe.agitation,
  ).name},
  {format(roll.madeAtMs, 'd MMMM yyyy')}
</p>
{#if roll.exposed || roll.tank}
  <p class="mt-1 text-soft">
    {[
      roll.exposed && filmFormat(roll.exposed.format).name,
      roll.exposed?.camera,
      roll.exposed?.subject,
      roll.exposed && `exposed ${roll.exposed.exposedOn}`,
      roll.tank &&
        `in ${roll.tank.name}${roll.tank.load.map(({ count, format: of }) => `, ${count} × ${filmFormat(of).name}`).join('')}`,
    ]
      .filter(Boolean)
      .join('; ')}
    {#if roll.exposed}<a class="slot-in not-printed" href="/film/rolls/{roll.id}">change</a>{/if}
  </p>
{/if}
{#if roll.baths}
  <p class="mt-1 text-soft">Through <BathLinks through={roll.baths.baths} />.</p>
{/if}
<RollTests {roll} {finished} tests={data.tests} />
<Tags tags={roll.tags ?? []} ontags={(tags) => void tag(tags)} />

<div
  class="mt-8 grid grid-cols-1 gap-x-14 gap-y-8 lg:grid-cols-[330px_minmax(0,1fr)_minmax(0,1fr)]"
>
  <section aria-label="The time">
    <p class="numeral text-[112px]">{clockTime(roll.developmentSeconds)}</p>
    <p class="mt-4 text-lg">at {degrees(roll.temperatureC, unit)}</p>
    <p class="reason mt-4">
      {pushSentence(roll.recipe.boxSpeed, roll.exposureIndex).replace(/^s/, 'S')}.
    </p>
    {#each factors as line (line.id)}
      <p class="mt-1 text-[15px] text-soft">
        <b class="font-[620] text-ink">{line.times}</b>
        {line.why}
      </p>
    {/each}
    {#if givenWords}<p class="reason mt-2 text-caution" data-testid="given">{givenWords}</p>{/if}
    {#if finished && outcome.stopped}
      <p class="reason mt-2 text-trouble">
        Stopped before the fix; it lacks {lacks}. It is not fast to light.
      </p>
    {:else if finished && lacks}
      <p class="reason mt-2 text-caution">It lacks {lacks}.</p>
    {/if}
    {#if roll.recipe.note}<p class="reason mt-2 text-soft">{roll.recipe.note}</p>{/if}
    {#if ['planned', 'developing'].includes(roll.state) && !finished}
      <div class="mt-5"><Button main href="/film/run/{roll.id}">To its run</Button></div>
    {/if}
    {#if ['developed', 'proofed'].includes(roll.state) || (finished && !outcome.stopped)}
      <div class="mt-8">
        {#key roll.version}
          <JudgementForm {roll} {pushStops} developed={given?.share} kept={() => refresh()} />
        {/key}
      </div>
    {/if}
  </section>

  <section aria-label="Planned and real times">
    <table class="w-full">
      <thead class="text-left text-[15px] text-soft">
        <tr>
          <th class="font-normal">Bath</th>
          <th class="text-right font-normal">planned</th>
          <th class="text-right font-normal">real</th>
          <th class="w-20 text-right font-normal"><span class="sr-only">Difference</span></th>
        </tr>
      </thead>
      <tbody>
        {#each steps as step, index (index)}
          <tr class="border-b border-hair">
            <th scope="row" class="py-2 text-left font-[560]">{step.name}</th>
            <td class="text-right">{step.planned}</td>
            <td class="text-right font-[620]">{step.real}</td>
            <td class="text-right text-soft">{step.difference}</td>
          </tr>
        {/each}
      </tbody>
    </table>
    {#if plot}
      <div class="mt-6">
        <DriftPlot {plot} label="Temperature of the developer, planned and read" />
      </div>
    {/if}
    <RollFrames noted={roll.exposed?.frames ?? []} parts={data.parts} rollId={roll.id} />
  </section>

  <section aria-label="What happened">
    <ol>
      {#each log as line (line.id)}
        <li class="flex gap-x-4 border-b border-hair py-1.5">
          <time class="shrink-0 text-soft" datetime={new Date(line.atMs).toISOString()}
            >{format(
              line.atMs,
              isSameDay(line.atMs, roll.madeAtMs) ? 'HH:mm:ss' : 'd MMM yyyy',
            )}</time
          >
          <span class="min-w-0 break-words" class:line-through={line.takenBack}>{line.words}</span>
        </li>
      {/each}
    </ol>
    {#if log.length === 0}<p class="reason">Not poured yet.</p>{/if}
    <form class="not-printed mt-5 flex items-end gap-3" onsubmit={addNote}>
      <div class="min-w-0 flex-1">
        <label class="text-soft" for="note">A note, with today’s date</label>
        <input
          id="note"
          class="field w-full text-lg"
          bind:value={note}
          maxlength="1000"
          autocomplete="off"
        />
      </div>
      <button class="min-h-14 rounded-xl border-2 border-hair px-6 font-[600]">Add</button>
    </form>
    {#if problem}<p class="mt-2 text-trouble" role="alert">{problem}</p>{/if}
    <PrintsOfRoll prints={data.prints} />
  </section>
</div>
