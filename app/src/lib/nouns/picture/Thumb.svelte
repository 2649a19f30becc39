<script lang="ts">
  import { partAddress, type Part } from './part.ts';

  interface Props {
    of: Part;
    /** What it shows; empty where the words beside it say so. */
    alt?: string;
    class?: string;
  }
  const { of, alt = '', class: more = '' }: Props = $props();
  /** So much of a cell is the gap between two frames, on each side, per cent. */
  const GAP = 3;
  const cell = $derived.by(() => {
    if (!of.cell) return undefined;
    const { column, row, columns, rows, ratio } = of.cell;
    return {
      box: `${GAP} ${GAP * ratio} ${100 - 2 * GAP} ${(100 - 2 * GAP) * ratio}`,
      ...{ x: -100 * column, y: -100 * ratio * row },
      ...{ width: 100 * columns, height: 100 * ratio * rows },
    };
  });
</script>

<span class="thumb {more}"
  >{#if cell}<svg
      class="max-h-full w-full max-w-60"
      viewBox={cell.box}
      role={alt === '' ? 'presentation' : 'img'}
      aria-label={alt === '' ? undefined : alt}
      ><image
        href={partAddress(of)}
        x={cell.x}
        y={cell.y}
        width={cell.width}
        height={cell.height}
        preserveAspectRatio="none"
      /></svg
    >{:else}<img
      class="inline-block max-h-full max-w-full"
      src={partAddress(of)}
      {alt}
      loading="lazy"
      decoding="async"
    />{/if}</span
>
