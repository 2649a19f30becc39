<script lang="ts">
  import type { PickedAt } from './print-view.ts';

  interface Props {
    place: 'highlight' | 'shadow';
    pick: PickedAt;
    name: string;
    /** The same where there is little room. */
    short: string;
    /** Which contrast it is of, where there are two of them. */
    at: string;
    /** The last patch, from 0. */
    last: number;
    shown: (seconds: number) => string;
    /** Where it stands, per cent; which side of it its name stands; where its pennant points, px. */
    x: number;
    anchor: 'end' | 'start';
    tip: number;
    onkeydown: (event: KeyboardEvent) => void;
  }
  const { place, pick, name, short, at, last, shown, x, anchor, tip, onkeydown }: Props = $props();
</script>

<svg x="{x}%" y="0" class="overflow-visible">
  <g
    class="cursor-grab"
    data-place={place}
    data-half={at}
    role="slider"
    tabindex="0"
    aria-label="{name}{at && `, ${at}`}"
    aria-valuemin={1}
    aria-valuemax={last + 1}
    aria-valuenow={pick.position + 1}
    aria-valuetext="{shown(pick.seconds)} s, {Number.isInteger(pick.position)
      ? `patch ${pick.position + 1}`
      : `between patches ${Math.floor(pick.position) + 1} and ${Math.ceil(pick.position) + 1}`}"
    {onkeydown}
  >
    <rect x="-28" y="-14" width="56" height="56" fill="transparent" />
    <path
      d="M-10 13H10L0 {tip}Z"
      stroke-width="2.6"
      stroke-linejoin="round"
      class="stroke-rim {place === 'shadow' ? 'fill-rim' : 'fill-ground'}"
    />
  </g>
  <text
    x={anchor === 'end' ? -18 : 18}
    y="26"
    text-anchor={anchor}
    class="pointer-events-none fill-ink text-[16px]"
    ><tspan class="font-[650]">{shown(pick.seconds)}</tspan>
    <tspan class="max-md:hidden">{name}</tspan><tspan class="md:hidden">{short}</tspan></text
  >
</svg>
