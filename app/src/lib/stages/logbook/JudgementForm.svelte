<script lang="ts">
  import {
    densities,
    highlightVerdicts,
    negativeAdvice,
    negativeMarks,
    shadowVerdicts,
    type NegativeMarkId,
  } from '@katachron/core';
  import { put } from '../../kit/client.ts';
  import type { Judgement, PlannedRoll, Roll } from '../../nouns/roll/contract.ts';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import { verdictSentence } from '../../nouns/roll/verdict.ts';

  interface Props {
    roll: PlannedRoll;
    pushStops: number;
    /** The share of its development that the film really got, where that is known. */
    developed: number | undefined;
    /** Something was kept. */
    kept: () => Promise<void>;
  }
  const { roll, pushStops, developed, kept }: Props = $props();

  // The form is its own from here on.
  /* svelte-ignore state_referenced_locally */
  const begun = roll.judgement;
  let density = $state<Judgement['density']>(begun?.density ?? 'good');
  let shadows = $state<Judgement['shadows']>(begun?.shadows ?? 'open');
  let highlights = $state<Judgement['highlights']>(begun?.highlights ?? 'printable');
  let marks = $state<NegativeMarkId[]>([...(begun?.marks ?? [])]);
  /** What was typed; until then what the advice says is carried to the next time. */
  let typed = $state(begun?.change);
  let open = $state(begun === undefined);
  let problem = $state<string>();
  const advice = $derived(
    negativeAdvice({ density, shadows, highlights, marks }, { pushStops, developed }),
  );
  const change = $derived(
    typed ??
      advice
        .map(({ change: todo }) => todo)
        .join(' ')
        .slice(0, 500),
  );

  const words = (list: readonly string[]) => list.map((name) => ({ id: name, name }));

  async function write(more: Partial<Roll>): Promise<void> {
    const { id, version, state: _s, startedAtMs: _a, finishedAtMs: _f, ...body } = roll;
    const outcome = await put<Roll>(`/api/v1/rolls/${id}`, { ...body, ...more }, version);
    problem = outcome.problem?.detail;
    if (outcome.problem) return;
    await kept();
  }

  async function keep(submit: SubmitEvent) {
    submit.preventDefault();
    const judgement = {
      atMs: Date.now(),
      density,
      shadows,
      highlights,
      marks: [...marks],
      change: change.trim(),
    };
    await write({ judgement });
    if (problem === undefined) open = false;
  }
</script>

<section aria-label="The negatives">
  <h2 class="text-lg font-[600]">The negatives</h2>
  {#if roll.judgement && !open}
    <p class="reason mt-2">{verdictSentence(roll.judgement)}</p>
    {#each advice as { cause, change: todo } (cause)}
      <p class="reason mt-1 text-soft">{cause} {todo}</p>
    {/each}
    <p class="not-printed mt-2 flex flex-wrap gap-x-6">
      <button class="slot-in min-h-11" onclick={() => (open = true)}>Judge them again</button>
      {#if roll.proofedAtMs === undefined}
        <button class="slot-in min-h-11" onclick={() => void write({ proofedAtMs: Date.now() })}
          >They are proofed</button
        >
      {:else}<span class="flex min-h-11 items-center text-soft">Proofed.</span>{/if}
    </p>
  {:else}
    <form class="not-printed mt-2" onsubmit={keep}>
      <p class="text-[17px] leading-loose text-soft">
        On the light table they are
        <SlotChoice label="Density" bind:value={density} options={words(densities)} />, the shadows
        <SlotChoice label="Shadows" bind:value={shadows} options={words(shadowVerdicts)} />, the
        highlights
        <SlotChoice
          label="Highlights"
          bind:value={highlights}
          options={words(highlightVerdicts)}
        />.
      </p>
      <fieldset class="mt-1">
        <legend class="text-soft">Marks on them</legend>
        <div class="flex flex-wrap gap-x-5">
          {#each negativeMarks as { id, name } (id)}
            <label class="flex min-h-11 items-center gap-2"
              ><input type="checkbox" class="tick" value={id} bind:group={marks} />{name}</label
            >
          {/each}
        </div>
      </fieldset>
      <div aria-live="polite">
        {#each advice as { cause, change: todo } (cause)}
          <p class="reason mt-1">{cause} {todo}</p>
        {/each}
      </div>
      <label class="mt-3 block text-soft" for="change">What to change next time</label>
      <input
        id="change"
        class="field w-full text-lg"
        bind:value={() => change, (text) => (typed = text)}
        maxlength="500"
        autocomplete="off"
      />
      <button class="mt-3 min-h-14 rounded-xl border-2 border-hair px-6 font-[600]"
        >Save the verdict</button
      >
    </form>
  {/if}
  {#if problem}<p class="mt-2 text-trouble" role="alert">{problem}</p>{/if}
</section>
