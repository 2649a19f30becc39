<script lang="ts">
  import { useDesk } from '../../bench/desk/desk.svelte.ts';
  import Field from '../../kit/Field.svelte';
  import { capital } from '../../words/capital.ts';
  import {
    allTicked,
    leftOutOf,
    minutesOf,
    tickedOf,
    usualAmounts,
    type EveningForm,
  } from './evening-form.ts';
  import { tickedWords, type Candidate } from './evening-tasks.ts';
  import { learnedWords, ownSteps, type Learned } from './times.ts';

  interface Props {
    candidates: readonly Candidate[];
    form: EveningForm;
    /** How long things take here. */
    learned: Learned;
    /** So many tanks are written down. */
    tanks: number;
  }
  const { candidates, form, learned, tanks }: Props = $props();
  const desk = useDesk();
  const ticked = $derived(tickedOf(form));
  const leftOut = $derived(leftOutOf(form));
  const all = $derived(candidates.every(({ id }) => ticked.includes(id)));
  const shared = $derived([
    { key: 'tanks', label: 'Tanks', usual: Math.max(1, tanks) },
    { key: 'washer', label: 'Prints in the washer', usual: usualAmounts.washer },
    { key: 'lines', label: 'Places on the line', usual: usualAmounts.lines },
  ] as const);
  const minutes = $derived(minutesOf(form));
  const steps = $derived(
    ownSteps(
      candidates.filter(({ id }) => ticked.includes(id)),
      learned,
    ),
  );

  function takeAlong(id: string, on: boolean) {
    form.leftOut = JSON.stringify(on ? leftOut.filter((other) => other !== id) : [...leftOut, id]);
  }

  function tick(id: string, on: boolean) {
    form.ticked = JSON.stringify(on ? [...ticked, id] : ticked.filter((other) => other !== id));
  }
</script>

<section class="not-printed" aria-label="What is to be done">
  <div class="flex flex-wrap items-baseline justify-between gap-x-4">
    <h2 class="text-xl font-[620]">What is to be done</h2>
    {#if candidates.length > 1}<button
        class="slot-in min-h-11"
        type="button"
        data-leaves-space
        onclick={() => (form.ticked = all ? '[]' : allTicked(candidates))}
        >{all ? 'None of it' : 'All of it'}</button
      >{/if}
  </div>
  <ul class="mt-1">
    {#each candidates as candidate (candidate.id)}
      {@const { id, name, rolls } = candidate}
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
        {#if rolls && rolls.length > 1 && ticked.includes(id)}
          <ul class="ml-10" aria-label="Rolls of this tank">
            {#each rolls as roll (roll.id)}
              <li>
                <label class="flex min-h-11 items-center gap-3"
                  ><input
                    type="checkbox"
                    class="tick"
                    bind:checked={() => !leftOut.includes(roll.id), (on) => takeAlong(roll.id, on)}
                  /><span class="min-w-0 break-words">{roll.name}</span></label
                >
              </li>
            {/each}
          </ul>
        {/if}
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
    <Field id="out" label="Out at" placeholder="any time" maxlength={5} bind:value={form.out} />
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
    <Field
      id="bottles"
      label="Bottles read, °{desk.preferences.unit}"
      placeholder="not read"
      numeric
      maxlength={8}
      bind:value={form.bottles}
    />
  </div>
  <details class="mt-3">
    <summary class="min-h-11 content-center text-soft">What the plan takes for granted</summary>
    <div class="grid grid-cols-2 gap-x-6 sm:grid-cols-3">
      {#each shared as { key, label, usual } (key)}
        <Field
          id={key}
          {label}
          placeholder={String(usual)}
          numeric
          maxlength={2}
          bind:value={form[key]}
        />
      {/each}
      {#each steps as step (step.key)}
        <Field
          id="minutes-{step.key}"
          label="{capital(step.name)}, min"
          placeholder={String(step.minutes)}
          numeric
          maxlength={5}
          bind:value={
            () => minutes[step.key] ?? '',
            (text) => (form.minutes = JSON.stringify({ ...minutes, [step.key]: text }))
          }
        />
      {/each}
    </div>
  </details>
  <details class="mt-3">
    <summary class="min-h-11 content-center text-soft">Where the times come from</summary>
    <ul class="reason">
      <li>A developer’s time is its recipe’s; how many strips, the advice’s own number.</li>
      {#each learnedWords(learned) as sentence (sentence)}<li>{sentence}</li>{/each}
      <li>All other times are usual ones, until they happened here three times, or are typed.</li>
    </ul>
  </details>
</section>
