<script lang="ts">
  import { page } from '$app/state';
  import { onMount } from 'svelte';
  import { keptState } from '../../../kit/kept-state.svelte.ts';
  import { shelfInHand } from '../../../kit/shelf-in-hand.svelte.ts';
  import type { TwoThing } from '../../../nouns/in-hand/limits.ts';
  import type { TwoNegatives, TwoNegativesBody } from '../../../nouns/two-negatives/contract.ts';
  import { emptyTrays, trayBaths } from '../tray-baths.ts';
  import FirePage from '../FirePage.svelte';
  import { FireOfTwo, keptOfTwo } from './fire-of-two.svelte.ts';
  import type { TwoShelves } from './two-view.ts';

  interface Props extends TwoShelves {
    print: TwoNegatives;
    what: TwoThing;
  }
  const { print, enlargers, papers, what }: Props = $props();
  const hand = shelfInHand<TwoNegativesBody>('two-negatives', () => print);
  const trays = keptState('katachron-trays', emptyTrays());
  // What is fired does not change while the page is open.
  // svelte-ignore state_referenced_locally
  const kept = keptOfTwo(print.id, hand);
  // svelte-ignore state_referenced_locally
  const of = new FireOfTwo(print.id, hand, kept, { enlargers, papers }, what, () =>
    trayBaths(trays, page.data.standing ?? []),
  );
  /** What was fired lies in this browser: before it is there, nothing is to be fired. */
  let takenUp = $state(false);
  onMount(() => {
    kept.takeUp();
    takenUp = true;
  });
</script>

{#if takenUp}<FirePage {of} />{/if}
