<script lang="ts">
  import { page } from '$app/state';
  import { goto } from '$app/navigation';
  import Button from '../../../kit/Button.svelte';
  import { keptState } from '../../../kit/kept-state.svelte.ts';
  import { shelfInHand } from '../../../kit/shelf-in-hand.svelte.ts';
  import { useKeys } from '../../../kit/keys/keys.svelte.ts';
  import SlotChoice from '../../../kit/SlotChoice.svelte';
  import SlotText from '../../../kit/SlotText.svelte';
  import { ringPatches } from '../../../nouns/colour-print/limits.ts';
  import type { ColourPrint, ColourPrintBody } from '../../../nouns/colour-print/contract.ts';
  import type { Enlarger } from '../../../nouns/enlarger/contract.ts';
  import PrintPages from '../PrintPages.svelte';
  import { colourView } from './colour-view.ts';
  import { drumBaths } from './drum-baths.ts';
  import { emptyDrum } from './drum.ts';
  import { emptyRing, readRing, ringLines, ringMoves } from './ring-view.ts';

  interface Props {
    print: ColourPrint;
    enlargers: readonly Enlarger[];
  }
  const { print, enlargers }: Props = $props();
  const hand = shelfInHand<ColourPrintBody>('colour-prints', () => print);
  const view = $derived(colourView(hand.now, enlargers));
  const form = keptState('katachron-colour-ring', emptyRing());
  const drum = keptState('katachron-drum', emptyDrum());
  const ring = $derived(ringLines(form, view.next, view.head, view.lagSeconds));
  const back = $derived(`/print/colour/${print.id}`);

  useKeys([
    { key: ' ', does: 'fire the patches', run: () => void fire() },
    { key: 'Escape', does: 'back to the print', run: () => void goto(back) },
  ]);

  async function fire() {
    if (ring.trouble === undefined && (await hand.whenKept()))
      await goto(`${back}/fire?what=colour-ring`);
  }

  /** Under a timer of one's own. */
  async function exposed() {
    if (ring.trouble !== undefined) return;
    const { pack, seconds } = view.next;
    const { baths } = drumBaths(drum, page.data.standing ?? []);
    const sheet = {
      ...{ pack, seconds, box: hand.now.box, ring: readRing(form) },
      ...(baths && { baths }),
    };
    const tests = [...hand.now.tests, { ...hand.stampOf(sheet), ...sheet }];
    if (await hand.write({ tests }, 'start')) await goto(back);
  }
</script>

<PrintPages />
<h1 class="heading break-words">Ring-around: {print.name}</h1>
<p class="mt-2 text-lg leading-loose text-soft">
  Around {view.packShown}, {view.secondsShown} s:
  <SlotChoice label="What is moved" bind:value={form.moved} options={ringMoves} />
  in
  <SlotChoice
    label="How many patches"
    bind:value={form.patches}
    options={ringPatches.map((count) => ({ id: String(count), name: `${count} patches` }))}
  />, each
  <SlotText
    label={form.moved === 'time' ? 'The step, stops' : 'The step, units'}
    bind:value={form.step}
    empty="how much"
    numeric
    maxlength={6}
    after={form.moved === 'time' ? ' stop' : ' units'}
  /> on, on a sheet
  <SlotText
    label="Length of the sheet, mm"
    bind:value={form.sheet}
    empty="how long"
    numeric
    maxlength={6}
    after=" mm"
  /> long.
</p>
<p class="reason text-soft">
  First one channel; then the time; then the second channel. A mask with a window of one patch: in
  the dark it is moved on by feel, against a ruler with a notch for each place.
</p>
{#if ring.trouble}
  <p class="mt-4 text-trouble" role="alert">{ring.trouble}</p>
{:else}
  <table class="mt-4 w-full max-w-3xl text-left">
    <thead class="text-[15px] text-soft">
      <tr>
        <th class="font-normal">Patch</th>
        <th class="font-normal">Window</th>
        <th class="font-normal">Pack</th>
        <th class="text-right font-normal">Seconds</th>
      </tr>
    </thead>
    <tbody>
      {#each ring.lines as { number, pack, seconds, window } (number)}
        <tr class="border-b border-hair">
          <th scope="row" class="py-2 text-[22px] font-[620]">{number}</th>
          <td>{window}</td>
          <td class="text-lg">{pack}</td>
          <td class="text-right text-[28px] font-[620]">{seconds}</td>
        </tr>
      {/each}
    </tbody>
  </table>
{/if}
<div class="in-sight mt-6">
  {#if hand.problem}<p class="mb-3 text-trouble" role="alert">{hand.problem}</p>{/if}
  <div class="flex flex-wrap gap-3">
    <Button main keyHint="Space" onclick={() => void fire()}>Fire the patches</Button>
    <Button onclick={() => void exposed()}>This sheet is exposed</Button>
    <Button href={back}>Back to the print</Button>
  </div>
</div>
