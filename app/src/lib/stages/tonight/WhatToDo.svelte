<script lang="ts">
  import { useDesk } from '../../bench/desk/desk.svelte.ts';
  import Field from '../../kit/Field.svelte';
  import { tickedWords, type Candidate } from './evening-tasks.ts';
  import { tickedOf, type EveningForm } from './evening-form.ts';

  interface Props {
    candidates: readonly Candidate[];
    form: EveningForm;
    /** How long things take here, a sentence each. */
    sentences: readonly string[];
  }
  const { candidates, form, sentences }: Props = $props();
  const desk = useDesk();
  const ticked = $derived(tickedOf(form));

  function tick(id: string, on: boolean) {
    form.ticked = JSON.stringify(on ? [...ticked, id] : ticked.filter((other) => other !== id));
  }
</script>

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
    <summary class="min-h-11 content-center text-soft">Where the times come from</summary>
    <ul class="reason">
      <li>A developer’s time is its recipe’s; how many strips, the advice’s own number.</li>
      {#each sentences as sentence (sentence)}<li>{sentence}</li>{/each}
      <li>All other times are usual ones, until they happened here three times.</li>
    </ul>
  </details>
</section>
