<script lang="ts">
  import Button from '../../kit/Button.svelte';
  import type { PrintInHand } from './print-in-hand.svelte.ts';
  import { piecesOf, withPick, withoutPiece } from './test-pieces.ts';

  const { print }: { print: PrintInHand } = $props();
  const { draft } = $derived(print);
  const pieces = $derived(piecesOf(draft, print.view()));
</script>

{#if pieces.length > 0}
  <section aria-label="Test pieces" class="mt-6">
    <h2 class="font-[620]">Test pieces</h2>
    <ul>
      {#each pieces as piece, at (piece.letter)}
        <li class="border-b border-hair py-1.5">
          <p class="flex items-baseline justify-between gap-4">
            <span>On its back: <b class="font-[620]">{piece.label}</b></span>
            <button
              class="min-h-11 text-[15px] text-soft underline decoration-hair"
              onclick={() => withoutPiece(draft, at)}>leave out</button
            >
          </p>
          {#if piece.trouble}<p class="text-trouble" role="alert">{piece.trouble}</p>{/if}
          <p
            class="flex flex-wrap items-center gap-x-5 text-soft"
            role="group"
            aria-label="Right is"
          >
            Right is
            {#each piece.thirds as third, n (n)}
              <button class="slot-in min-h-11" onclick={() => withPick(draft, at, third.picked)}
                >{third.name}</button
              >
            {/each}
          </p>
        </li>
      {/each}
    </ul>
    <p class="reason mt-3">
      Each piece lies over its own area, one after the other; all of them go through the trays
      together.
    </p>
    <p class="mt-3">
      <Button keyHint="T" onclick={() => print.fire('pieces')}>Fire the pieces</Button>
    </p>
  </section>
{/if}
