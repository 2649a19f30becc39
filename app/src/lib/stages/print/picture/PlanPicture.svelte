<script lang="ts">
  import { areaShapes, shapeKind, type AreaShape, type At } from '@katachron/core';
  import same from 'fast-deep-equal';
  import { onMount } from 'svelte';
  import { useDesk } from '../../../bench/desk/desk.svelte.ts';
  import { useKeys } from '../../../kit/keys/keys.svelte.ts';
  import { shownRatio, wholePicture } from '../../../nouns/picture/corners.ts';
  import { MOST_POINTS, outlines } from '../../../nouns/picture/kinds.ts';
  import { MOST_AREAS } from '../../../nouns/print/limits.ts';
  import type { PrintInHand } from '../print-in-hand.svelte.ts';
  import type { ShownTones } from './messages.ts';
  import type { Drawing, PlanOverlay } from './overlay.ts';
  import PictureShown from './PictureShown.svelte';
  import PicturePut from './PicturePut.svelte';
  import PictureTools from './PictureTools.svelte';
  import PlanCanvas from './PlanCanvas.svelte';
  import { PlanHistory } from './plan-history.svelte.ts';
  import { ofVersion, pictureAsked, straight } from './question.ts';
  import SquareUp from './SquareUp.svelte';
  import { spotWords } from './spot.ts';

  interface Props {
    print: PrintInHand;
    /** The area that is worked on. */
    selected: number | undefined;
  }
  let { print, selected = $bindable() }: Props = $props();
  const { draft } = $derived(print);
  const desk = useDesk();
  const view = $derived(print.view());
  /** As it lies in the tray, or as it will be on the wall. */
  let dry = $state(false);
  const asked = $derived(pictureAsked(draft, view, dry));
  const ratio = $derived(
    draft.picture
      ? shownRatio(draft.picture)
      : outlines.find(({ id }) => id === (draft.outline ?? '4:3'))!.height,
  );
  let width = $state(0);
  const height = $derived(Math.round(width * ratio));
  let holding = $state(false);
  let squaring = $state(false);
  let beside = $state('none');
  let shown = $state.raw<ShownTones>();
  let spot = $state<At>();
  let drawing = $state<Drawing>();
  let container = $state<HTMLDivElement>();
  let overlay = $state.raw<PlanOverlay>();
  const history = new PlanHistory(
    () => ({ areas: print.draft.areas, pieces: print.draft.pieces ?? [] }),
    ({ areas, pieces }) => {
      print.draft.areas = areas;
      if (pieces.length > 0) print.draft.pieces = pieces;
      else delete print.draft.pieces;
    },
  );

  onMount(() => {
    let gone = false;
    // Drawing comes after the page: the page is read without it.
    void import('./overlay.ts').then((drawn) => {
      if (gone || !container) return;
      overlay = new drawn.PlanOverlay(container, {
        select: (index) => (selected = index),
        change: (index, shape) => reshape(index, shape),
        spot: (at) => (spot = at),
        drawn: (points) => addDrawn(points),
      });
    });
    return () => {
      gone = true;
      overlay?.destroy();
    };
  });

  $effect(() => {
    if (!overlay || width < 1) return;
    const areas = draft.areas.flatMap(({ shape }, number) => (shape ? [{ number, shape }] : []));
    const inWhite = { line: '#ffffff', halo: '#1c1a17' };
    const onOutline = { line: '#1c1a17', halo: '#fbfaf6' };
    const ink = getComputedStyle(document.documentElement).getPropertyValue('--ink');
    const inRed = { line: ink, halo: '#000000' };
    const colours = desk.light === 'white' ? (shown ? inWhite : onOutline) : inRed;
    overlay.show($state.snapshot(areas) as typeof areas, selected, {
      ...{ width, height },
      colours,
    });
  });
  $effect(() => {
    if (!asked) shown = undefined;
  });
  $effect(() => {
    overlay?.draw(drawing);
    // A finger scrolls the page over the picture, until there is something to be drawn or dragged.
    if (container) container.style.touchAction = drawing || selected !== undefined ? 'none' : '';
  });
  // Whatever changes the plan, a field too, can be taken back.
  $effect(() => {
    void $state.snapshot(draft.areas);
    void $state.snapshot(draft.pieces);
    history.note();
  });

  function reshape(index: number, shape: AreaShape) {
    const area = draft.areas[index];
    if (area) area.shape = shape;
  }

  function add(shape: AreaShape) {
    // An area that has no place yet gets it; otherwise it is a new one.
    const without = selected !== undefined && !draft.areas[selected]?.shape ? selected : undefined;
    if (without !== undefined) return reshape(without, shape);
    if (draft.areas.length >= MOST_AREAS) return;
    const name = shape.kind === 'corners' ? 'corners' : '';
    draft.areas = [...draft.areas, { name, stops: '+½', shape }];
    selected = draft.areas.length - 1;
  }

  function addDrawn(points: readonly At[]) {
    const kind = drawing;
    drawing = undefined;
    const step = Math.ceil(points.length / MOST_POINTS);
    const kept = points.filter((_, n) => n % step === 0);
    if (kind === 'polygon') add({ kind, points: kept });
    else if (kind === 'brush') add({ kind, points: kept, radius: 0.05 });
  }

  /** By key it is laid down whole, and moved; by its button it is drawn, where it can be. */
  function draw(id: AreaShape['kind']) {
    const byHand = id === 'polygon' || id === 'brush';
    if (byHand && overlay) drawing = drawing === id ? undefined : id;
    else lay(id);
  }

  function lay(id: AreaShape['kind']) {
    add(shapeKind(id).usual({ height: ratio }) as AreaShape);
  }

  function shift(x: number, y: number) {
    const shape = selected === undefined ? undefined : draft.areas[selected]?.shape;
    if (!shape) return;
    const moved = shapeKind(shape.kind).shifted($state.snapshot(shape) as never, { x, y });
    reshape(selected!, moved as AreaShape);
  }

  function squared(corners?: readonly At[]) {
    squaring = false;
    const { picture } = draft;
    if (!corners || !picture) return;
    if (same(corners, wholePicture)) delete picture.corners;
    else picture.corners = [...corners];
  }

  const STEP = 0.01;
  useKeys([
    ...areaShapes.map(({ id, name }, index) => ({
      key: String(index + 1),
      does: `${name.toLowerCase()} on the picture`,
      run: () => lay(id),
    })),
    { key: 's', does: 'the straight print, while it is held', run: () => (holding = true) },
    { key: 'z', does: 'take the last change back', run: () => history.undo() },
    { key: 'y', does: 'and make it again', run: () => history.redo() },
    { key: 'ArrowLeft', does: 'the chosen area to the left', run: () => shift(-STEP, 0) },
    { key: 'ArrowRight', does: 'to the right', run: () => shift(STEP, 0) },
  ]);

  const versions = $derived(draft.versions ?? []);
  const compared = $derived(
    asked &&
      (beside === 'straight'
        ? straight(asked)
        : versions.flatMap((version) =>
            String(version.number) === beside ? [ofVersion(asked, version, view)] : [],
          )[0]),
  );
</script>

<svelte:window
  onkeyup={({ key }) => key.toLowerCase() === 's' && (holding = false)}
  onblur={() => (holding = false)}
/>

{#if squaring && asked && draft.picture}
  <SquareUp {asked} picture={draft.picture} ondone={squared} />
{/if}
<div class={squaring ? 'hidden' : compared ? 'grid grid-cols-1 gap-3 md:grid-cols-2' : ''}>
  <div class="relative" bind:clientWidth={width}>
    {#if asked}
      <PlanCanvas
        asked={holding ? straight(asked) : asked}
        {width}
        {height}
        label={holding ? 'The straight print' : 'The print by the plan'}
        onshown={(now) => (shown = now)}
      />
    {:else}
      <svg class="block h-auto w-full" viewBox="0 0 100 {ratio * 100}" aria-hidden="true">
        <rect
          width="100"
          height={ratio * 100}
          fill="var(--enamel)"
          stroke="var(--hair)"
          vector-effect="non-scaling-stroke"
        />
      </svg>
    {/if}
    <div class="absolute inset-0" bind:this={container} data-testid="overlay"></div>
  </div>
  {#if compared && asked}
    <PlanCanvas
      asked={compared}
      {width}
      {height}
      label={beside === 'straight' ? 'The straight print, beside' : `Version ${beside}, beside`}
    />
  {/if}
</div>

{#if !squaring}<PictureTools
    {drawing}
    ondraw={draw}
    {history}
    picture={asked !== undefined}
    bind:holding
  />{/if}
<p class="min-h-6 text-[15px] text-soft" data-testid="spot">
  {#if drawing}{shapeKind(drawing).how}.{:else if shown && spot}{spotWords(shown, spot) ?? ''}{/if}
</p>
<PicturePut {print} usual={shown?.usual} onsquare={() => (squaring = true)} />
{#if asked}
  <PictureShown
    bind:beside
    bind:dry
    versions={versions.map(({ number }) => number)}
    dries={view.dry}
    flashed={asked.question.flash !== undefined}
  />
{/if}
