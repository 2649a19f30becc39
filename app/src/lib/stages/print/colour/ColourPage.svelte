<script lang="ts">
  import { watchNumbers } from '../../../kit/watch-numbers.ts';
  import { page } from '$app/state';
  import { goto } from '$app/navigation';
  import { onMount } from 'svelte';
  import Button from '../../../kit/Button.svelte';
  import Field from '../../../kit/Field.svelte';
  import { keptState } from '../../../kit/kept-state.svelte.ts';
  import { shelfInHand } from '../../../kit/shelf-in-hand.svelte.ts';
  import { useKeys } from '../../../kit/keys/keys.svelte.ts';
  import type {
    ColourPrint,
    ColourPrintBody,
    ColourTest,
  } from '../../../nouns/colour-print/contract.ts';
  import type { Enlarger } from '../../../nouns/enlarger/contract.ts';
  import { attempt } from '../../../words/attempt.ts';
  import type { Named } from '../../../words/called.ts';
  import { enlargerSeconds } from '../../../words/duration.ts';
  import PrintPages from '../PrintPages.svelte';
  import { colourForm } from './colour-form.ts';
  import ColourBook from './ColourBook.svelte';
  import ColourJudge from './ColourJudge.svelte';
  import ColourSetup from './ColourSetup.svelte';
  import { colourView } from './colour-view.ts';
  import { keptOfColour } from './fire-of-colour.svelte.ts';
  import { drumBaths } from './drum-baths.ts';
  import { emptyDrum } from './drum.ts';
  import Drum from './Drum.svelte';
  import OtherBox from './OtherBox.svelte';
  import { colourStarts, startWords } from './starts.ts';
  import { readDialled } from './typed.ts';
  import { readVerdict, seenSoFar } from './verdict.ts';

  interface Props {
    print: ColourPrint;
    others: readonly ColourPrint[];
    enlargers: readonly Enlarger[];
    papers: readonly Named[];
  }
  const { print, others, enlargers, papers }: Props = $props();
  const hand = shelfInHand<ColourPrintBody>('colour-prints', () => print);
  const body = $derived(hand.now);
  // A page shows one print; another one is another page.
  // svelte-ignore state_referenced_locally
  const form = keptState(`katachron-colour-${print.id}`, colourForm());
  const drum = keptState('katachron-drum', emptyDrum());
  const view = $derived(colourView(body, enlargers));
  /** With what is picked of the open sheet, before it is kept. */
  const ahead = $derived(
    view.open ? colourView(seenSoFar(body, view.open, form), enlargers) : view,
  );
  const starts = $derived(
    body.tests.length === 0 ? colourStarts(body, others, view.head, papers) : [],
  );
  let tried = $state(false);
  const verdict = $derived(attempt(() => readVerdict(form, view.open)));
  const dialled = $derived(attempt(() => readDialled(form, view)));
  /** A pack of one's own has a time of its own. */
  const secondsDue = $derived(
    enlargerSeconds(dialled.value?.seconds ?? view.next.seconds, view.timerStep),
  );
  const letters = [
    { name: 'c', label: 'C' },
    { name: 'm', label: 'M' },
    { name: 'y', label: 'Y' },
    { name: 'seconds', label: 'Seconds' },
  ] as const;
  const main = $derived(
    view.open
      ? { words: 'Keep what was seen', run: keepSeen }
      : { words: 'Fire this sheet', run: fire },
  );
  // svelte-ignore state_referenced_locally
  const kept = keptOfColour(print.id, hand);
  onMount(() => kept.takeUp());
  useKeys([
    { key: ' ', does: 'the big button', run: () => void main.run() },
    { key: 'Escape', does: 'back to the colour prints', run: () => void goto('/print/colour') },
  ]);

  async function fire() {
    tried = true;
    if (dialled.value && (await hand.whenKept()))
      await goto(`/print/colour/${print.id}/fire?what=colour-sheet`);
  }

  /** Under a timer of one's own. */
  async function exposed() {
    tried = true;
    if (!dialled.value) return;
    const { baths } = drumBaths(drum, page.data.standing ?? []);
    const sheet = { ...dialled.value, box: body.box, ...(baths && { baths }) };
    const tests = [...body.tests, { ...hand.stampOf(sheet), ...sheet }];
    if (!(await hand.write({ tests }, 'start'))) return;
    tried = false;
    Object.assign(form, colourForm());
  }

  async function keepSeen() {
    tried = true;
    const { open } = view;
    if (!open || !verdict.value) return;
    const { atMs } = hand.stampOf({ of: open.id, ...verdict.value });
    const seen = { ...open, verdict: { ...verdict.value, atMs } };
    if (!(await hand.write({ tests: [...body.tests.slice(0, -1), seen] }))) return;
    tried = false;
    Object.assign(form, colourForm());
  }

  async function setBaths(baths: ColourTest['baths']) {
    const { open } = view;
    if (!open) return;
    const { baths: _before, ...sheet } = open;
    await hand.write({
      tests: [...body.tests.slice(0, -1), { ...sheet, ...(baths && { baths }) }],
    });
  }

  async function putPicture(picture: string) {
    const { open } = view;
    if (open) await hand.write({ tests: [...body.tests.slice(0, -1), { ...open, picture }] });
  }

  /** What was seen is taken back first, then the sheet. */
  function takeBack() {
    const last = body.tests.at(-1);
    if (!last) return;
    const { verdict: _seen, ...sheet } = last;
    const before = body.tests.slice(0, -1);
    void hand.write({ tests: last.verdict ? [...before, sheet] : before });
  }
</script>

<PrintPages />
<ColourSetup
  {body}
  {enlargers}
  papers={papers.map(({ name }) => name)}
  onset={(change) => void hand.write(change)}
  ontrouble={(trouble) => (hand.problem = trouble)}
/>
<div class="mt-4 grid grid-cols-1 gap-x-14 gap-y-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
  <div>
    <section aria-label="The pack" aria-live="polite">
      <div {@attach watchNumbers}>
        <p class="numeral break-words text-[56px]" data-testid="pack">{ahead.packShown}</p>
        <p class="numeral text-[84px]" data-testid="seconds">
          {ahead.secondsShown}<span class="text-[0.36em]"> s</span>
        </p>
      </div>
      {#each ahead.next.sentences as sentence (sentence)}<p class="reason mt-2">
          {sentence}
        </p>{/each}
      <p class="mt-2 text-[15px] text-soft">The time goes {view.headWords}.</p>
      {#if starts.length > 0}
        <ul class="mt-3" aria-label="Ways to begin">
          {#each starts as way (way.by)}
            <li class="border-b border-hair py-1.5">
              <button
                class="min-h-11 text-left font-[600]"
                type="button"
                onclick={() => void hand.write({ start: way })}>{startWords(way)}</button
              >
            </li>
          {/each}
        </ul>
      {/if}
    </section>
    {#if view.open}<div class="mt-6">
        <Drum name={body.name} onbaths={(baths) => void setBaths(baths)} />
      </div>{/if}
  </div>
  {#if view.open}
    <ColourJudge
      test={view.open}
      head={view.head}
      {form}
      trouble={tried ? verdict.trouble : undefined}
      onpicture={(picture) => void putPicture(picture)}
    />
  {:else}
    <section aria-label="What is dialled">
      <p class="reason text-soft">
        Colour paper is open in the dark alone: dial, switch this screen to Dark, expose, close the
        drum. Chemistry: gloves, air, the data sheet; mains and wet hands apart.
      </p>
      <div class="mt-3 grid grid-cols-4 gap-x-4">
        {#each letters as { name, label } (name)}
          <Field
            id="dialled-{name}"
            {label}
            numeric
            maxlength={8}
            placeholder={name === 'seconds' ? secondsDue : view.dialled[name]}
            bind:value={form[name]}
          />
        {/each}
      </div>
      <p class="text-[15px] text-soft">
        Left empty: as it stands there; the time goes with the pack.
      </p>
      {#if tried && dialled.trouble}<p class="text-trouble" role="alert">{dialled.trouble}</p>{/if}
      <p class="mt-3 flex flex-wrap gap-x-6">
        <a
          class="slot-in flex min-h-11 items-center font-[600]"
          href="/print/colour/{print.id}/ring">A ring-around on one sheet</a
        >
      </p>
    </section>
  {/if}
</div>
<div class="in-sight mt-6">
  {#if hand.problem}<p class="mb-3 text-trouble" role="alert">{hand.problem}</p>{/if}
  <div class="flex flex-wrap gap-3">
    <Button
      main
      keyHint="Space"
      answer="{ahead.packShown}, {ahead.secondsShown} s"
      onclick={() => void main.run()}>{main.words}</Button
    >
    {#if !view.open}<Button onclick={() => void exposed()}>This sheet is exposed</Button>{/if}
  </div>
</div>
<ColourBook printId={print.id} tests={body.tests} ontakeback={takeBack} />
{#if body.tests.length > 0}
  <OtherBox {hand} head={view.head} next={ahead.next} />
{/if}
