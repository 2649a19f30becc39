<script lang="ts">
  import { page } from '$app/state';
  import { onMount } from 'svelte';
  import { keptState } from '$lib/kit/kept-state.svelte.ts';
  import { emptyTrays, trayBaths } from '$lib/stages/print/tray-baths.ts';
  import { cookieNames } from '$lib/kit/cookie.ts';
  import { draftOf } from '$lib/kit/draft.svelte.ts';
  import FirePage from '$lib/stages/print/FirePage.svelte';
  import { printView } from '$lib/stages/print/print-view.ts';
  import { FireOfProof, ProofInHand } from '$lib/stages/print/proof-in-hand.svelte.ts';
  import { draftIn, proofCookie } from '$lib/stages/print/proof-draft.ts';
  import { blackView } from '$lib/stages/print/proof-view.ts';

  const { data } = $props();
  // Its cookie may have no room for all of the set-up; the browser has it, before anything is fired.
  // svelte-ignore state_referenced_locally
  const setup = draftOf(cookieNames.proof, data.setup, proofCookie);
  const proof = new ProofInHand();
  const trays = keptState('katachron-trays', emptyTrays());
  const draft = $derived(draftIn(setup));
  const bench = $derived(printView(draft, data.bench));
  const view = $derived(blackView(proof.form, bench, draft, data.findings, data.bench));
  const rollTitle = $derived(data.rolls.find(({ id }) => id === proof.form.rollId)?.title ?? '');
  // svelte-ignore state_referenced_locally
  const of = new FireOfProof(
    proof,
    data.what,
    () => view,
    () => ({
      timerStep: bench.timerStep,
      lagSeconds: bench.lagSeconds,
      rollTitle,
      trays: trayBaths(trays, page.data.standing ?? []),
    }),
  );
  /** What was typed and fired lies in this browser: before it is there, nothing is to be fired. */
  let takenUp = $state(false);
  onMount(() => {
    proof.takeUp();
    takenUp = true;
  });
</script>

<svelte:head><title>Firing the {of.name} · Katachron</title></svelte:head>
{#if takenUp}<FirePage {of} />{/if}
