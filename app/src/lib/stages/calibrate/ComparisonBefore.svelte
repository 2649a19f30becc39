<script lang="ts">
  import { goto } from '$app/navigation';
  import { refresh } from '../../kit/refresh.ts';
  import Button from '../../kit/Button.svelte';
  import { put } from '../../kit/client.ts';
  import Field from '../../kit/Field.svelte';
  import Fields from '../../kit/Fields.svelte';
  import { useKeys } from '../../kit/keys/keys.svelte.ts';
  import { newId } from '../../kit/new-id.ts';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import { cellsOf, textOf } from '../../nouns/calibration/fields/tables.ts';
  import type { Comparison, ComparisonBody } from '../../nouns/comparison/contract.ts';
  import { tossedKey } from '../../nouns/comparison/result.ts';
  import { usualConditions } from '../../nouns/comparison/sides.ts';
  import {
    comparisonForm,
    conditionsOf,
    emptyComparison,
    readComparison,
    type ComparisonForm,
  } from './comparison-form.ts';
  import { differenceWords } from './comparison-view.ts';

  interface Props {
    kept: Comparison | undefined;
  }
  const { kept }: Props = $props();
  // The form is its own from here on.
  // svelte-ignore state_referenced_locally
  const form = $state<ComparisonForm>(kept ? comparisonForm(kept) : { ...emptyComparison });
  const read = $derived(readComparison(form));
  const words = $derived(differenceWords(conditionsOf(form.conditions)));
  const rows = $derived(cellsOf(form.conditions));
  const saved = $derived(
    kept !== undefined &&
      JSON.stringify(comparisonForm(kept)) === JSON.stringify($state.snapshot(form)),
  );
  let tried = $state(false);
  let problem = $state<string>();
  // Sent again after a lost answer it is the same comparison, and says the same.
  const ownId = newId();
  const begunAtMs = Date.now();

  useKeys([
    { key: ' ', does: 'save; then shuffle', run: () => void (saved ? shuffle() : save()) },
    { key: 'Escape', does: 'to the comparisons', run: () => void goto('/calibrate/comparisons') },
  ]);

  const usual = new Set<string>(usualConditions);
  const lines = [
    { name: 'name', label: 'The question', hint: 'One only.', maxlength: 160 },
    {
      name: 'asked',
      label: 'What is looked for',
      hint: 'What one of the two has more of.',
      maxlength: 160,
    },
  ] as const;
  const changedLines = [
    { name: 'what', label: 'The one thing changed', hint: 'As dilution.', maxlength: 60 },
    { name: 'a', label: 'Sample A', hint: 'As 1+9.', maxlength: 120 },
    { name: 'b', label: 'Sample B', hint: 'As 1+14.', maxlength: 120 },
  ] as const;
  const troubles = $derived(tried ? (read.troubles ?? {}) : {});

  function cell(row: number, column: number, text: string) {
    form.conditions = textOf(
      rows.map((line, at) =>
        [0, 1, 2].map((one) => (at === row && one === column ? text : (line[one] ?? ''))),
      ),
    );
  }

  async function keep(key: ComparisonBody['key']): Promise<boolean> {
    tried = true;
    if (!read.body) {
      problem = 'Some of it is still missing: see the fields.';
      return false;
    }
    const body: ComparisonBody = {
      ...read.body,
      startedAtMs: kept?.startedAtMs ?? begunAtMs,
      ...{ key, answers: [], note: kept?.note ?? '' },
    };
    const outcome = await put(`/api/v1/comparisons/${kept?.id ?? ownId}`, body, kept?.version);
    problem = outcome.problem?.detail;
    return outcome.value !== undefined;
  }

  async function save() {
    if (!(await keep([]))) return;
    if (kept) await refresh();
    else await goto(`/calibrate/comparisons/${ownId}`);
  }

  async function shuffle() {
    if (await keep(tossedKey(read.pairs ?? 8, Math.random))) await refresh();
  }
</script>

<h1 class="heading break-words">{kept?.name ?? 'New comparison'}</h1>
<p class="reason mt-1 text-soft">
  One question, two samples, one thing changed. What else differs stands here before the second
  sample is made.
</p>
<div class="mt-4 grid grid-cols-1 gap-x-10 gap-y-4 md:grid-cols-2">
  <Fields
    {lines}
    typed={(name) => form[name]}
    ontyped={(name, text) => (form[name] = text)}
    {troubles}
  />
</div>
<div class="mt-4 grid grid-cols-1 gap-x-10 gap-y-4 md:grid-cols-3">
  <Fields
    lines={changedLines}
    typed={(name) => form[name]}
    ontyped={(name, text) => (form[name] = text)}
    {troubles}
  />
</div>
<div class="mt-5 grid grid-cols-1 gap-x-14 gap-y-5 lg:grid-cols-[minmax(0,1fr)_400px]">
  <section aria-label="All else">
    <h2 class="text-soft">All else, written down of both</h2>
    {#each rows as [what = '', a = '', b = ''], row (row)}
      <div class="grid grid-cols-2 gap-x-6 border-b border-hair py-1 md:grid-cols-[200px_1fr_1fr]">
        {#if usual.has(what)}
          <span class="self-center text-soft max-md:col-span-2">{what}</span>
        {:else}
          <input
            class="field w-full text-[17px] text-soft max-md:col-span-2 max-md:min-h-11"
            maxlength="60"
            autocomplete="off"
            placeholder="what it is"
            aria-label="Condition {row + 1}"
            value={what}
            oninput={({ currentTarget }) => cell(row, 0, currentTarget.value)}
          />
        {/if}
        {#each [a, b] as text, column (column)}
          <input
            class="field w-full text-[17px] max-md:min-h-11"
            maxlength="120"
            autocomplete="off"
            placeholder={column === 0 ? 'A' : 'B'}
            aria-label="{what}: sample {column === 0 ? 'A' : 'B'}"
            value={text}
            oninput={({ currentTarget }) => cell(row, column + 1, currentTarget.value)}
          />
        {/each}
      </div>
    {/each}
    {#if rows.length < 30}
      <button
        type="button"
        class="slot-in mt-1 min-h-11 font-[600]"
        onclick={() => (form.conditions = `${form.conditions}\n\t\t`)}>Add a condition</button
      >
    {/if}
  </section>
  <section aria-label="What else differs" aria-live="polite">
    {#each words as sentence (sentence)}<p class="reason mt-2">{sentence}</p>{/each}
    <p class="mt-4 text-lg leading-loose text-soft">
      Expected to have more of it:
      <SlotChoice
        label="Expected"
        bind:value={form.expected}
        options={[
          { id: 'a', name: 'sample A' },
          { id: 'b', name: 'sample B' },
        ]}
      />. It is said before anybody looks.
    </p>
    <div class="mt-2 max-w-52">
      <Field
        id="pairs"
        label="Pairs to look at"
        hint="8 are usual."
        numeric
        maxlength={3}
        bind:value={form.pairs}
        trouble={troubles.pairs}
      />
    </div>
  </section>
</div>
<div class="in-sight mt-6">
  {#if problem}<p class="mb-3 text-trouble" role="alert">{problem}</p>{/if}
  <div class="flex flex-wrap gap-3">
    {#if saved}
      <Button main keyHint="Space" onclick={() => void shuffle()}>Both lie ready: shuffle</Button>
    {:else}
      <Button main keyHint="Space" onclick={() => void save()}>Save</Button>
    {/if}
  </div>
</div>
