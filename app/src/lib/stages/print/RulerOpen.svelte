<script lang="ts">
  interface Props {
    place: 'highlight' | 'shadow';
    name: string;
    /** Which contrast it is of, where there are two of them. */
    at: string;
    /** The last patch, from 0. */
    last: number;
    y: number;
    height: number;
    /** The first pick, by key. */
    onpick: (position: number) => void;
  }
  const { place, name, at, last, y, height, onpick }: Props = $props();
  const INSIDE = 2;

  /** From whichever end the hand comes, and from the middle. */
  function begin(event: KeyboardEvent) {
    const middle = Math.floor(last / 2);
    const begins: Record<string, number> = {
      ...{ ArrowLeft: middle, ArrowRight: middle, ArrowUp: middle, ArrowDown: middle },
      ...{ Enter: middle, Home: 0, End: last },
    };
    const to = begins[event.key];
    if (to === undefined) return;
    onpick(to);
    event.preventDefault();
  }
</script>

<rect
  x={INSIDE}
  y={y + INSIDE}
  width="calc(100% - {2 * INSIDE}px)"
  height={height - 2 * INSIDE}
  rx="4"
  fill="transparent"
  class="pointer-events-none"
  data-open={place}
  role="slider"
  tabindex="0"
  aria-label="{name}{at && `, ${at}`}: nothing picked yet"
  aria-valuemin={1}
  aria-valuemax={last + 1}
  aria-valuenow={Math.floor(last / 2) + 1}
  aria-valuetext="nothing picked; an arrow key begins in the middle"
  onkeydown={begin}
/>
