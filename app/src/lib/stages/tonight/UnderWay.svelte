<script lang="ts">
  import { stepKind } from '@katachron/core';
  import { useWetSide } from '../../bench/clock/wet-side.svelte.ts';
  import { lyingAt, nearestFirst } from '../../bench/sink/trays.ts';
  import { clockTime } from '../../words/duration.ts';
  import { nameInSink } from './sink-first.ts';
  import { washes } from './task-kinds.ts';
  import { meanwhile, type PrintWaiting } from './tonight-view.ts';

  const { prints }: { prints: readonly PrintWaiting[] } = $props();
  const wetSide = useWetSide();
  /** Rolls have a page for their run; sheets are moved on in the sink below. */
  const lying = $derived(
    nearestFirst(
      lyingAt(wetSide.runs, wetSide.sheets, wetSide.nowMs).filter(({ forgotten }) => !forgotten),
    ),
  );
  const now = $derived(
    meanwhile(
      lying.flatMap(({ name, moment }) => {
        const { step, remainingSeconds } = moment.current!;
        return washes.includes(step.kind) ? [{ name, seconds: remainingSeconds }] : [];
      }),
      prints,
    ),
  );
</script>

{#if lying.length > 0}
  <section class="mt-4" aria-label="Under way">
    <h2 class="text-xl font-[620]">Under way</h2>
    <ul class="mt-1 gap-x-14 {lying.length > 1 ? 'lg:grid lg:grid-cols-2' : ''}">
      {#each lying as item (item.id)}
        {@const { id, moment, run } = item}
        {@const name = nameInSink(item, wetSide.fired, prints)}
        {@const { step, remainingSeconds } = moment.current!}
        <li class="flex flex-wrap items-baseline gap-x-6 border-b border-hair py-3">
          <span class="min-w-0 flex-1 basis-60 break-words text-xl font-[560]">
            {#if run}<a class="slot-in" href="/film/run/{id}">{name}</a>{:else}{name}{/if}
          </span>
          <span class="text-soft">{stepKind(step.kind).name}</span>
          <span class="numeral text-[84px] whitespace-nowrap" role="timer" aria-live="off"
            >{remainingSeconds >= 0
              ? clockTime(remainingSeconds)
              : `−${clockTime(-remainingSeconds)}`}</span
          >
        </li>
      {/each}
    </ul>
    {#if now}<p class="reason mt-2"><a class="slot-in" href={now.href}>{now.words}</a></p>{/if}
  </section>
{/if}
