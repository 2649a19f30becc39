<script lang="ts">
  import { goto } from '$app/navigation';
  import { refresh } from '../../kit/refresh.ts';
  import Button from '../../kit/Button.svelte';
  import { put } from '../../kit/client.ts';
  import Field from '../../kit/Field.svelte';
  import { useKeys } from '../../kit/keys/keys.svelte.ts';
  import { bodyOf } from '../../nouns/calibration/changes.ts';
  import type { Comparison } from '../../nouns/comparison/contract.ts';
  import type { ComparisonResult } from './comparison-view.ts';

  interface Props {
    kept: Comparison;
    result: ComparisonResult;
  }
  const { kept, result }: Props = $props();
  // What is typed is its own from here on.
  // svelte-ignore state_referenced_locally
  let note = $state(kept.note);
  let problem = $state<string>();
  let said = $state<string>();

  useKeys([
    { key: ' ', does: 'save what was seen', run: () => void save() },
    { key: 'Escape', does: 'to the comparisons', run: () => void goto('/calibrate/comparisons') },
  ]);

  async function save() {
    said = undefined;
    const outcome = await put(
      `/api/v1/comparisons/${kept.id}`,
      { ...bodyOf(kept), note: note.trim() },
      kept.version,
    );
    problem = outcome.problem?.detail;
    if (!outcome.value) return;
    said = 'Kept.';
    await refresh();
  }
</script>

<h1 class="heading break-words">{kept.name}</h1>
<div class="mt-4 grid grid-cols-1 gap-x-14 gap-y-5 lg:grid-cols-2">
  <section aria-label="What it says">
    <p class="numeral text-[84px]" data-testid="answer">
      {result.number}<span class="ml-2 text-[26px]">{result.unit}</span>
    </p>
    {#each result.sentences as sentence (sentence)}<p class="reason mt-3">{sentence}</p>{/each}
    <div class="mt-5 max-w-xl">
      <Field
        id="note"
        label="What was seen"
        hint="Now that it is known which was which."
        maxlength={400}
        rows={3}
        bind:value={note}
      />
    </div>
  </section>
  <section aria-label="The samples">
    <table class="w-full text-left">
      <thead class="text-soft">
        <tr><td></td><th class="py-1 font-normal">A</th><th class="py-1 font-normal">B</th></tr>
      </thead>
      <tbody>
        {#each [kept.changed, ...kept.conditions] as { what, a, b }, index (index)}
          <tr class="border-b border-hair {index === 0 ? 'font-[620]' : ''}">
            <th scope="row" class="py-1.5 pr-4 font-normal text-soft">{what}</th>
            <td class="break-words py-1.5 pr-4">{a}</td>
            <td class="break-words py-1.5">{b}</td>
          </tr>
        {/each}
      </tbody>
    </table>
    <details class="mt-3">
      <summary class="min-h-11 cursor-pointer py-2 font-[600]">Pair by pair</summary>
      <ul>
        {#each result.pairs as line (line)}<li class="border-b border-hair py-1">{line}</li>{/each}
      </ul>
    </details>
  </section>
</div>
<div class="in-sight mt-4">
  {#if problem}<p class="mb-3 text-trouble" role="alert">{problem}</p>{/if}
  {#if said}<p class="mb-3" role="status">{said}</p>{/if}
  <Button main keyHint="Space" onclick={() => void save()}>Save what was seen</Button>
</div>
