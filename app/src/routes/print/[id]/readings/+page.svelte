<script lang="ts">
  import { watchNumbers } from '$lib/kit/watch-numbers.ts';
  import Said from '$lib/kit/Said.svelte';
  import { goto } from '$app/navigation';
  import {
    highlightTones,
    negativeLights,
    readingScales,
    shadowTones,
    tones,
  } from '@katachron/core';
  import { SimulatedLightProbe } from '$lib/bench/devices/simulated-light-probe.ts';
  import CurvePicture from '$lib/stages/print/CurvePicture.svelte';
  import ReadPlace from '$lib/stages/print/ReadPlace.svelte';
  import RightPrint from '$lib/stages/print/RightPrint.svelte';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';
  import { usePrint } from '$lib/stages/print/print-in-hand.svelte.ts';
  import { emptyReadings } from '$lib/stages/print/read-places.ts';
  import { typedReading } from '$lib/nouns/print/read-words.ts';
  import { readingsView } from '$lib/stages/print/readings-view.ts';
  import { timeKnown } from '$lib/stages/print/reason.ts';
  import { enlargerSeconds } from '$lib/words/duration.ts';
  import { withinInWords } from '$lib/words/fraction.ts';
  import { MOST_SPOTS } from '$lib/nouns/in-hand/limits.ts';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { litBy } from '$lib/stages/print/lit-by.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';

  const print = usePrint();
  const bench = $derived(print.view());
  const { draft } = print;
  const form = $derived(draft.readings ?? emptyReadings(bench.setting.id));
  // What is read is kept with the print from the first look on.
  $effect.pre(() => {
    draft.readings ??= emptyReadings(bench.setting.id);
  });
  /** All that is known of the print: what was read here, what was picked on strips, and prints made before. */
  const together = $derived(form.leftOut ? undefined : bench.together);
  const view = $derived(readingsView(form, draft, bench.on, together));
  const enough = $derived(together?.verdict === 'make-print');
  const probe = new SimulatedLightProbe();
  const places = $derived([form.highlight, form.shadow, ...form.others]);
  const all = tones.map(({ id }) => id);

  useKeys([
    { key: ' ', does: 'read the probe into the next empty place', run: () => void readProbe() },
    { key: 'a', does: 'one more place', run: add },
    { key: 'c', does: 'the strip that it still takes, or a check strip', run: () => void strip() },
    { key: 'Escape', does: 'back to the strips', run: () => void goto(print.path) },
  ]);

  /** The head of the enlarger says how the negative is lit, where it stands on the shelf. */
  function readAs(scale: typeof form.scale) {
    form.scale = scale;
    const lit = litBy(print.bench.enlargers, draft.enlarger);
    if (scale === 'density' && !form.negativeLight && lit) form.negativeLight = lit;
  }

  async function readProbe() {
    if (!places.some(({ reading }) => reading.trim() === '')) add();
    const place = places.find(({ reading }) => reading.trim() === '');
    const log = await probe.read();
    if (place) place.reading = typedReading(form.scale === 'light' ? log : -log);
    readHere();
  }

  /** A probe reads the light of the set-up that stands now. */
  function readHere() {
    form.setup = { ...bench.now.setup };
  }

  /** The two places the other way round. */
  function swap() {
    const { highlight, shadow } = form;
    [highlight.reading, shadow.reading] = [shadow.reading, highlight.reading];
  }

  /** The strip that is still worth its paper; where none is, three patches around the answer check it. */
  async function strip() {
    if (!view.answer || !together) return;
    if (enough) print.checkAt(together.setting.id, together.seconds);
    else print.layStrip();
    await goto(print.path);
  }

  function add() {
    if (form.others.length >= MOST_SPOTS) return;
    form.others.push({ name: `place ${form.others.length + 3}`, reading: '', tone: 'V' });
  }
</script>

<svelte:head><title>Readings · Katachron</title></svelte:head>

<PrintPages of={print.path} />
<h1 class="heading">Readings instead of a strip</h1>
<p class="reason mt-1 text-soft">
  A probe on the baseboard, or densities of the negative: they count like looks at a strip. The
  contrast follows at once, the time where prints made here were read, or one that was right is
  given. A third place is for the hands.
</p>
<div
  class="mt-4 grid grid-cols-1 gap-x-14 gap-y-6 lg:grid-cols-[minmax(0,1fr)_440px] lg:grid-rows-[auto_1fr]"
>
  <section aria-label="Places">
    <p class="text-lg text-soft">
      Read as
      <SlotChoice
        label="The scale of the readings"
        bind:value={() => form.scale, (scale) => readAs(scale)}
        options={readingScales}
      />{#if form.scale === 'density'}, lit by
        <SlotChoice
          label="The light on the negative"
          bind:value={() => form.negativeLight ?? '', (id) => id && (form.negativeLight = id)}
          shown={form.negativeLight ? undefined : 'which light?'}
          options={negativeLights.map(({ id, name, factor }) => ({
            id,
            name,
            more: `densities count ${factor} times`,
          }))}
        />{/if}, on {draft.paper.trim() || 'a usual paper'} with
      {bench.set.name}{bench.set.calibrated ? '' : ', not calibrated'}.
    </p>
    <ul class="mt-2">
      <ReadPlace
        spot={form.highlight}
        bind:tone={draft.highlightTone}
        tones={highlightTones}
        onread={readHere}
      />
      <ReadPlace
        spot={form.shadow}
        bind:tone={draft.shadowTone}
        tones={shadowTones}
        onread={readHere}
      />
      {#each form.others as other, index (index)}
        <ReadPlace
          spot={other}
          bind:tone={other.tone}
          tones={all}
          onread={readHere}
          onleave={() => form.others.splice(index, 1)}
        />
      {/each}
    </ul>
    <div class="mt-3 flex flex-wrap gap-3">
      <Button main={!view.answer} keyHint="Space" onclick={() => void readProbe()}
        >Read the probe</Button
      >
      <Button keyHint="A" onclick={add}>One more place</Button>
    </div>
    <p class="mt-2 text-[15px] text-soft">
      The {probe.name} stands in for one that is plugged in. Room light off while it reads.
    </p>
  </section>
  <section class="lg:row-span-2" aria-label="What follows" aria-live="polite">
    {#each view.troubles as trouble, index (index)}
      <p class="reason text-trouble" role="alert">{trouble}</p>
    {/each}
    {#if view.swapped}
      <p class="reason text-caution" role="alert">{view.swapped}</p>
      <div class="mt-2"><Button onclick={swap}>Swap the two</Button></div>
    {/if}
    {#if view.answer}
      <div class="flex gap-x-12">
        {#if together && timeKnown(together)}
          <div>
            <p class="numeral text-[84px]" data-testid="seconds" {@attach watchNumbers}>
              {enlargerSeconds(together.seconds, bench.timerStep)}<span class="text-[0.36em]">
                s</span
              >
            </p>
            <p class="mt-3 text-soft">within {withinInWords(together.withinStops)}</p>
          </div>
        {/if}
        <div>
          <p class="numeral text-[84px]" data-testid="setting" {@attach watchNumbers}>
            {view.answer.setting.name}
          </p>
          {#if together}
            <p class="mt-3 text-soft">
              {bench.set.noun}, within {Math.round(together.withinRange)} R
            </p>
          {/if}
        </div>
      </div>
      {#each [...view.sentences, ...(bench.contradiction ? [bench.contradiction] : []), ...(together && bench.advice ? [bench.advice] : [])] as sentence, index (index)}
        <p class="reason mt-2"><Said words={sentence} /></p>
      {/each}
      {#if form.leftOut}
        <p class="reason mt-2">
          It is left out of the print’s answer.
          <button class="slot-in min-h-9" onclick={() => (form.leftOut = false)}
            >Let it count</button
          >
        </p>
      {/if}
      {#if together}
        <div class="mt-3 flex flex-wrap gap-3">
          {#if enough}
            <Button main keyHint="Esc" onclick={() => void goto(print.path)}>To the print</Button>
          {/if}
          <Button main={!enough} keyHint="C" onclick={() => void strip()}
            >{enough ? 'Check it by a strip' : 'Lay the strip so'}</Button
          >
        </div>
      {/if}
      <ul class="mt-2" aria-label="What each place becomes">
        {#each view.spots as spot, index (index)}
          <li class="flex justify-between gap-3 border-b border-hair py-1">
            <span class="font-[560]">{spot.name}</span>
            <span class="text-soft">{spot.becomes}</span>
            <span>{spot.does}</span>
          </li>
        {/each}
      </ul>
      {#if view.plot}<div class="mt-3"><CurvePicture plot={view.plot} /></div>{/if}
    {:else}
      <p class="reason text-soft">
        Read the highlight and the shadow; the contrast stands here then.
      </p>
    {/if}
  </section>
  <RightPrint known={form.known} set={bench.set} />
</div>
