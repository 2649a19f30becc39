<script lang="ts">
  import { goto } from '$app/navigation';
  import type { Placing, TwoOnSheet } from '@katachron/core';
  import { onMount, untrack } from 'svelte';
  import Button from '../../../kit/Button.svelte';
  import { useKeys } from '../../../kit/keys/keys.svelte.ts';
  import { shelfInHand } from '../../../kit/shelf-in-hand.svelte.ts';
  import SlotOnLeave from '../../../kit/SlotOnLeave.svelte';
  import { within } from '../../../kit/form.ts';
  import type { PaperThing } from '../../../nouns/paper/contract.ts';
  import { paperFacts } from '../../../nouns/paper/facts.ts';
  import type { Picture } from '../../../nouns/picture/contract.ts';
  import type {
    SideOfTwo,
    TwoNegatives,
    TwoNegativesBody,
  } from '../../../nouns/two-negatives/contract.ts';
  import { USUAL_EASEL } from '../../../nouns/two-negatives/easel.ts';
  import { attempt } from '../../../words/attempt.ts';
  import MockUpCanvas from './MockUpCanvas.svelte';
  import {
    coveringSheet,
    laidSo,
    letterOf,
    moves,
    sides,
    troubles,
    type SideId,
  } from './mock-up-view.ts';
  import { MockUp } from './mock-up.svelte.ts';
  import SideOnEasel from './SideOnEasel.svelte';

  interface Props {
    print: TwoNegatives;
    papers: readonly PaperThing[];
  }
  const { print, papers }: Props = $props();
  const hand = shelfInHand<TwoNegativesBody>('two-negatives', () => print);
  const mockUp = new MockUp();
  type Laid = Pick<TwoNegativesBody, 'a' | 'b'>;
  /** What was moved and is not kept yet. */
  let moving = $state.raw<Laid>();
  let before = $state.raw<readonly Laid[]>([]);
  let chosen = $state<SideId>('a');
  let marked = $state(true);
  let shares = $state.raw<TwoOnSheet['shares']>();
  let changing = '';
  let waits: ReturnType<typeof setTimeout> | undefined;
  /** Keys that follow each other so soon are one change, ms. */
  const SETTLES_MS = 400;
  const body = $derived({ ...hand.now, ...moving });
  const easel = $derived(body.easel ?? USUAL_EASEL);
  const back = $derived(`/print/two-negatives/${print.id}`);
  const { paper } = $derived(paperFacts(body.paper, 'filters', papers));
  const wrong = $derived(troubles(body, easel, shares));
  const pictures = $derived(
    JSON.stringify(
      sides.map((side) => [body[side].placed?.picture, body[side].placed?.stops, body[side].range]),
    ),
  );

  onMount(() => {
    const end = mockUp.start();
    return () => {
      if (waits !== undefined) void settle();
      end();
    };
  });
  $effect(() => {
    // Only another picture, light or contrast asks for other tones; where they lie does not.
    if (pictures === '') return;
    const at = paper;
    untrack(() => {
      const asked = { a: body.a, b: body.b };
      void Promise.all(sides.map((side) => mockUp.read(side, asked[side].placed))).then(() =>
        mockUp.ask(at, asked),
      );
    });
  });
  useKeys([
    { key: ' ', does: 'done: back to the print', run: () => void leave() },
    { key: 'Escape', does: 'back to the print', run: () => void leave() },
    { key: 'a', does: 'move A', run: () => (chosen = 'a') },
    { key: 'b', does: 'move B', run: () => (chosen = 'b') },
    { key: 'z', does: 'the last move taken back', run: undo },
    { key: 'x', does: 'marks of trouble off and on', run: () => (marked = !marked) },
    ...moves.map(({ key, does, to }) => ({
      ...{ key, does },
      run: (event?: KeyboardEvent) => {
        const { placed } = body[chosen];
        if (!placed) return;
        change(chosen, laidSo(body[chosen], to(placed, event?.shiftKey ? 10 : 1)), does);
      },
    })),
  ]);

  /** A change is kept once nothing follows it for a moment; of one kind in a row it is one step back. */
  function change(side: SideId, to: SideOfTwo, kind: string) {
    const named = `${side} ${kind}`;
    if (waits === undefined || named !== changing) before = [...before, { a: body.a, b: body.b }];
    changing = named;
    moving = { a: body.a, b: body.b, [side]: to };
    clearTimeout(waits);
    waits = setTimeout(() => void settle(), SETTLES_MS);
  }

  async function settle() {
    clearTimeout(waits);
    waits = undefined;
    const kept = moving;
    if (!kept || !(await hand.write(kept))) return;
    if (moving === kept) moving = undefined;
  }

  function undo() {
    const last = before.at(-1);
    if (!last) return;
    before = before.slice(0, -1);
    moving = last;
    void settle();
  }

  async function leave() {
    await settle();
    if (hand.problem === undefined && (await hand.whenKept())) await goto(back);
  }

  function put(side: SideId, { id, width, height }: Picture) {
    const placed = coveringSheet({ id, width, height, of: 'negative' }, easel);
    change(side, { ...body[side], placed }, 'picture');
    chosen = side;
  }

  function set(side: SideId, placed: SideOfTwo['placed']) {
    const { placed: _off, ...rest } = body[side];
    change(side, placed ? { ...rest, placed } : rest, `typed ${before.length}`);
  }

  function moved(side: SideId, placing: Placing) {
    change(side, laidSo(body[side], placing), 'drag');
  }

  function setEasel(part: 'widthMm' | 'heightMm', text: string) {
    const { value, trouble } = attempt(() =>
      within(text, 'Type the side of the sheet, mm, as 240.', 20, 3000),
    );
    if (value !== undefined) void hand.write({ easel: { ...easel, [part]: value } });
    else hand.problem = trouble;
  }
</script>

<h1 class="heading break-words">On one sheet: {body.name}</h1>
<div class="mt-3 grid grid-cols-1 gap-x-10 gap-y-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
  <div>
    <MockUpCanvas
      {mockUp}
      {body}
      {easel}
      {chosen}
      {marked}
      onchoose={(side) => (chosen = side)}
      onmoved={moved}
      onsettled={() => void settle()}
      onshares={(seen) => (shares = seen)}
    />
    <div class="mt-3 flex flex-wrap gap-3">
      <Button keyHint="Z" onclick={undo}>Take back</Button>
      <Button keyHint="X" onclick={() => (marked = !marked)}
        >{marked ? 'Without marks' : 'With marks'}</Button
      >
    </div>
    <p class="mt-2 text-[15px] text-soft">
      Light adds here as it does on the paper, each negative in its own contrast; a place that only
      one reaches is that one’s alone. Arrows move {letterOf(chosen)}, T and G turn it, L and K
      scale it, M mirrors it, Z takes back.
    </p>
  </div>
  <div>
    <ul aria-label="Trouble" aria-live="polite">
      {#each wrong as sentence (sentence)}<li class="reason text-caution">{sentence}</li>{/each}
    </ul>
    <p class="text-lg leading-loose text-soft">
      The sheet is
      <SlotOnLeave
        label="How wide the sheet is, mm"
        value={String(easel.widthMm)}
        empty="240"
        numeric
        maxlength={6}
        onset={(text) => setEasel('widthMm', text)}
      /> ×
      <SlotOnLeave
        label="How high the sheet is, mm"
        value={String(easel.heightMm)}
        empty="180"
        after=" mm"
        numeric
        maxlength={6}
        onset={(text) => setEasel('heightMm', text)}
      /> as it lies on the easel.
    </p>
    {#each sides as side (side)}
      <SideOnEasel
        letter={side === 'a' ? 'A' : 'B'}
        side={body[side]}
        chosen={chosen === side}
        onchoose={() => (chosen = side)}
        onput={(picture) => put(side, picture)}
        onset={(placed) => set(side, placed)}
        ontrouble={(trouble) => (hand.problem = trouble)}
      />
    {/each}
    {#if body.a.placed}<p class="mt-2 flex flex-wrap gap-x-6">
        <a
          class="slot-in flex min-h-11 items-center font-[600]"
          href="/api/v1/two-negatives/{print.id}/outline.pdf"
          download>The outline of A, full size, as a PDF</a
        >
      </p>{/if}
  </div>
</div>
<div class="in-sight mt-4">
  {#if hand.problem ?? mockUp.trouble}<p class="mb-3 text-trouble" role="alert">
      {hand.problem ?? mockUp.trouble}
    </p>{/if}
  <Button main keyHint="Space" onclick={() => void leave()}>It lies right</Button>
</div>
