<script lang="ts">
  import ColourThumb from './ColourThumb.svelte';
  import type { ColourTest } from '../../../nouns/colour-print/contract.ts';
  import { packWords, sheetWords } from '../../../nouns/colour-print/words.ts';

  interface Props {
    printId: string;
    tests: readonly ColourTest[];
    ontakeback: () => void;
  }
  const { printId, tests, ontakeback }: Props = $props();
  const lines = $derived(
    tests
      .map((test, at) => ({
        ...{ id: test.id, number: at + 1, words: sheetWords(test) },
        picture: test.picture,
        given: `${packWords(test.pack)}, ${test.seconds.toFixed(1)} s`,
      }))
      .toReversed(),
  );
</script>

<section class="mt-8" aria-label="The lab book">
  <h2 class="text-xl font-[620]">The lab book</h2>
  <ol class="mt-1">
    {#each lines as { id, number, given, words, picture } (id)}
      <li class="flex flex-wrap gap-x-6 border-b border-hair py-2">
        <span class="w-24 shrink-0 font-[600]">Sheet {number}</span>
        <span class="shrink-0">{given}</span>
        <span class="min-w-0 flex-1 basis-60 break-words text-soft">{words}</span>
        {#if picture}<ColourThumb id={picture} alt="Sheet {number}" />{/if}
      </li>
    {:else}
      <li class="reason text-soft">
        Each sheet stands here with its pack, its time and what was seen.
      </li>
    {/each}
  </ol>
  {#if tests.length > 0}
    <p class="not-printed mt-1 flex flex-wrap gap-x-6">
      <button class="slot-in min-h-11 font-[600]" type="button" onclick={ontakeback}
        >Take the last entry back</button
      >
      <a
        class="slot-in flex min-h-11 items-center font-[600]"
        href="/api/v1/colour-prints/{printId}/book.pdf"
        download>This page to print (PDF)</a
      >
    </p>
  {/if}
</section>
