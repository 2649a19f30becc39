<script lang="ts">
  import { goto } from '$app/navigation';
  import { onMount } from 'svelte';
  import Button from '../../../kit/Button.svelte';
  import { keptState } from '../../../kit/kept-state.svelte.ts';
  import { useKeys } from '../../../kit/keys/keys.svelte.ts';
  import { shelfInHand } from '../../../kit/shelf-in-hand.svelte.ts';
  import ShelfSlot from '../../../kit/ShelfSlot.svelte';
  import SlotOnLeave from '../../../kit/SlotOnLeave.svelte';
  import Steps from '../../../kit/Steps.svelte';
  import type { Enlarger } from '../../../nouns/enlarger/contract.ts';
  import type { PaperThing } from '../../../nouns/paper/contract.ts';
  import type { TwoThing } from '../../../nouns/in-hand/limits.ts';
  import { countOf } from '../../../words/count.ts';
  import type { TwoNegatives, TwoNegativesBody } from '../../../nouns/two-negatives/contract.ts';
  import PrintPages from '../PrintPages.svelte';
  import AreasOfTwo from './AreasOfTwo.svelte';
  import AnotherSizeOfTwo from './AnotherSizeOfTwo.svelte';
  import EdgeOfTwo from './EdgeOfTwo.svelte';
  import GridTable from './GridTable.svelte';
  import TrayBaths from '../TrayBaths.svelte';
  import HowMany from './HowMany.svelte';
  import { measuredSetting } from '../../../nouns/paper/measured-setting.ts';
  import SideOfTwo from './SideOfTwo.svelte';
  import { asMeasured, sideSet } from './typed-two.ts';
  import { keptOfTwo } from './fire-of-two.svelte.ts';
  import TimesOfTwo from './TimesOfTwo.svelte';
  import SheetsOfTwo from './SheetsOfTwo.svelte';
  import type { PaperThrough } from '../../../nouns/bath/through.ts';
  import { gridOf, waitingForB } from './two-exposed.ts';
  import { gridSteps, twoView } from './two-view.ts';

  interface Props {
    print: TwoNegatives;
    enlargers: readonly Enlarger[];
    papers: readonly PaperThing[];
  }
  const { print, enlargers, papers }: Props = $props();
  const hand = shelfInHand<TwoNegativesBody>('two-negatives', () => print);
  const body = $derived(hand.now);
  const shelves = $derived({ enlargers, papers });
  const view = $derived(twoView(body, shelves));
  // A page shows one print; another one is another page.
  // svelte-ignore state_referenced_locally
  const form = keptState(`katachron-two-${print.id}`, { picked: '' });
  const waiting = $derived(waitingForB(body).length);
  async function fire(what: TwoThing) {
    if (await hand.whenKept()) await goto(`/print/two-negatives/${print.id}/fire?what=${what}`);
  }
  const main = $derived.by(() => {
    if (view.open) return { words: 'Keep this cell', run: keepCell };
    if (waiting > 0) {
      return { words: `Fire B on ${countOf(waiting, 'sheet')}`, run: () => fire('two-b') };
    }
    if (!view.answer?.tested) return { words: 'Fire the grid', run: fireGrid };
    const sheets = countOf(body.copies + body.spare, 'sheet');
    return { words: `Fire A on ${sheets}`, run: () => fire('two-a') };
  });
  // svelte-ignore state_referenced_locally
  const kept = keptOfTwo(print.id, hand);
  onMount(() => kept.takeUp());
  const ontrouble = (trouble: string) => (hand.problem = trouble);

  useKeys([
    { key: ' ', does: 'the big button', run: () => void main.run() },
    {
      key: 'Escape',
      does: 'back to the prints of two negatives',
      run: () => void goto('/print/two-negatives'),
    },
  ]);

  /** What a sheet is booked as. */
  let paper = $state.raw<PaperThrough>();
  const noTimes = 'First each negative alone by a strip: type the time that each gets.';

  async function fireGrid() {
    if (!view.times) hand.problem = noTimes;
    else await fire('two-grid');
  }

  /** Under a timer of one's own. */
  async function exposed() {
    if (!view.times) return void ontrouble(noTimes);
    const grid = gridOf(view.times, paper);
    await hand.write({ tests: [...body.tests, { ...hand.stampOf(grid), ...grid }] });
  }

  async function keepCell() {
    const [a, b] = form.picked.split(' ').map(Number);
    if (!view.open || a === undefined || b === undefined) {
      hand.problem = 'Pick the cell that is right, dry.';
      return;
    }
    const seen = { ...view.open, picked: { a, b } };
    if (await hand.write({ tests: [...body.tests.slice(0, -1), seen] })) form.picked = '';
  }

  /** What was picked is taken back first, then the grid. */
  function takeBack() {
    const last = body.tests.at(-1);
    if (!last) return;
    const { picked: _cell, ...grid } = last;
    const before = body.tests.slice(0, -1);
    void hand.write({ tests: last.picked ? [...before, grid] : before });
  }

  /** B is taken off a sheet first, then the sheet. */
  function takeSheetBack() {
    const { sheets = [] } = body;
    const last = sheets.findLast(({ b }) => b) ?? sheets.at(-1);
    if (!last) return;
    const { b, ...withoutB } = last;
    void hand.write({
      sheets: b
        ? sheets.map((sheet) => (sheet === last ? withoutB : sheet))
        : sheets.filter((sheet) => sheet !== last),
    });
  }
</script>

<PrintPages />
<h1 class="heading break-words">
  <SlotOnLeave
    label="Name of the print"
    value={body.name}
    empty="Two negatives"
    maxlength={120}
    onset={(name) => void hand.write({ name: name.trim() || 'Two negatives' })}
  />
</h1>
<p class="mt-2 text-lg leading-loose text-soft">
  On
  <ShelfSlot
    label="The paper"
    value={body.paper}
    empty="which paper"
    names={papers.map(({ name }) => name)}
    onchoose={(paper) =>
      void hand.write({
        paper,
        a: asMeasured(body.a, paper, papers),
        b: asMeasured(body.b, paper, papers),
      })}
  />
  under
  <ShelfSlot
    label="The enlarger"
    value={body.enlarger}
    empty="which enlarger"
    names={enlargers.map(({ name }) => name)}
    onchoose={(enlarger) => void hand.write({ enlarger })}
  />; both lie on
  <SlotOnLeave
    label="The place where both lie"
    value={body.place}
    empty="which place"
    maxlength={120}
    onset={(place) => void hand.write({ place })}
  />.
</p>
{#each ['a', 'b'] as const as side (side)}
  <SideOfTwo
    letter={side === 'a' ? 'A' : 'B'}
    side={body[side]}
    measured={measuredSetting(papers, body.paper, body[side].setting)}
    place={body.place}
    onset={(changed) =>
      void hand.write({ [side]: sideSet(body[side], changed, body.paper, papers) })}
    {ontrouble}
  />
{/each}
{#if view.mud}<p class="reason text-caution">{view.mud}</p>{/if}
<p>
  <a
    class="slot-in inline-flex min-h-11 items-center font-[600]"
    href="/print/two-negatives/{print.id}/sheet">How they lie on one sheet</a
  >
</p>
<div class="mt-4 grid grid-cols-1 gap-x-14 gap-y-6 lg:grid-cols-2">
  <section aria-label="The grid">
    <h2 class="text-xl font-[620]">{view.open ? 'Pick a cell, dry' : 'The next grid'}</h2>
    {#if view.cells.length > 0}
      <p class="text-[15px] text-soft">
        What {body.place.trim() || 'the place'} is expected to have: light adds, densities never.
      </p>
      <GridTable {view} picked={form.picked} onpick={(picked) => (form.picked = picked)} />
      {#if !view.open}
        <div class="mt-3"><Steps steps={gridSteps(view)} /></div>
      {/if}
    {:else}
      <p class="reason text-soft">
        {view.trouble ??
          'First each negative alone, by a strip of its own: the time of each stands here then as a grid.'}
      </p>
    {/if}
    {#if body.tests.length > 0}
      <button class="slot-in mt-2 min-h-11 font-[600]" type="button" onclick={takeBack}
        >Take the last entry back</button
      >
    {/if}
  </section>
  <section aria-label="The print" aria-live="polite">
    {#if view.answer}
      <TimesOfTwo answer={view.answer} />
      <TrayBaths bind:sheet={paper} also=", a grid as half of it" />
      <HowMany {body} onset={(change) => void hand.write(change)} {ontrouble} />
      <div class="mt-2"><Steps steps={view.steps} /></div>
    {:else}
      <p class="reason text-soft">
        The plan stands here: how many sheets, in which order, which way up.
      </p>
    {/if}
    {#each ['a', 'b'] as const as side (side)}
      <AreasOfTwo
        letter={side === 'a' ? 'A' : 'B'}
        side={body[side]}
        onset={(changed) => void hand.write({ [side]: changed })}
        {ontrouble}
      />
    {/each}
    <EdgeOfTwo
      {body}
      places={view.edge}
      onset={(edge) => void hand.write(edge ? { edge } : {}, edge ? undefined : 'edge')}
      {ontrouble}
    />
  </section>
</div>
<div class="in-sight mt-6">
  {#if hand.problem}<p class="mb-3 text-trouble" role="alert">{hand.problem}</p>{/if}
  <div class="flex flex-wrap gap-3">
    <Button
      main
      keyHint="Space"
      answer={view.answer && `A ${view.answer.a} s, B ${view.answer.b} s`}
      onclick={() => void main.run()}>{main.words}</Button
    >
    {#if !view.open && waiting === 0}
      {#if view.answer?.tested}<Button onclick={() => void fireGrid()}>Another grid</Button>{/if}
      <Button onclick={() => void exposed()}>The grid is exposed</Button>
    {/if}
  </div>
</div>
<SheetsOfTwo sheets={body.sheets ?? []} ontakeback={takeSheetBack} />
{#if view.answer}<AnotherSizeOfTwo {body} {shelves} />{/if}
