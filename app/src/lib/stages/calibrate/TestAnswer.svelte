<script lang="ts">
  import { watchNumbers } from '../../kit/watch-numbers.ts';
  import TestChart from './TestChart.svelte';
  import type { testInHand } from './test-in-hand.svelte.ts';

  interface Props {
    test: ReturnType<typeof testInHand>;
    /** The usual caution of this work. */
    caution?: string | undefined;
    chart?: boolean;
  }
  const { test, caution, chart = true }: Props = $props();
  const long = $derived((test.told?.number.length ?? 0) > 8);
</script>

<section aria-label="What it says" aria-live="polite">
  {#if test.told}
    {@const { number, unit, sentence, more = [], cautions = [] } = test.told}
    <p
      class="numeral break-words {long ? 'text-[52px]' : 'text-[84px]'}"
      data-testid="answer"
      {@attach watchNumbers}
    >
      {number}{#if unit}<span class="ml-2 text-[26px]">{unit}</span>{/if}
    </p>
    <p class="reason mt-3">{sentence}</p>
    {#each more as line (line)}<p class="reason mt-2">{line}</p>{/each}
    {#each cautions as line (line)}<p class="reason mt-2 text-caution">{line}</p>{/each}
  {:else if test.trouble}
    <p class="reason text-trouble" role="alert">{test.trouble}</p>
  {:else if test.solving}
    <p class="reason text-soft" role="status">It is being worked out …</p>
  {:else}
    <p class="reason text-soft">The number stands here once what was seen is typed.</p>
  {/if}
  {#if caution}<p class="mt-4 text-[15px] text-soft">{caution}</p>{/if}
  {#if chart && test.chart}<div class="mt-6"><TestChart chart={test.chart} /></div>{/if}
</section>
