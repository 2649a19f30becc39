<script lang="ts">
  import type { EveningPlan } from '@katachron/core';
  import { scaleTime } from 'd3';
  import { format } from 'date-fns';
  import type { NamedTask } from './evening-view.ts';

  interface Props {
    plan: EveningPlan;
    tasks: readonly NamedTask[];
    beginMs: number;
    /** A task was dragged so far along the evening, s. */
    ondragged: (taskId: string, seconds: number) => void;
  }
  const { plan, tasks, beginMs, ondragged }: Props = $props();
  const ROW = 46;
  const BAR = 30;
  const NAMES = 210;
  const FOOT = 26;
  /** A letter is about so wide, px: words that do not fit into a bar stay out. */
  const LETTER = 8;
  let wide = $state(0);
  const last = $derived(Math.max(plan.endSeconds, 1));
  const scale = $derived(
    scaleTime()
      .domain([beginMs, beginMs + last * 1000])
      .range([NAMES, Math.max(NAMES + 1, wide - 8)]),
  );
  const rows = $derived(tasks.filter(({ id }) => plan.steps.some(({ taskId }) => taskId === id)));
  const bars = $derived(
    plan.steps.flatMap(({ taskId, stepId, fromSeconds, toSeconds }) => {
      const row = rows.findIndex(({ id }) => id === taskId);
      const step = rows[row]?.steps.find(({ id }) => id === stepId);
      // What goes on when everybody has left would be longer than the evening.
      if (!step || fromSeconds >= last) return [];
      const x = scale(beginMs + fromSeconds * 1000);
      const width = scale(beginMs + Math.min(last, toSeconds) * 1000) - x;
      return [
        {
          ...{ key: `${taskId} ${stepId}`, taskId, x, width, y: row * ROW + (ROW - BAR) / 2 },
          hands: step.needs.includes('hands'),
          name: step.name.length * LETTER < width ? step.name : '',
        },
      ];
    }),
  );
  const ticks = $derived(
    scale.ticks(8).map((at) => ({ x: scale(at), label: format(at, 'HH:mm') })),
  );
  /** A task that is being dragged, and how far, px. */
  let dragged = $state<{ readonly id: string; readonly fromX: number; readonly by: number }>();
  /** A hand that shakes drags nothing, px. */
  const LEAST = 6;

  function take(event: PointerEvent, id: string) {
    event.preventDefault();
    dragged = { id, fromX: event.clientX, by: 0 };
  }

  function drag({ clientX }: PointerEvent) {
    if (dragged) dragged = { ...dragged, by: clientX - dragged.fromX };
  }

  function drop() {
    const { id, by } = dragged ?? { id: '', by: 0 };
    dragged = undefined;
    if (Math.abs(by) < LEAST) return;
    const ms = scale.invert(NAMES + Math.abs(by)).getTime() - scale.invert(NAMES).getTime();
    ondragged(id, (Math.sign(by) * ms) / 1000);
  }
  const height = $derived(rows.length * ROW + FOOT);
</script>

<svelte:window onpointermove={drag} onpointerup={drop} />

<!-- The list beside it says the same in words. -->
<div class="hidden md:block" bind:clientWidth={wide} aria-hidden="true">
  {#if wide > 0}
    <svg class="block w-full" viewBox="0 0 {wide} {height}" {height} data-testid="timeline">
      {#each ticks as { x, label } (label)}
        <line x1={x} x2={x} y1="0" y2={height - FOOT} class="stroke-hair" />
        <text {x} y={height - 6} text-anchor="middle" class="fill-soft text-[15px]">{label}</text>
      {/each}
      {#each rows as { id, name }, row (id)}
        <text x="0" y={row * ROW + ROW / 2} dy="0.35em" class="fill-ink text-[15px]"
          >{name.length > 26 ? `${name.slice(0, 25)}…` : name}</text
        >
      {/each}
      {#each bars as { key, taskId, x: at, y, width, hands, name } (key)}
        {@const x = at + (dragged?.id === taskId ? dragged.by : 0)}
        <rect
          role="presentation"
          onpointerdown={(event) => take(event, taskId)}
          {x}
          {y}
          {width}
          height={BAR}
          rx="6"
          class="cursor-move touch-none {hands ? 'fill-rim stroke-rim' : 'fill-enamel stroke-rim'}"
          stroke-width="2"
          stroke-dasharray={hands ? undefined : '4 3'}
        />
        <text
          x={x + 7}
          y={y + BAR / 2}
          dy="0.35em"
          class="pointer-events-none text-[14px] {hands ? 'fill-on-rim' : 'fill-ink'}">{name}</text
        >
      {/each}
    </svg>
  {/if}
</div>
