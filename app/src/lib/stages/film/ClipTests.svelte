<script lang="ts">
  import { clipTest } from '@katachron/core';
  import { format } from 'date-fns';
  import type { Bath } from '../../nouns/bath/contract.ts';
  import { attempt } from '../../words/attempt.ts';
  import { clockTime } from '../../words/duration.ts';

  type Test = Bath['tests'][number];
  interface Props {
    tests: readonly Test[];
    ontakeback: (test: Test) => void;
  }
  const { tests, ontakeback }: Props = $props();
  const fixOf = ({ clearingSeconds, factor }: Test) =>
    attempt(() => clipTest(clearingSeconds, factor)).value?.fixSeconds ?? clearingSeconds * factor;
</script>

<table class="mt-6 w-full" aria-label="Tests in this bath">
  <tbody>
    {#each tests as test (test.id)}
      <tr class="border-b border-hair">
        <td class="py-1.5 text-soft">{format(test.atMs, 'd MMM yyyy')}</td>
        <td>{test.film}</td>
        <td class="text-right">clear {clockTime(test.clearingSeconds)}</td>
        <td class="text-right font-[620]">{clockTime(fixOf(test))}</td>
        <td class="pl-4 text-right"
          ><button
            class="min-h-11 text-[15px] text-soft"
            aria-label="Take back the test of {clockTime(test.clearingSeconds)}"
            onclick={() => ontakeback(test)}>Delete</button
          ></td
        >
      </tr>
    {/each}
  </tbody>
</table>
