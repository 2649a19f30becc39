<script lang="ts">
  import { goto } from '$app/navigation';
  import Button from '../../../kit/Button.svelte';
  import Field from '../../../kit/Field.svelte';
  import { put } from '../../../kit/client.ts';
  import { within } from '../../../kit/form.ts';
  import { newId } from '../../../kit/new-id.ts';
  import type { TwoNegatives, TwoNegativesBody } from '../../../nouns/two-negatives/contract.ts';
  import { attempt } from '../../../words/attempt.ts';
  import { atAnotherSize, type TwoShelves } from './two-view.ts';

  interface Props {
    body: TwoNegatives;
    shelves: TwoShelves;
  }
  const { body, shelves }: Props = $props();
  const known = $derived(
    [body.a, body.b].every(({ negativeMm, printMm }) => negativeMm && printMm),
  );
  let factor = $state('');
  let trouble = $state<string>();
  let sent:
    { readonly typed: string; readonly id: string; readonly body: TwoNegativesBody } | undefined;

  async function carry() {
    const { id: _id, version: _version, ...whole } = body;
    const carried = attempt(() => {
      const times = within(factor, 'Type by how much it is to be larger, as 1.5 or ⅔.', 0.1, 10);
      return atAnotherSize(whole, times, shelves);
    });
    trouble = carried.trouble;
    if (!carried.value) return;
    if (sent?.typed !== factor) sent = { typed: factor, id: newId(), body: carried.value };
    const outcome = await put(`/api/v1/two-negatives/${sent.id}`, sent.body);
    trouble = outcome.problem?.detail;
    if (outcome.value) await goto(`/print/two-negatives/${sent.id}`);
  }
</script>

<details class="not-printed mt-6">
  <summary class="min-h-11 cursor-pointer py-2 font-[600]">Make it at another size</summary>
  <div class="max-w-sm">
    <Field
      id="larger"
      label="So many times as large"
      hint={known
        ? 'As 1.5: both times are converted, each by its own scale.'
        : 'As 1.5. A length on each negative and on the print would make the times surer.'}
      numeric
      maxlength={8}
      bind:value={factor}
      {trouble}
    />
  </div>
  <Button onclick={() => void carry()}>Another print, carried over</Button>
</details>
