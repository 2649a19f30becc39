<script lang="ts">
  import Said from '$lib/kit/Said.svelte';
  import { goto } from '$app/navigation';
  import {
    highlightTones,
    negativeLights,
    shadowTones,
    toneById,
    tones,
    type ToneId,
  } from '@katachron/core';
  import { SimulatedLightProbe } from '$lib/bench/devices/simulated-light-probe.ts';
  import CurvePicture from '$lib/stages/print/CurvePicture.svelte';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';
  import { usePrint } from '$lib/stages/print/print-in-hand.svelte.ts';
  import { emptyReadings, readingsView, type SpotForm } from '$lib/stages/print/readings-view.ts';
  import { MOST_SPOTS } from '$lib/nouns/in-hand/limits.ts';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';

  const print = usePrint();
  const bench = $derived(print.view());
  const { draft } = print;
  const form = $derived(draft.readings ?? emptyReadings(bench.setting.id));
  // What is read is kept with the print from the first look on.
  $effect.pre(() => {
    draft.readings ??= emptyReadings(bench.setting.id);
  });
  const view = $derived(readingsView(form, bench.on, bench.timerStep));
  const probe = new SimulatedLightProbe();
  const places = $derived<SpotForm[]>([form.highlight, form.shadow, ...form.others]);
  const toneOptions = (ids: readonly ToneId[]) =>
    ids.map((id) => ({ id, name: toneById(id).name, more: toneById(id).use }));
  const all = tones.map(({ id }) => id);

  useKeys([
    { key: ' ', does: 'read the probe into the next empty place', run: () => void readProbe() },
    { key: 'a', does: 'one more place', run: add },
    { key: 'c', does: 'a check strip at the answer', run: () => void check() },
    { key: 'Escape', does: 'back to the strips', run: () => void goto(print.path) },
  ]);

  async function readProbe() {
    if (!places.some(({ reading }) => reading.trim() === '')) add();
    const place = places.find(({ reading }) => reading.trim() === '');
    const log = await probe.read();
    if (place) place.reading = String(form.scale === 'light' ? log : -log).replace('-', '−');
  }

  /** The two places the other way round. */
  function swap() {
    const { highlight, shadow } = form;
    [highlight.reading, shadow.reading] = [shadow.reading, highlight.reading];
  }

  /** The answer becomes a strip of three patches on this print, and its pick the print. */
  async function check() {
    const { answer } = view;
    if (answer?.seconds === undefined) return;
    print.checkAt(answer.setting.id, answer.seconds);
    await goto(print.path);
  }

  function add() {
    if (form.others.length >= MOST_SPOTS) return;
    form.others.push({ name: `place ${form.others.length + 3}`, reading: '', tone: 'V' });
  }
</script>

<svelte:head><title>Readings · Katachron</title></svelte:head>

{#snippet place(spot: SpotForm, tonesHere: readonly ToneId[], index?: number)}
  <li class="flex min-h-14 flex-wrap items-center gap-x-3 border-b border-hair">
    {#if index === undefined}
      <span class="w-28 font-[560]">{spot.name}</span>
    {:else}
      <input
        class="field w-28"
        maxlength="40"
        aria-label="Name of the place"
        bind:value={spot.name}
      />
    {/if}
    <input
      class="field w-24 text-xl"
      inputmode="decimal"
      maxlength="10"
      aria-label="Reading of the {spot.name}"
      bind:value={spot.reading}
    />
    <span class="text-soft"
      >meant to be
      <SlotChoice
        label="Tone of the {spot.name}"
        bind:value={spot.tone}
        options={toneOptions(tonesHere)}
      /></span
    >
    {#if index !== undefined}
      <button
        class="ml-auto min-h-11 text-soft underline decoration-hair"
        onclick={() => form.others.splice(index, 1)}>leave out</button
      >
    {/if}
  </li>
{/snippet}

<PrintPages of={print.path} />
<h1 class="heading">Readings instead of a strip</h1>
<p class="reason mt-1 text-soft">
  A probe on the baseboard, or the densities of the negative, at a highlight and a shadow: the
  contrast that spans them follows. Two places can be met exactly; a third needs the hands.
</p>
<div class="mt-4 grid grid-cols-1 gap-x-14 gap-y-6 lg:grid-cols-[minmax(0,1fr)_440px]">
  <section aria-label="Places">
    <p class="text-lg text-soft">
      Read as
      <SlotChoice
        label="The scale of the readings"
        bind:value={form.scale}
        options={[
          { id: 'light', name: 'log light', more: 'of a probe on the baseboard' },
          { id: 'density', name: 'density', more: 'of the negative' },
        ]}
      />{#if form.scale === 'density'}, lit by
        <SlotChoice
          label="The light on the negative"
          bind:value={() => form.negativeLight ?? 'diffuse', (id) => (form.negativeLight = id)}
          options={negativeLights.map(({ id, name, factor }) => ({
            id,
            name,
            more: `densities count ${factor} times`,
          }))}
        />{/if}, on {draft.paper.trim() || 'a usual paper'} with
      {bench.set.name}{bench.set.calibrated ? '' : ', not calibrated'}.
    </p>
    <ul class="mt-2">
      {@render place(form.highlight, highlightTones)}
      {@render place(form.shadow, shadowTones)}
      {#each form.others as other, index (index)}{@render place(other, all, index)}{/each}
    </ul>
    <div class="mt-3 flex flex-wrap gap-3">
      <Button main keyHint="Space" onclick={() => void readProbe()}>Read the probe</Button>
      <Button keyHint="A" onclick={add}>One more place</Button>
    </div>
    <p class="mt-2 text-[15px] text-soft">
      The {probe.name} stands in for one that is plugged in. Room light off while it reads.
    </p>
    <h2 class="mt-4 font-[620]">A print that was right here</h2>
    <p class="mt-1 flex flex-wrap items-center gap-x-2 text-soft">
      A place that read
      <input
        class="field w-20 text-lg"
        inputmode="decimal"
        maxlength="10"
        aria-label="Reading of the known print"
        bind:value={form.known.reading}
      />
      became
      <SlotChoice
        label="Tone of the known print"
        bind:value={form.known.tone}
        options={toneOptions(all)}
      />
      in
      <input
        class="field w-20 text-lg"
        inputmode="decimal"
        maxlength="10"
        aria-label="Seconds of the known print"
        bind:value={form.known.seconds}
      />
      s at {bench.set.noun}
      <SlotChoice
        label="The {bench.set.noun} of the known print"
        bind:value={form.known.settingId}
        options={bench.set.settings}
      />.
    </p>
  </section>
  <section aria-label="What follows" aria-live="polite">
    {#each view.troubles as trouble, index (index)}
      <p class="reason text-trouble" role="alert">{trouble}</p>
    {/each}
    {#if view.swapped}
      <p class="reason text-caution" role="alert">{view.swapped}</p>
      <div class="mt-2"><Button onclick={swap}>Swap the two</Button></div>
    {/if}
    {#if view.answer}
      <div class="flex gap-x-12">
        {#if view.dial}
          <p class="numeral text-[84px]" data-testid="seconds">
            {view.dial}<span class="text-[0.36em]"> s</span>
          </p>
        {/if}
        <p class="numeral text-[84px]" data-testid="setting">{view.answer.setting.name}</p>
      </div>
      {#each view.sentences as sentence, index (index)}<p class="reason mt-2">
          <Said words={sentence} />
        </p>{/each}
      {#if view.answer.seconds !== undefined}
        <div class="mt-3">
          <Button keyHint="C" onclick={() => void check()}>Check it by a strip</Button>
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
</div>
