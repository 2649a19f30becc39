<script lang="ts">
  import Steps from '../../kit/Steps.svelte';
  import type { Calibration } from '../../nouns/calibration/contract.ts';
  import type { TestKind } from '../../nouns/calibration/kinds/kind.ts';
  import type { Unit } from '../../words/temperature.ts';

  interface Props {
    kind: TestKind;
    /** What was typed of it so far. */
    given: Readonly<Record<string, unknown>>;
    unit: Unit;
    open: boolean;
    /** What other tests found that it can use. */
    found: readonly Calibration[];
  }
  const { kind, given, unit, open, found }: Props = $props();
  const steps = $derived(kind.evening(given as never, unit, found));
</script>

<details class="mt-3" {open}>
  <summary class="min-h-11 cursor-pointer py-2 font-[600]">The evening</summary>
  <div class="grid grid-cols-1 gap-x-14 gap-y-4 pb-2 lg:grid-cols-2">
    <section aria-label="Lay ready">
      <h2 class="text-soft">Lay ready</h2>
      <ul class="mt-1">
        {#each kind.list as thing (thing)}<li class="border-b border-hair py-1.5">
            {thing}
          </li>{/each}
      </ul>
    </section>
    <section aria-label="What is done">
      <h2 class="text-soft">What is done</h2>
      <div class="mt-1"><Steps {steps} /></div>
    </section>
  </div>
</details>
