<script lang="ts">
  import type { EveningPlan } from '@katachron/core';
  import { scaleTime } from 'd3';
  import { format } from 'date-fns';
  import type { NamedTask } from './evening-tasks.ts';
  import { shortName } from './short-name.ts';

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
  const MOST_LETTERS = 26;
  const INSIDE = 7;
  let wide = $state(0);
  const last = $derived(Math.max(plan.endSeconds, 1));
  /** What is under way began a while ago. */
  const first = $derived(Math.min(0, ...plan.steps.map(({ fromSeconds }) => fromSeconds)));
  const scale = $derived(
    scaleTime()
      .domain([beginMs + first * 1000, beginMs + last * 1000])
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
  const names = $derived(
    rows.map(({ id, name }, row) => ({
      ...{ id, y: row * ROW + ROW / 2 },
      name: shortName(name, MOST_LETTERS),
    })),
  );
  const ticks = $derived(
    scale.ticks(8).map((at) => ({ at: at.getTime(), x: scale(at), label: format(at, 'HH:mm') })),
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
  const foot = $derived(rows.length * ROW);
  const height = $derived(foot + FOOT);
  const clockY = $derived(height - 6);
  const drawn = $derived(
    bars.map((bar) => {
      const x = bar.x + (dragged?.id === bar.taskId ? dragged.by : 0);
      return { ...bar, x, inside: x + INSIDE, middle: bar.y + BAR / 2 };
    }),
  );
</script>

<svelte:window onpointermove={drag} onpointerup={drop} />

<!-- The list beside it says the same in words. -->
<div class="hidden md:block" bind:clientWidth={wide} aria-hidden="true">
  {#if wide > 0}
    <svg class="block w-full" viewBox="0 0 {wide} {height}" {height} data-testid="timeline">
      <!-- Two may be of one label: the hour that autumn has twice, an evening of more than a day. -->
      {#each ticks as { at, x, label } (at)}
        <line x1={x} x2={x} y1="0" y2={foot} class="stroke-hair" />
        <text {x} y={clockY} text-anchor="middle" class="fill-soft text-[15px]">{label}</text>
      {/each}
      {#each names as { id, name, y } (id)}
        <text x="0" {y} dy="0.35em" class="fill-ink text-[15px]">{name}</text>
      {/each}
      {#each drawn as { key, taskId, x, inside, middle, y, width, hands, name } (key)}
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
          x={inside}
          y={middle}
          dy="0.35em"
          class="pointer-events-none text-[14px] {hands ? 'fill-on-rim' : 'fill-ink'}">{name}</text
        >
      {/each}
    </svg>
  {/if}
</div>
