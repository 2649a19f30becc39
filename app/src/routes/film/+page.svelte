<script lang="ts">
  import { goto } from '$app/navigation';
  import { formatDilution } from '@katachron/core';
  import { format } from 'date-fns';
  import { put } from '$lib/api/client.ts';
  import type { Roll } from '$lib/contract/roll.ts';
  import { timeChart } from '$lib/film/chart.ts';
  import { USUAL_FOLLOW_MINUTES, filmView } from '$lib/film/film-view.ts';
  import TimeChart from '$lib/film/TimeChart.svelte';
  import { useDesk } from '$lib/light/desk.svelte.ts';
  import Button from '$lib/ui/Button.svelte';
  import { cookieNames } from '$lib/ui/cookie.ts';
  import { draftOf } from '$lib/ui/draft.svelte.ts';
  import { useKeys } from '$lib/ui/keys/keys.svelte.ts';
  import { onEnter } from '$lib/ui/on-enter.ts';
  import Slot from '$lib/ui/Slot.svelte';
  import SlotChoice from '$lib/ui/SlotChoice.svelte';
  import SlotText from '$lib/ui/SlotText.svelte';
  import { clockTime } from '$lib/words/duration.ts';
  import { degrees } from '$lib/words/temperature.ts';

  const { data } = $props();
  const desk = useDesk();
  // The draft is this page's own from here on.
  // svelte-ignore state_referenced_locally
  const kept = draftOf(cookieNames.film, data.draft);
  const draft = kept.value;
  const unit = $derived(desk.preferences.unit);
  const view = $derived(filmView(draft, data.recipes, desk.preferences));
  const { recipe, development } = $derived(view);
  const chart = $derived(
    recipe && timeChart(recipe, development?.pushFactor ?? 1, unit, view.temperatureC),
  );
  let problem = $state<string>();
  let starting = $state(false);

  const recipeChoices = $derived(
    data.recipes.map((one) => ({
      id: one.id,
      name: `${one.film} in ${one.developer} ${formatDilution(one.dilution)}`,
      more: `EI ${one.exposureIndex}, ${one.points.length === 1 ? 'one temperature' : `${one.points.length} temperatures`}`,
    })),
  );

  useKeys([
    { key: ' ', does: 'take it to the sink', run: () => void toTheSink() },
    { key: 't', does: 'type the temperature', run: () => thermometer?.focus() },
    { key: 'u', does: '°C or °F', run: switchUnit },
  ]);

  let thermometer = $state<HTMLInputElement>();

  function switchUnit() {
    draft.temperature = desk.switchUnit(draft.temperature);
  }

  function toggleStep(kind: (typeof draft.kinds)[number]) {
    draft.kinds = draft.kinds.includes(kind)
      ? draft.kinds.filter((other) => other !== kind)
      : [...draft.kinds, kind];
  }

  async function toTheSink() {
    const { plan, temperatureC, exposureIndex, volumeMl } = view;
    if (
      !plan ||
      !recipe ||
      temperatureC === undefined ||
      exposureIndex === undefined ||
      !development
    ) {
      problem = view.refusal ?? 'Type the temperature of the developer first.';
      thermometer?.focus();
      return;
    }
    if (starting) return;
    starting = true;
    problem = undefined;
    const { id: _id, version: _version, ...body } = recipe;
    const madeAtMs = Date.now();
    const title = draft.title.trim() || `Roll of ${format(madeAtMs, 'd MMMM yyyy, HH:mm')}`;
    const id = crypto.randomUUID();
    const outcome = await put<Roll>(`/api/v1/rolls/${id}`, {
      title,
      recipe: body,
      exposureIndex,
      temperatureC,
      developmentSeconds: view.seconds ?? development.seconds,
      ...(view.drift && { drift: view.drift }),
      ...(volumeMl !== undefined && { volumeMl }),
      plan,
      madeAtMs,
    });
    starting = false;
    if (outcome.problem) problem = outcome.problem.detail;
    else await goto(`/film/run/${id}`);
  }
</script>

<svelte:head><title>Film · Katachron</title></svelte:head>

{#if !recipe}
  <h1 class="heading">Film</h1>
  <p class="reason mt-3">
    No recipe yet. Write down one time from a data sheet, or from your own notes, and every other
    temperature and speed follows from it.
  </p>
  <div class="mt-6"><Button main href="/film/recipes/new">Write down a recipe</Button></div>
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
    <SlotChoice
      label="Recipe"
      bind:value={
        () => recipe.id,
        (id) => {
          draft.recipeId = id;
          draft.exposureIndex = '';
        }
      }
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
    />, {view.agitation}, in
    <SlotText
      label="Volume in the tank, ml"
      bind:value={draft.volume}
      empty="no volume"
      after=" ml"
      numeric
      maxlength={12}
      trouble={view.troubles.volume}
      hint="To know what to measure."
    />
    · <a class="slot-in" href="/film/recipes/new">another recipe</a>
  </p>
  {#if view.push}
    <p class="mt-1 text-[17px] font-[560]">
      {view.push.charAt(0).toUpperCase()}{view.push.slice(1)}.
    </p>
  {/if}

  <div class="mt-6 grid gap-x-14 gap-y-8 lg:grid-cols-[330px_minmax(0,1fr)_330px]">
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
        {#each view.reasons as sentence (sentence)}<p class="reason">{sentence}</p>{/each}
        {#each view.cautions as sentence (sentence)}
          <p class="reason text-caution">{sentence}</p>
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
              empty="{USUAL_FOLLOW_MINUTES} min"
              after=" min"
              numeric
              maxlength={8}
              trouble={view.troubles.follows}
              hint="After this long 63 % of the difference is gone."
            />{/if}. I want
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
        </p>
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
    </section>

    <section aria-label="The plan">
      <ol>
        {#each view.lines.filter(({ included }) => included) as step (step.kind)}
          <li
            class="flex min-h-[43px] items-center justify-between border-b border-hair font-[560]"
          >
            <span>{step.name}</span>
            {#if step.kind === 'developer'}
              <span class="font-[620]">{step.shown}</span>
            {:else}
              <Slot
                label="{step.name}, time"
                shown={step.shown}
                trouble={step.trouble !== undefined}
                class="min-h-9 border-transparent font-[620]"
              >
                {#snippet children(close)}
                  <label class="block text-soft" for="time-{step.kind}">{step.name}, time</label>
                  <input
                    id="time-{step.kind}"
                    class="field w-full text-xl"
                    bind:value={
                      () => draft.times[step.kind] ?? step.shown,
                      (typed) => (draft.times[step.kind] = typed)
                    }
                    inputmode="text"
                    maxlength="12"
                    autocomplete="off"
                    onkeydown={onEnter(close)}
                  />
                  <p class="mt-2 text-[15px] {step.trouble ? 'text-trouble' : 'text-soft'}">
                    {step.trouble ?? 'As 3:30, or in seconds.'}
                  </p>
                  <button
                    class="mt-2 min-h-11 font-[600] underline decoration-hair"
                    onclick={() => {
                      toggleStep(step.kind);
                      close();
                    }}>Leave it out</button
                  >
                {/snippet}
              </Slot>
            {/if}
          </li>
        {/each}
      </ol>
      <p class="mt-2 text-[15px] text-soft">
        {#each view.lines.filter(({ included }) => !included) as step, index (step.kind)}
          {index === 0 ? 'Add ' : ', '}<button
            class="slot-in py-1"
            onclick={() => toggleStep(step.kind)}>{step.name.toLowerCase()}</button
          >
        {/each}
      </p>
      {#if view.mix}
        <p class="mt-3 text-soft">{view.mix}</p>
        {#if view.smallMeasure}
          <p class="text-caution">
            Under 5 ml cannot be measured well: use a syringe, mix more, or dilute in two stages.
          </p>
        {/if}
      {/if}
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
      {#if problem}<p class="mt-3 text-trouble" role="alert">{problem}</p>{/if}
      {#if kept.tooLarge}
        <p class="mt-3 text-caution">That is too much to keep over a reload. Shorten the name.</p>
      {/if}
      <div class="mt-4">
        <Button main keyHint="Space" onclick={() => void toTheSink()} disabled={starting}>
          Take it to the sink
        </Button>
      </div>
    </section>
  </div>
{/if}
