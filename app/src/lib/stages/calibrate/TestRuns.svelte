<script lang="ts">
  import type { TestKind } from '../../nouns/calibration/kinds/kind.ts';
  import type { TestRun } from '../../nouns/roll/test-runs.server.ts';
  import { newRollHref, runLines } from './test-runs.ts';

  interface Props {
    kind: TestKind;
    film: string;
    exposureIndex: string;
    runs: readonly TestRun[];
    taken: readonly string[];
    ontaken: (run: TestRun) => void;
    onleft: (run: TestRun) => void;
  }
  const { kind, film, exposureIndex, runs, taken, ontaken, onleft }: Props = $props();
  const lines = $derived(runLines(kind, film, runs));
</script>

<section class="mt-4" aria-label="Its runs">
  <h2 class="text-soft">Developed in a run of its own</h2>
  <ul>
    {#each lines as { run, line, href } (run.id)}
      <li class="flex flex-wrap items-center justify-between gap-x-5 border-b border-hair py-1.5">
        <span class="min-w-0 break-words">{run.title}: {line}.</span>
        {#if href}
          <a class="flex min-h-11 items-center font-[600]" {href}>Go on</a>
        {:else if taken.includes(run.id)}
          <button class="min-h-11 font-[600]" type="button" onclick={() => onleft(run)}
            >Not this one</button
          >
        {:else}
          <button class="min-h-11 font-[600]" type="button" onclick={() => ontaken(run)}
            >Read from this run</button
          >
        {/if}
      </li>
    {/each}
  </ul>
  <a
    class="slot-in mt-1 inline-flex min-h-11 items-center font-[600]"
    href={newRollHref(kind, film, exposureIndex)}>Write the film down and develop it</a
  >
</section>
