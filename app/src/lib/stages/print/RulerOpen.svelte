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
  const middle = $derived(Math.floor(last / 2));
  const box = $derived({
    ...{ x: INSIDE, y: y + INSIDE, height: height - 2 * INSIDE },
    width: `calc(100% - ${2 * INSIDE}px)`,
  });
  /** Patches are counted from 1. */
  const values = $derived({
    ...{ 'aria-valuemin': 1, 'aria-valuemax': last + 1, 'aria-valuenow': middle + 1 },
  });

  /** From whichever end the hand comes, and from the middle. */
  function begin(event: KeyboardEvent) {
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
  {...box}
  {...values}
  rx="4"
  fill="transparent"
  class="pointer-events-none"
  data-open={place}
  role="slider"
  tabindex="0"
  aria-label="{name}{at && `, ${at}`}: nothing picked yet"
  aria-valuetext="nothing picked; an arrow key begins in the middle"
  onkeydown={begin}
/>
