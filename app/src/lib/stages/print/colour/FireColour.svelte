<script lang="ts">
  import { drumPlan } from '@katachron/core';
  import { page } from '$app/state';
  import { onMount } from 'svelte';
  import { useWetSide } from '../../../bench/clock/wet-side.svelte.ts';
  import { useDesk } from '../../../bench/desk/desk.svelte.ts';
  import { keptState } from '../../../kit/kept-state.svelte.ts';
  import { newId } from '../../../kit/new-id.ts';
  import { shelfInHand } from '../../../kit/shelf-in-hand.svelte.ts';
  import type { ColourThing } from '../../../nouns/in-hand/limits.ts';
  import type { ColourPrint, ColourPrintBody } from '../../../nouns/colour-print/contract.ts';
  import type { Enlarger } from '../../../nouns/enlarger/contract.ts';
  import { attempt } from '../../../words/attempt.ts';
  import FirePage from '../FirePage.svelte';
  import { colourForm } from './colour-form.ts';
  import { colourView } from './colour-view.ts';
  import { drumBaths } from './drum-baths.ts';
  import { drumView, emptyDrum } from './drum.ts';
  import { FireOfColour, keptOfColour, type ColourUnderLamp } from './fire-of-colour.svelte.ts';
  import { emptyRing, readRing, ringLines } from './ring-view.ts';
  import { readDialled } from './typed.ts';

  interface Props {
    print: ColourPrint;
    enlargers: readonly Enlarger[];
    what: ColourThing;
  }
  const { print, enlargers, what }: Props = $props();
  const desk = useDesk();
  const wetSide = useWetSide();
  const hand = shelfInHand<ColourPrintBody>('colour-prints', () => print);
  // A page fires one thing; another one is another page.
  // svelte-ignore state_referenced_locally
  const kept = keptOfColour(print.id, hand);
  // svelte-ignore state_referenced_locally
  const form = keptState(`katachron-colour-${print.id}`, colourForm());
  const ring = keptState('katachron-colour-ring', emptyRing());
  const drum = keptState('katachron-drum', emptyDrum());
  /** What lies under the lamp is this until it is taken away: what is written down of it makes no other sheet of it. */
  let fixed = $state.raw<ColourUnderLamp>();

  const view = $derived(colourView(hand.now, enlargers));
  const under = $derived.by((): ColourUnderLamp | undefined => {
    const { next, lagSeconds, timerStep, head } = view;
    const { baths } = drumBaths(drum, page.data.standing ?? []);
    const bench = { box: hand.now.box, timerStep, lagSeconds, ...(baths && { baths }) };
    if (what === 'colour-ring') {
      const { lines, trouble } = ringLines(ring, next, head, lagSeconds);
      if (trouble !== undefined) return undefined;
      const { pack, seconds } = next;
      return { ...bench, pack, seconds, ring: { choices: readRing(ring), lines } };
    }
    const dialled = attempt(() => readDialled(form, view)).value;
    return dialled && { ...bench, ...dialled };
  });
  // svelte-ignore state_referenced_locally
  const of = new FireOfColour(print.id, kept, what, {
    under: () => fixed ?? under,
    number: () => {
      const { tests } = hand.now;
      const fresh = kept.unsent.filter(({ id }) => tests.every((test) => test.id !== id));
      return tests.length + fresh.length + 1;
    },
    close: () => {
      Object.assign(form, colourForm());
      const fired = { id: kept.lastId ?? newId(), ...of.work };
      wetSide.layIn(print.name, drumView(drum, desk.reads).plan ?? drumPlan({}), { fired });
    },
  });
  let takenUp = $state(false);
  onMount(() => {
    kept.takeUp();
    fixed = under;
    takenUp = true;
  });
</script>

{#if takenUp}<FirePage {of} />{/if}
