<script lang="ts">
  import type { BarPart } from './run-view.ts';

  const { parts }: { parts: readonly BarPart[] } = $props();
  /** Narrower than this a part's name does not fit over it, per cent. */
  const NAMED = 8;
  /** The name of the part before, which is current and narrow, reaches over this one. */
  const covered = (index: number) => {
    const before = parts[index - 1];
    return before?.current === true && before.width < NAMED;
  };
</script>

<svg class="h-[42px] w-full overflow-visible" role="img" aria-label="Steps of the run">
  {#each parts as part, index (index)}
    <rect x="{part.x}%" y="0" width="{part.width}%" height="8" class="fill-hair" />
    <rect
      x="{part.x}%"
      y="0"
      width="{(part.width * part.done) / 100}%"
      height="8"
      class="fill-ink"
    />
    {#if part.current || (part.width >= NAMED && !covered(index))}
      <text
        x="{part.x}%"
        y="33"
        class={part.current
          ? 'fill-ink text-[17px] font-[600]'
          : 'fill-soft text-[17px] max-md:hidden'}>{part.name}</text
      >
    {/if}
  {/each}
</svg>
