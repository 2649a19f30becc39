<script lang="ts">
  import { goto } from '$app/navigation';
  import { refresh } from '../../kit/refresh.ts';
  import { onMount, untrack, type Snippet } from 'svelte';
  import { useWetSide } from '../../bench/clock/wet-side.svelte.ts';
  import type { InHand } from '../../nouns/in-hand/contract.ts';
  import { hold } from '../../nouns/in-hand/held.svelte.ts';
  import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
  import Meanwhile from './Meanwhile.svelte';
  import { PrintInHand, providePrint } from './print-in-hand.svelte.ts';
  import type { Bench } from './setup-now.ts';

  interface Props {
    inHand: InHand;
    bench: Bench;
    /** The page about it that is open. */
    children: Snippet;
  }
  const { inHand, bench, children }: Props = $props();

  // What stands in it is this browser's own from here on; the row follows.
  const held = hold(untrack(() => inHand));
  providePrint(
    new PrintInHand({
      held,
      bench: () => bench,
      wetSide: useWetSide(),
      go: (path) => goto(path),
      askAnew: async () => {
        await held.flush();
        await refresh('katachron:print');
      },
    }),
  );
  onMount(() => held.start());
  $effect(() => held.changed($state.snapshot(held.draft) as PrintDraft));
</script>

<!-- A page that has the window to itself shares it with what is said of the server. -->
<div
  class="has-[.whole]:flex has-[.whole]:h-dvh has-[.whole]:flex-col [&:has(.whole)>:is(p,section)]:mx-4 [&:has(.whole)>:is(p,section)]:mt-2"
>
  <Meanwhile {held} />
  {@render children()}
</div>
