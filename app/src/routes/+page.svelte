<script lang="ts">
  import { goto } from '$app/navigation';
  import { newId } from '$lib/kit/new-id.ts';
  import { putInHand } from '$lib/nouns/in-hand/held.svelte.ts';
  import TonightPage from '$lib/stages/tonight/TonightPage.svelte';

  const { data } = $props();
  /** Sent again after a lost answer it is the same print. */
  let sent: { readonly negative: string; readonly id: string } | undefined;

  async function print(negative: string): Promise<string | undefined> {
    if (sent?.negative !== negative) sent = { negative, id: newId() };
    const { id } = sent;
    const outcome = await putInHand(id, { ...data.begun, negative, title: negative });
    if (outcome.value) await goto(`/print/${id}`);
    return outcome.problem?.detail;
  }
</script>

<svelte:head><title>Tonight · Katachron</title></svelte:head>

<TonightPage facts={data.facts} onprint={print} />
