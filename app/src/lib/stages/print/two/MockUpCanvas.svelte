<script lang="ts">
  import type { EaselSize, Placing, TwoOnSheet } from '@katachron/core';
  import { onMount } from 'svelte';
  import { useDesk } from '../../../bench/desk/desk.svelte.ts';
  import type { TwoNegativesBody } from '../../../nouns/two-negatives/contract.ts';
  import type { EaselStage } from './easel-stage.ts';
  import { crossing, ratioOf, sides, type SideId } from './mock-up-view.ts';
  import type { MockUp } from './mock-up.svelte.ts';
  import { paintSheet } from './two-paint.ts';

  interface Props {
    mockUp: MockUp;
    body: TwoNegativesBody;
    easel: EaselSize;
    chosen: SideId;
    /** Trouble is marked on it. */
    marked: boolean;
    onchoose: (side: SideId) => void;
    onmoved: (side: SideId, placing: Placing) => void;
    onsettled: (side: SideId) => void;
    onshares: (shares: TwoOnSheet['shares']) => void;
  }
  const props: Props = $props();
  const desk = useDesk();
  let box = $state<HTMLDivElement>();
  let wide = $state(0);
  let stage = $state.raw<EaselStage>();
  let drawn = 0;
  /** A screen has no more use for it. */
  const MOST_PIXELS = 560;
  /** So much of the window's height it may have, so that what is typed stays in sight. */
  const MOST_HIGH = 0.52;
  let high = $state(0);
  const width = $derived(
    Math.floor(Math.min(wide, (high * MOST_HIGH * props.easel.widthMm) / props.easel.heightMm)),
  );

  onMount(() => {
    let gone = false;
    void import('./easel-stage.ts').then((made) => {
      if (gone || !box) return;
      stage = new made.EaselStage(box, {
        chosen: (side) => props.onchoose(side),
        moved: (side, placing) => props.onmoved(side, placing),
        settled: (side) => props.onsettled(side),
      });
    });
    return () => {
      gone = true;
      stage?.remove();
    };
  });

  /** As bright as all else is in red; the settings are only what makes it be asked anew. */
  function colours(_light: string, _brightness: number) {
    const style = getComputedStyle(document.documentElement);
    const of = (name: string) => {
      const probe = document.createElement('span');
      probe.style.color = `var(${name})`;
      document.body.append(probe);
      const { color } = getComputedStyle(probe);
      probe.remove();
      return color;
    };
    return {
      lit: Number(style.getPropertyValue('--lit')) || 1,
      ...{ ink: of('--ink'), soft: of('--soft'), trouble: of('--caution') },
    };
  }

  $effect(() => {
    if (!stage || width < 1) return;
    const { light, preferences } = desk;
    const { body, easel, chosen, marked, mockUp } = props;
    const shown = colours(light, preferences.brightness);
    stage.size(width, easel);
    for (const side of sides) {
      const { placed } = body[side];
      stage.lay(side, placed, placed ? ratioOf(placed) : 1, shown.soft);
    }
    stage.choose(chosen);
    stage.edges(
      sides.flatMap((side) => crossing(body[side].placed, easel)),
      shown.trouble,
    );
    stage.colours(shown);
    const laid = Object.fromEntries(
      sides.flatMap((side) => (body[side].placed ? [[side, body[side].placed]] : [])),
    );
    const sheet = mockUp.sheet(easel, Math.min(MOST_PIXELS, width), laid);
    if (!sheet) return;
    stage.paint(paintSheet(sheet, light === 'white' ? undefined : shown.lit, marked));
    props.onshares(sheet.shares);
    drawn += 1;
    box?.setAttribute('data-drawn', String(drawn));
  });
</script>

<svelte:window bind:innerHeight={high} />

<!-- Its canvas is wider than its sheet by the room for handles: on a phone that ends with the window. -->
<div class="-mx-4 overflow-x-clip px-4">
  <div bind:clientWidth={wide}></div>
  <div
    bind:this={box}
    class="-mx-6 -mt-4 touch-none"
    role="img"
    aria-label="The sheet on the easel, with both negatives on it"
  ></div>
</div>
