<script lang="ts">
  import type { Light } from '$lib/bench/desk/choices.ts';
  import { darkMarkOn, toneColour } from '$lib/bench/light/tone.ts';
  import { enlargerSeconds } from '$lib/words/duration.ts';
  import type { PatchTone, PrintView } from './print-view.ts';
  import type { Ruler } from './ruler.ts';
  import { tick } from 'svelte';
  import RulerOpen from './RulerOpen.svelte';
  import RulerPick from './RulerPick.svelte';
  import RulerScale from './RulerScale.svelte';

  type Place = 'highlight' | 'shadow';
  interface Props {
    ruler: Ruler;
    view: Pick<
      PrintView,
      'lightTones' | 'darkTones' | 'highlight' | 'shadow' | 'timerStep' | 'set' | 'reading' | 'dial'
    >;
    /** Which contrast it is of, where there are two of them. */
    at?: string;
    /** The place that the strip lies along, where the other has a strip of its own. */
    along?: Place | undefined;
    light: Light;
    onpick: (place: Place, position: number | null) => void;
  }
  const { ruler, view, at = '', along, light, onpick }: Props = $props();

  /** Heights in px: pennants, the two rows of patches, ticks and their numbers. */
  const TOP = 32;
  const ROW = 58;
  const AXIS = TOP + 2 * ROW;
  /** A finger that has moved so far sideways drags a pick, px. */
  const SIDEWAYS = 6;
  const both: readonly { place: Place; name: string; short: string }[] = [
    { place: 'highlight', name: 'highlight right', short: 'light' },
    { place: 'shadow', name: 'shadow right', short: 'dark' },
  ];
  /** Two rows, or one of the height of both. */
  const row = $derived(along === undefined ? ROW : 2 * ROW);
  const places = $derived(
    both
      .filter(({ place }) => along === undefined || place === along)
      .map((one, index) => ({ ...one, y: TOP + index * ROW })),
  );

  let svg = $state<SVGSVGElement>();
  let dragging = $state<Place>();
  /** A finger that is down, and has not shown yet whether it picks or scrolls the page. */
  let finger: { place: Place; x: number } | undefined;
  const last = $derived(ruler.patches.length - 1);
  const crowded = $derived(ruler.patches.length > 8);
  const tonesOf = $derived({ highlight: view.lightTones, shadow: view.darkTones });
  const shown = $derived(enlargerOf(view.timerStep));

  function enlargerOf(timerStep: number) {
    return (seconds: number) => enlargerSeconds(seconds, Math.max(timerStep, 0.1));
  }

  function pickAt(event: PointerEvent, place: Place) {
    const box = svg!.getBoundingClientRect();
    onpick(place, ruler.positionAt((100 * (event.clientX - box.left)) / box.width));
  }

  function press(event: PointerEvent) {
    const box = svg!.getBoundingClientRect();
    const y = event.clientY - box.top;
    const grabbed = (event.target as Element).closest('[data-place]')?.getAttribute('data-place');
    if (y > AXIS && !grabbed) return;
    const place =
      (grabbed as Place | undefined) ?? along ?? (y < TOP + ROW ? 'highlight' : 'shadow');
    if (event.pointerType === 'touch') {
      finger = { place, x: event.clientX };
      return;
    }
    drag(event, place);
    event.preventDefault();
  }

  function drag(event: PointerEvent, place: Place) {
    dragging = place;
    svg!.setPointerCapture(event.pointerId);
    pickAt(event, place);
  }

  function move(event: PointerEvent) {
    if (finger && Math.abs(event.clientX - finger.x) > SIDEWAYS) {
      drag(event, finger.place);
      finger = undefined;
    } else if (dragging) pickAt(event, dragging);
  }

  /** A finger that goes up where it came down has picked; one that the browser took for scrolling has not. */
  function release(event: PointerEvent) {
    if (finger) pickAt(event, finger.place);
    letGo();
  }

  function letGo() {
    dragging = undefined;
    finger = undefined;
  }

  function steer(event: KeyboardEvent, place: Place, position: number) {
    const moves: Record<string, number> = {
      ArrowLeft: position - 0.5,
      ArrowDown: position - 0.5,
      ArrowRight: position + 0.5,
      ArrowUp: position + 0.5,
      Home: 0,
      End: last,
    };
    const to = moves[event.key];
    if (event.key === 'Delete' || event.key === 'Backspace') void pickByKey(place, null);
    else if (to === undefined) return;
    else onpick(place, Math.min(last, Math.max(0, to)));
    event.preventDefault();
  }

  /** The first pick of a place by key, or its last: the focus stays with the place. */
  async function pickByKey(place: Place, position: number | null) {
    onpick(place, position);
    await tick();
    svg
      ?.querySelector<SVGElement>(`[data-${position === null ? 'open' : 'place'}="${place}"]`)
      ?.focus();
  }

  function markOn(tone: PatchTone): string {
    return darkMarkOn(tone.density) || light !== 'white' ? markDark(tone) : 'var(--enamel)';
  }

  /** In red a mark over a bright tone is black, over a dark one it is red. */
  function markDark(tone: PatchTone): string {
    if (light === 'white') return 'var(--ink)';
    return darkMarkOn(tone.density) ? '#000' : 'var(--ink)';
  }

  /** The highlight's name stands left of its pennant and the shadow's right of it, unless they would cross or run off. */
  function side(place: Place, x: number): 'end' | 'start' {
    const other = place === 'highlight' ? view.shadow : view.highlight;
    const otherX = other && ruler.xOf(other.seconds);
    const left =
      otherX === undefined
        ? place === 'highlight'
        : x < otherX || (x === otherX && place === 'highlight');
    if (x < 22) return 'start';
    if (x > 78) return 'end';
    return left ? 'end' : 'start';
  }
</script>

<svg
  bind:this={svg}
  class="block h-[222px] w-full touch-pan-y select-none overflow-visible"
  role="group"
  aria-label="Stop ruler{at && `, ${at}`}"
  onpointerdown={press}
  onpointermove={move}
  onpointerup={release}
  onpointercancel={letGo}
>
  {#each places as { place, y } (place)}
    {@const tones = tonesOf[place]}
    {#each ruler.patches as patch, index (index)}
      {@const tone = tones?.[index]}
      <rect
        x="{patch.x}%"
        {y}
        width="{patch.width}%"
        height={row}
        fill={tone ? toneColour(tone.density, light) : 'var(--enamel)'}
        stroke={tone ? 'none' : 'var(--hair)'}
      />
      {#if tone}
        <svg x="{patch.x}%" {y} width="{patch.width}%" height={row}>
          <text x="10" y={row - 12} fill={markOn(tone)} class="text-[14px] max-md:hidden">
            {crowded ? '' : tone.word}
          </text>
        </svg>
      {/if}
    {/each}
    {#if !tones && !view[place]}
      <text
        x="12"
        y={y + row / 2}
        dy="0.35em"
        class="hint pointer-events-none fill-soft text-[15px]"
      >
        {place === 'highlight'
          ? 'Highlight: touch the patch that is right'
          : 'Shadow: touch the patch that is right'}
      </text>
    {/if}
  {/each}
  <rect x="0" y={TOP} width="100%" height={2 * ROW} fill="none" class="stroke-ink" />

  <RulerScale {ruler} top={AXIS} {crowded} {shown} />

  {#if view.reading}
    {@const low = ruler.xOf(view.reading.lowSeconds)}
    {@const high = ruler.xOf(view.reading.highSeconds)}
    <rect x="{low}%" y={AXIS + 55} width="{high - low}%" height="9" rx="4.5" class="fill-rim" />
    <svg x="{ruler.xOf(view.reading.seconds)}%" y={AXIS + 48} class="overflow-visible">
      <rect x="-2" y="0" width="4" height="17" class="fill-rim" />
    </svg>
    <svg x="{high > 72 ? low : high}%" y={AXIS + 64} class="overflow-visible">
      <text
        x={high > 72 ? -12 : 12}
        text-anchor={high > 72 ? 'end' : 'start'}
        class="fill-soft text-[15px] max-md:hidden"
      >
        {view.dial} s at {view.set.noun}
        {view.reading.setting.name}
      </text>
    </svg>
  {/if}

  {#each places as { place, name, short, y } (place)}
    {@const pick = view[place]}
    {#if pick}
      {@const x = ruler.xOf(pick.seconds)}
      <RulerPick
        {...{ place, pick, name, short, at, last, shown, x }}
        tip={TOP - 2}
        anchor={side(place, x)}
        onkeydown={(event) => steer(event, place, pick.position)}
      />
    {:else}
      <RulerOpen
        {...{ place, name, at, last, y }}
        height={row}
        onpick={(to) => void pickByKey(place, to)}
      />
    {/if}
  {/each}
</svg>

<style>
  /* The words lie over the lines between the patches, not under them. */
  .hint {
    paint-order: stroke;
    stroke: var(--enamel);
    stroke-width: 8px;
  }
</style>
