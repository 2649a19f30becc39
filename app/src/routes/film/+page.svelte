<script lang="ts">
  import { goto, invalidate } from '$app/navigation';
  import { agitationScheme, filmFormats, formatDilution } from '@katachron/core';
  import { format } from 'date-fns';
  import { tick } from 'svelte';
  import { put } from '$lib/api/client.ts';
  import type { FilmDraft } from '$lib/contract/drafts.ts';
  import type { Roll } from '$lib/contract/roll.ts';
  import { agitationKey, agitationOptions } from '$lib/film/agitation-options.ts';
  import { timeChart } from '$lib/film/chart.ts';
  import FilmPages from '$lib/film/FilmPages.svelte';
  import { filmView } from '$lib/film/film-view.ts';
  import PlanEditor from '$lib/film/PlanEditor.svelte';
  import { withRecipe, withRoll } from '$lib/film/take.ts';
  import TimeChart from '$lib/film/TimeChart.svelte';
  import { useDesk } from '$lib/light/desk.svelte.ts';
  import Button from '$lib/ui/Button.svelte';
  import { cookieNames } from '$lib/ui/cookie.ts';
  import { draftOf } from '$lib/ui/draft.svelte.ts';
  import { useKeys } from '$lib/ui/keys/keys.svelte.ts';
  import SlotChoice from '$lib/ui/SlotChoice.svelte';
  import SlotText from '$lib/ui/SlotText.svelte';
  import { clockTime } from '$lib/words/duration.ts';
  import { contrastName } from '$lib/words/factors.ts';
  import { degrees } from '$lib/words/temperature.ts';
  import { verdictSentence } from '$lib/words/verdict.ts';
  import { millilitres } from '$lib/words/volume.ts';

  const { data } = $props();
  const desk = useDesk();
  // The draft is this page's own from here on.
  // svelte-ignore state_referenced_locally
  const kept = draftOf(cookieNames.film, data.draft);
  const draft = kept.value;
  const unit = $derived(desk.preferences.unit);
  const view = $derived(filmView(draft, data, desk.preferences));
  const { recipe, development } = $derived(view);
  const chart = $derived(
    recipe && timeChart(recipe, development?.factor ?? 1, unit, view.temperatureC),
  );
  const agitations = $derived(agitationOptions(data.recipes));
  const agitation = $derived(draft.agitations?.developer ?? recipe?.agitation ?? 'each-minute');
  const waiting = $derived(data.waiting.find(({ id }) => id === draft.rollId));
  let problem = $state<string>();
  let starting = $state(false);

  const recipeChoices = $derived(
    data.recipes.map((one) => ({
      id: one.id,
      name: `${one.film} in ${one.developer} ${formatDilution(one.dilution)}`,
      more: `EI ${one.exposureIndex}, ${one.points.length === 1 ? 'one temperature' : `${one.points.length} temperatures`}`,
    })),
  );
  const NEW_ROLL = '';
  const rollChoices = $derived([
    { id: NEW_ROLL, name: 'one not written down yet' },
    ...data.waiting.map(({ id, title, exposureIndex, exposed }) => ({
      id,
      name: title,
      more: [exposed?.film, `EI ${exposureIndex}`, exposed?.camera].filter(Boolean).join(', '),
    })),
  ]);

  /** Takes another recipe; what the last negatives from it looked like is asked for again. */
  async function choose(id: string) {
    replace(withRecipe($state.snapshot(draft), id));
    await tick();
    await invalidate('katachron:film');
  }

  /** Takes another tank; what its runs have taught is asked for. */
  async function chooseTank(id: string) {
    draft.tankId = id;
    await tick();
    await invalidate('katachron:film');
    const { needsMl } = view.tank;
    if (needsMl !== undefined) draft.volume = millilitres(needsMl);
  }

  /** Takes an exposed roll: its name, speed and format, and a recipe for its film where there is one. */
  async function take(id: string) {
    const roll = data.waiting.find((one) => one.id === id);
    if (!roll) draft.rollId = NEW_ROLL;
    else replace(withRoll($state.snapshot(draft), roll, data.recipes));
    await tick();
    await invalidate('katachron:film');
  }

  /** Another draft in the place of this one; what it does not have is gone. */
  function replace(next: FilmDraft) {
    for (const name of Object.keys(draft) as (keyof FilmDraft)[]) {
      if (!(name in next)) delete draft[name as 'n'];
    }
    Object.assign(draft, next);
  }

  useKeys([
    { key: ' ', does: 'take it to the sink', run: () => void toTheSink() },
    { key: 't', does: 'type the temperature', run: () => thermometer?.focus() },
    { key: 'u', does: '°C or °F', run: switchUnit },
  ]);

  let thermometer = $state<HTMLInputElement>();

  function switchUnit() {
    draft.temperature = desk.switchUnit(draft.temperature);
  }

  async function toTheSink() {
    const { plan, temperatureC, exposureIndex, volumeMl, choices, tank } = view;
    if (
      !plan ||
      !recipe ||
      temperatureC === undefined ||
      exposureIndex === undefined ||
      !development
    ) {
      problem =
        view.refusal ?? view.troubles.rollsBefore ?? 'Type the temperature of the developer first.';
      thermometer?.focus();
      return;
    }
    if (starting) return;
    starting = true;
    problem = undefined;
    const { id: _id, version: _version, ...body } = recipe;
    const madeAtMs = Date.now();
    const title = draft.title.trim() || `Roll of ${format(madeAtMs, 'd MMMM yyyy, HH:mm')}`;
    const id = waiting?.id ?? crypto.randomUUID();
    const outcome = await put<Roll>(
      `/api/v1/rolls/${id}`,
      {
        title,
        ...(waiting?.exposed && { exposed: waiting.exposed }),
        recipe: body,
        exposureIndex,
        temperatureC,
        developmentSeconds: view.seconds ?? development.seconds,
        ...(choices && Object.keys(choices).length > 0 && { choices }),
        ...(view.drift && { drift: view.drift }),
        ...(volumeMl !== undefined && { volumeMl }),
        ...(tank.tank && {
          tank: { id: tank.tank.id, name: tank.tank.name, load: tank.load },
        }),
        plan,
        madeAtMs: waiting?.madeAtMs ?? madeAtMs,
      },
      waiting?.version,
    );
    starting = false;
    if (outcome.problem) {
      problem = outcome.problem.detail;
      return;
    }
    draft.rollId = NEW_ROLL;
    await goto(`/film/run/${id}`);
  }
</script>

<svelte:head><title>Film · Katachron</title></svelte:head>

<FilmPages />
{#if !recipe}
  <h1 class="heading">Film</h1>
  <p class="reason mt-3">
    No recipe yet. Write down one time from a data sheet, or from your own notes, and every other
    temperature and speed follows from it.
  </p>
  <div class="mt-6 flex flex-wrap gap-3">
    <Button main href="/film/recipes/new">Write down a recipe</Button>
    <Button href="/film/recipes/import">Bring recipes in from a file</Button>
  </div>
{:else}
  <h1 class="heading">
    <SlotText
      label="Name of the roll"
      bind:value={draft.title}
      empty="Name this roll"
      maxlength={120}
      hint="Found by these words later. Left empty, it gets today’s date."
      class="line-clamp-2 max-w-full border-transparent"
    />
  </h1>
  <p class="mt-1 text-[17px] leading-relaxed text-soft">
    {#if data.waiting.length > 0}
      It is
      <SlotChoice
        label="Exposed roll"
        bind:value={() => draft.rollId ?? NEW_ROLL, (id) => void take(id)}
        options={rollChoices}
        shown={waiting ? 'one of the exposed rolls' : 'not written down yet'}
      />.
    {/if}
    <SlotChoice
      label="Recipe"
      bind:value={() => recipe.id, (id) => void choose(id)}
      options={recipeChoices}
      shown="{recipe.film} in {recipe.developer} {formatDilution(recipe.dilution)}"
    />
    shot at
    <SlotText
      label="Speed used (EI)"
      bind:value={draft.exposureIndex}
      empty="EI {recipe.exposureIndex}"
      before="EI "
      numeric
      maxlength={12}
      trouble={view.troubles.exposureIndex}
      hint="What the camera or the meter was set to."
    />,
    <SlotChoice
      label="Agitation"
      bind:value={
        () => agitationKey(agitation),
        (key) => {
          const chosen = agitations.find(({ id }) => id === key);
          if (chosen) draft.agitations = { ...draft.agitations, developer: chosen.agitation };
        }
      }
      options={agitations}
      shown={agitationScheme(agitation).name}
    />, {#if recipe.contrast?.length}for
      <SlotChoice
        label="Contrast"
        bind:value={() => String(draft.n ?? 0), (n) => (draft.n = Number(n))}
        options={[{ n: 0 }, ...recipe.contrast].map(({ n }) => ({
          id: String(n),
          name: contrastName(n),
        }))}
      />,
    {/if}{#if recipe.reuse?.kind === 'batch'}after
      <SlotText
        label="Rolls already developed in it"
        bind:value={() => draft.rollsBefore ?? '', (typed) => (draft.rollsBefore = typed)}
        empty="no rolls"
        after=" rolls"
        numeric
        maxlength={6}
        trouble={view.troubles.rollsBefore}
        hint="The time grows by {recipe.reuse.percent} % for each {recipe.reuse.rolls} rolls."
      /> before,
    {/if}
    <SlotText
      label="How many films"
      bind:value={() => draft.films ?? '', (typed) => (draft.films = typed)}
      empty="1 ×"
      after=" ×"
      numeric
      maxlength={4}
      trouble={view.troubles.films}
      hint="That go through together."
    />
    <SlotChoice
      label="Film format"
      bind:value={() => draft.format ?? 'small-36', (chosen) => (draft.format = chosen)}
      options={filmFormats}
    />
    {#if data.tanks.length > 0}in
      <SlotChoice
        label="Tank"
        bind:value={() => draft.tankId ?? '', (id) => void chooseTank(id)}
        options={[
          { id: '', name: 'any tank' },
          ...data.tanks.map(({ id, name, holdsMl }) => ({
            id,
            name,
            more: `${millilitres(holdsMl)} ml`,
          })),
        ]}
        shown={view.tank.tank?.name ?? 'any tank'}
      />,
    {/if}
    <SlotText
      label="Volume in the tank, ml"
      bind:value={draft.volume}
      empty="no volume"
      after=" ml"
      numeric
      maxlength={12}
      trouble={view.troubles.volume}
      hint="To know what to measure."
    />.
  </p>
  {#if view.push}
    <p class="mt-1 text-[17px] font-[560]">
      {view.push.charAt(0).toUpperCase()}{view.push.slice(1)}.
      <a class="slot-in font-normal" href="/film/push?stops={view.development?.pushStops ?? 0}"
        >What that does</a
      >
    </p>
  {/if}

  <div class="mt-6 grid grid-cols-1 gap-x-14 gap-y-8 lg:grid-cols-[330px_minmax(0,1fr)_330px]">
    <section aria-label="The time">
      <p class="numeral text-[112px] lg:text-[132px]" aria-live="polite" data-testid="time">
        {view.seconds === undefined ? '–:––' : clockTime(view.seconds)}
      </p>
      <div class="mt-8 flex items-end justify-between">
        <label for="temperature" class="text-soft">Developer reads</label>
        <button
          class="slot-in mb-1 min-h-9 px-1"
          onclick={switchUnit}
          aria-label="Unit: °{unit}. Change it.">°{unit}</button
        >
      </div>
      <input
        id="temperature"
        bind:this={thermometer}
        bind:value={draft.temperature}
        class="field numeral w-full text-[62px]"
        placeholder={unit === 'C' ? '20' : '68'}
        inputmode="decimal"
        autocomplete="off"
        maxlength="12"
        aria-invalid={view.troubles.temperature !== undefined || view.refusal !== undefined}
        aria-describedby="time-reason"
        onkeydown={(event) => event.key === 'Enter' && thermometer?.blur()}
      />
      <div id="time-reason" class="mt-6 space-y-2">
        {#if view.troubles.temperature ?? view.refusal}
          <p class="reason text-trouble" role="alert">
            {view.troubles.temperature ?? view.refusal}
          </p>
        {/if}
        {#if view.factors.length > 0 && development}
          <table class="w-full" aria-label="How the time is worked out">
            <tbody>
              <tr class="border-b border-hair">
                <td class="pr-3 text-right font-[620]">{clockTime(development.base.seconds)}</td>
                <td class="text-[15px] text-soft"
                  >the recipe at {degrees(view.temperatureC ?? 0, unit)}</td
                >
              </tr>
              {#each view.factors as line (line.id)}
                <tr class="border-b border-hair">
                  <td class="whitespace-nowrap pr-3 text-right font-[620]">{line.times}</td>
                  <td class="text-[15px] leading-snug text-soft">{line.why}</td>
                </tr>
              {/each}
              <tr>
                <td class="pr-3 text-right font-[620]">{clockTime(development.seconds)}</td>
                <td class="text-[15px] text-soft">together</td>
              </tr>
            </tbody>
          </table>
        {/if}
        {#each view.reasons as sentence (sentence)}<p class="reason">{sentence}</p>{/each}
        {#each view.cautions as sentence (sentence)}
          <p class="reason text-caution">{sentence}</p>
        {/each}
        {#if view.wrongClock}<p class="reason">{view.wrongClock}</p>{/if}
      </div>
    </section>

    <section aria-label="Time against temperature">
      {#if chart}
        <TimeChart
          {chart}
          label="Development time against temperature, from the recipe’s {recipe.points
            .length} points{development && view.temperatureC !== undefined
            ? `; now ${clockTime(development.seconds)} at ${degrees(view.temperatureC, unit)}`
            : ''}"
        />
      {/if}
      <div class="mt-6 space-y-2 md:pl-12">
        {#each data.judged as roll (roll.id)}
          {#if roll.judgement}
            <p class="text-[15px] leading-snug text-soft" data-testid="verdict">
              <a class="slot-in" href="/logbook/rolls/{roll.id}">{roll.title}</a>: {verdictSentence(
                roll.judgement,
              )}
            </p>
          {/if}
        {/each}
        <p class="leading-relaxed text-soft">
          <SlotText
            label="Temperature of the room, °{unit}"
            bind:value={() => draft.room ?? '', (room) => (draft.room = room)}
            empty="Follow the drift"
            before="Room "
            after="°"
            numeric
            maxlength={8}
            trouble={view.troubles.room}
            hint="The tank drifts towards it. Left empty, it is taken to stay as it is."
          />{#if draft.room?.trim()}, the tank follows in
            <SlotText
              label="The tank follows the room in, minutes"
              bind:value={() => draft.follows ?? '', (follows) => (draft.follows = follows)}
              empty="{view.follows.minutes} min"
              after=" min"
              numeric
              maxlength={8}
              trouble={view.troubles.follows}
              hint="After this long 63 % of the difference is gone."
            />{#if view.follows.from && !draft.follows?.trim()}, {view.follows.from}{/if}{/if}. I
          want
          <SlotText
            label="The development should take at least"
            bind:value={() => draft.atLeast ?? '', (atLeast) => (draft.atLeast = atLeast)}
            empty="a longer time"
            before="at least "
            maxlength={8}
            trouble={view.troubles.atLeast}
            hint="As 6:00: says at which temperature."
          />{view.reverse ? ': ' : '.'}
          {#if view.reverse}<span class="text-ink">{view.reverse}</span>{/if}
          The bottle should have
          <SlotText
            label="The bottle should have, °{unit}"
            bind:value={() => draft.warmTo ?? '', (warmTo) => (draft.warmTo = warmTo)}
            empty="another temperature"
            after="°"
            numeric
            maxlength={8}
            trouble={view.troubles.warmTo}
            hint="Says how much it must be warmed or cooled, and how long that takes."
          />{#if draft.warmTo?.trim()}, in water at
            <SlotText
              label="Temperature of the water bath, °{unit}"
              bind:value={() => draft.waterBath ?? '', (bath) => (draft.waterBath = bath)}
              empty="10° beyond"
              after="°"
              numeric
              maxlength={8}
              trouble={view.troubles.waterBath}
              hint="The nearer, the surer."
            />{/if}.
          {#if view.warm}<span class="text-ink">{view.warm}</span>{/if}
        </p>
      </div>
    </section>

    <section aria-label="The plan">
      <div class="grid">
        <Button main keyHint="Space" onclick={() => void toTheSink()} disabled={starting}>
          Take it to the sink
        </Button>
      </div>
      {#if problem}<p class="mt-2 text-trouble" role="alert">{problem}</p>{/if}
      {#if kept.tooLarge}
        <p class="mt-2 text-caution">That is too much to keep over a reload. Shorten the name.</p>
      {/if}
      {#each view.tank.cautions as sentence (sentence)}
        <p class="mt-2 text-caution">{sentence}</p>
      {/each}
      <PlanEditor
        {draft}
        plan={view.steps}
        {agitations}
        procedures={data.procedures}
        saved={() => void invalidate('katachron:film')}
      />
      {#if view.mix}
        <p class="mt-3 text-soft">{view.mix}</p>
        {#if view.smallMeasure}
          <p class="text-caution">
            Under 5 ml cannot be measured well: use a syringe, mix more, or dilute in two stages.
          </p>
        {/if}
      {/if}
      {#if view.tank.sentence}<p class="mt-1 text-soft">{view.tank.sentence}</p>{/if}
      <p class="mt-1 text-soft">
        Gloves on for the concentrate; its data sheet comes first. The clock starts when
        <SlotChoice
          label="The clock of a bath starts when"
          bind:value={() => desk.preferences.clockStart, (clockStart) => desk.set({ clockStart })}
          options={[
            { id: 'pouring-begins', name: 'pouring in begins' },
            { id: 'pouring-ends', name: 'pouring in ends' },
          ]}
        />.
      </p>
    </section>
  </div>
{/if}
