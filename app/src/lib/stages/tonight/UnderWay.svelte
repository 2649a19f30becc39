<script lang="ts">
  import { stepKind } from '@katachron/core';
  import { useWetSide } from '../../bench/clock/wet-side.svelte.ts';
  import { lyingAt } from '../../bench/sink/trays.ts';
  import { clockTime } from '../../words/duration.ts';

  const wetSide = useWetSide();
  /** Rolls have a page for their run; sheets are moved on in the sink below. */
  const lying = $derived(
    lyingAt(wetSide.runs, wetSide.sheets, wetSide.nowMs).filter(({ forgotten }) => !forgotten),
  );
</script>

{#if lying.length > 0}
  <section class="mt-4" aria-label="Under way">
    <h2 class="text-xl font-[620]">Under way</h2>
    <ul class="mt-1">
      {#each lying as { id, name, moment, run } (id)}
        {@const { step, remainingSeconds } = moment.current!}
        <li class="flex flex-wrap items-baseline gap-x-6 border-b border-hair py-2">
          <span class="min-w-0 flex-1 basis-60 break-words text-xl font-[560]">
            {#if run}<a class="slot-in" href="/film/run/{id}">{name}</a>{:else}{name}{/if}
          </span>
          <span class="text-soft">{stepKind(step.kind).name}</span>
          <span class="text-[28px] font-[620]" role="timer" aria-live="off"
            >{remainingSeconds >= 0
              ? clockTime(remainingSeconds)
              : `−${clockTime(-remainingSeconds)}`}</span
          >
        </li>
      {/each}
    </ul>
  </section>
{/if}
