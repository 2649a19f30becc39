<script lang="ts">
  import { onMount } from 'svelte';
  import FirePage from '$lib/stages/print/FirePage.svelte';
  import { printView } from '$lib/stages/print/print-view.ts';
  import { FireOfProof, ProofInHand } from '$lib/stages/print/proof-in-hand.svelte.ts';
  import { draftIn, proofWords } from '$lib/stages/print/proof-draft.ts';
  import { blackView } from '$lib/stages/print/proof-view.ts';

  const { data } = $props();
  const proof = new ProofInHand();
  const draft = $derived(draftIn(data.setup));
  const bench = $derived(printView(draft, data.bench));
  const view = $derived(blackView(proof.form, bench, draft, data.findings));
  // svelte-ignore state_referenced_locally
  const of = new FireOfProof(proof, data.what, () => view, bench, {
    get rollTitle() {
      return data.rolls.find(({ id }) => id === proof.form.rollId)?.title ?? '';
    },
    get madeIn() {
      return proofWords(data.setup);
    },
  });
  /** What was typed and fired lies in this browser: before it is there, nothing is to be fired. */
  let takenUp = $state(false);
  onMount(() => {
    proof.takeUp();
    takenUp = true;
  });
</script>

<svelte:head><title>Firing the {of.name} · Katachron</title></svelte:head>
{#if takenUp}<FirePage {of} />{/if}
