<script lang="ts">
  import { put } from '../../kit/client.ts';
  import type { InHand } from '../../nouns/in-hand/contract.ts';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  const { print }: { print: PrintInHand } = $props();
  const path = $derived(`/api/v1/prints-in-hand/${print.held.id}/plan`);
  const forms = [
    { ending: 'pdf', name: 'PDF, to pin up' },
    { ending: 'svg', name: 'SVG' },
    { ending: 'png', name: 'PNG' },
    { ending: 'json', name: 'a file for another print' },
  ];
  let problem = $state<string>();
  const id = $props.id();

  async function choose(event: Event & { currentTarget: HTMLInputElement }) {
    const input = event.currentTarget;
    const [file] = input.files ?? [];
    if (!file) return;
    problem = undefined;
    const text = await file.text();
    // The same file may be chosen again once it is mended.
    input.value = '';
    let plan: unknown;
    try {
      plan = JSON.parse(text);
    } catch {
      problem = 'This is no plan’s file: it is not readable JSON.';
      return;
    }
    const { held } = print;
    await held.flush();
    const outcome = await put<InHand>(`${path}.json`, plan, held.version);
    if (outcome.value) held.learn(outcome.value);
    else {
      const { errors = [], detail } = outcome.problem;
      problem = errors.length > 0 ? errors.map((error) => error.detail).join(' ') : detail;
    }
  }
</script>

<p class="flex flex-wrap items-center gap-x-5 text-[15px] text-soft">
  The plan as
  {#each forms as { ending, name } (ending)}
    <a class="slot-in inline-flex min-h-11 items-center" href="{path}.{ending}" download>{name}</a>
  {/each}
  <label
    class="slot-in inline-flex min-h-11 cursor-pointer items-center focus-within:outline-2"
    for={id}
    >Take a plan’s file in<input
      {id}
      class="sr-only"
      type="file"
      accept="application/json,.json"
      onchange={choose}
    /></label
  >
</p>
{#if problem}<p class="text-trouble" role="alert">{problem}</p>{/if}
