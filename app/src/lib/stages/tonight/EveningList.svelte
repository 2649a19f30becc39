<script lang="ts">
  import type { EveningLine } from './evening-lines.ts';

  interface Props {
    lines: readonly EveningLine[];
    /** Steps that somebody began by hand: each may be taken back. */
    byHand: readonly { readonly taskId: string; readonly stepId: string }[];
    onmove: (taskId: string, by: -1 | 1) => void;
    onnotyet: (line: EveningLine) => void;
  }
  const { lines, byHand, onmove, onnotyet }: Props = $props();
  const isByHand = ({ taskId, stepId }: EveningLine) =>
    byHand.some((one) => one.taskId === taskId && one.stepId === stepId);
  const words = ({ step, done, begun, byItself, to }: EveningLine) =>
    `${step}${done ? ', done' : byItself ? `, by itself until ${to}` : begun ? ', begun' : ''}`;
</script>

<ol class="mt-3" aria-label="Step by step">
  {#each lines as line (line.key)}
    {@const { from, task, taskId, byItself, done, begun, first, href } = line}
    <li class="flex flex-wrap items-center gap-x-4 border-b border-hair py-1">
      <span class="w-14 text-lg font-[620]">{from}</span>
      <span class="min-w-0 flex-1 basis-48 break-words {byItself || done ? 'text-soft' : ''}">
        {#if href && !done && !byItself}<a class="slot-in inline-flex min-h-11 items-center" {href}
            >{words(line)}</a
          >{:else}{words(line)}{/if}
        <span class="text-[15px] text-soft">{task}</span></span
      >
      {#if begun && isByHand(line)}<button
          class="slot-in not-printed min-h-11 text-soft"
          type="button"
          data-leaves-space
          aria-label="{task}, {line.step}: not begun yet"
          onclick={() => onnotyet(line)}>not yet</button
        >{/if}
      {#if first && !begun}<span class="not-printed flex gap-x-1">
          <button
            class="min-h-11 min-w-11 text-soft"
            type="button"
            data-leaves-space
            aria-label="{task}: earlier"
            onclick={() => onmove(taskId, -1)}>↑</button
          ><button
            class="min-h-11 min-w-11 text-soft"
            type="button"
            data-leaves-space
            aria-label="{task}: later"
            onclick={() => onmove(taskId, 1)}>↓</button
          >
        </span>{/if}
    </li>
  {/each}
</ol>
