<script lang="ts">
  import type { Ruler } from './ruler.ts';

  interface Props {
    ruler: Ruler;
    /** Where the patches end, px. */
    top: number;
    crowded: boolean;
    shown: (seconds: number) => string;
  }
  const { ruler, top, crowded, shown }: Props = $props();
</script>

{#each ruler.ticks as x, index (index)}
  <line x1="{x}%" x2="{x}%" y1={top + 5} y2={top + 10} class="stroke-soft" />
{/each}
{#each ruler.patches as patch, index (index)}
  <line
    x1="{patch.centre}%"
    x2="{patch.centre}%"
    y1={top + 5}
    y2={top + 17}
    stroke-width="1.5"
    class="stroke-ink"
  />
  <text
    x="{patch.centre}%"
    y={top + 42}
    text-anchor="middle"
    class="fill-ink text-[15px] font-[600] md:text-[19px] {crowded && index % 2
      ? 'max-md:hidden'
      : ''}">{shown(patch.seconds)}</text
  >
{/each}
