<script lang="ts">
  import { goto } from '$app/navigation';
  import {
    calibrateSet,
    contrastSet,
    contrastSets,
    defaultPaper,
    layersFor,
  } from '@katachron/core';
  import { attempt } from '$lib/words/attempt.ts';
  import { paperOf } from '$lib/nouns/paper/facts.ts';
  import CurvePicture from '$lib/stages/print/CurvePicture.svelte';
  import { curvePlot } from '$lib/stages/print/curve-plot.ts';
  import { emptyPaperForm, paperForm, readPaper, withSet } from '$lib/nouns/paper/form.ts';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';
  import Field from '$lib/kit/Field.svelte';
  import Fields from '$lib/kit/Fields.svelte';
  import SaveRow from '$lib/kit/SaveRow.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { shelfForm } from '$lib/kit/shelf-form.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import { formerWords } from '$lib/words/called.ts';

  const { data } = $props();
  const shelf = shelfForm({
    api: '/api/v1/papers',
    back: '/print/setup',
    kept: () => data.paper,
    // The form is its own from here on.
    // svelte-ignore state_referenced_locally
    initial: data.paper ? paperForm(data.paper) : emptyPaperForm(),
    read: (form) => readPaper(form, data.paper),
  });
  const form = shelf.fields;
  const read = $derived(readPaper(form, data.paper));
  const troubles = $derived(shelf.troubles);
  const set = $derived(contrastSet(form.contrastSetId));
  const calibrated = $derived(calibrateSet(set, read.body?.settings ?? []));
  const ranges = $derived(calibrated.settings.map(({ range }) => range));
  const plot = $derived.by(() => {
    const middle = ranges[Math.floor(ranges.length / 2)]!;
    const others = [ranges[0]!, ranges.at(-1)!];
    return curvePlot({
      paper: paperOf(read.body ?? defaultPaper, calibrated),
      range: middle,
      others,
    });
  });
  /** "−0.1": what rounds to nothing has no sign. */
  const speedShown = (stops: number) =>
    (Number(stops.toFixed(1)) || 0).toFixed(1).replace('-', '−');
  /** Measured settings that no layers of one paper reach. */
  const beyond = $derived(attempt(() => layersFor(read.body ?? defaultPaper, ranges)).trouble);

  const lines = [
    { name: 'name', label: 'Name' },
    { name: 'speed', label: 'Speed P', hint: 'Of its data sheet.', numeric: true, maxlength: 8 },
    { name: 'dMin', label: 'Paper white, density', numeric: true, maxlength: 8 },
    { name: 'dMax', label: 'Full black, density', numeric: true, maxlength: 8 },
    {
      name: 'dryDown',
      label: 'Dries darker, %',
      hint: 'By its test.',
      numeric: true,
      maxlength: 6,
    },
  ] as const;

  useKeys([{ key: 'Escape', does: 'back to the papers', run: () => void goto('/print/setup') }]);
</script>

<svelte:head><title>{data.paper?.name ?? 'A paper'} · Katachron</title></svelte:head>

<PrintPages />
<h1 class="heading break-words">{data.paper?.name ?? 'New paper'}</h1>
{#if data.paper?.formerNames}<p class="mt-1 break-words text-soft">
    {formerWords(data.paper)}
  </p>{/if}
<p class="mt-2 text-lg leading-loose text-soft">
  It is
  <SlotChoice
    label="The base"
    bind:value={form.base}
    options={[
      { id: 'resin-coated', name: 'resin-coated', more: '15 s in rapid fixer are enough to look' },
      { id: 'fibre', name: 'fibre', more: '30 to 60 s in the fixer to look; dries darker' },
    ]}
  />, its contrast comes from
  <SlotChoice
    label="Contrast by"
    bind:value={() => form.contrastSetId, (id) => Object.assign(form, withSet(form, id))}
    options={contrastSets}
  />.
</p>
<form class="mt-3" onsubmit={shelf.submit} novalidate>
  <div class="grid grid-cols-1 gap-x-14 gap-y-5 lg:grid-cols-[minmax(0,1fr)_400px]">
    <div>
      <div class="grid grid-cols-1 gap-x-10 gap-y-3 md:grid-cols-5">
        <Fields
          {lines}
          typed={(name) => form[name]}
          ontyped={(name, text) => (form[name] = text)}
          {troubles}
        />
      </div>
      <p class="mt-2 text-[15px] text-soft">
        Test for drying: lay a print still wet beside dried ones that got 2, 4 … 12 % less light,
        and type the per cent of the dried one that matches it.
      </p>
      <fieldset class="mt-4">
        <legend class="text-soft">
          What each {set.noun} is on it: R, and speed in stops against the softest. Measure two or more;
          those between follow.
        </legend>
        <div class="mt-1 grid grid-cols-1 gap-x-10 md:grid-cols-2 xl:grid-cols-3">
          {#each set.settings as setting, index (setting.id)}
            <div class="flex items-center gap-3 border-b border-hair py-1">
              <span class="w-10 font-[560]">{setting.name}</span>
              <input
                class="field w-16 text-lg"
                inputmode="decimal"
                maxlength="6"
                aria-label="{set.noun} {setting.name}: R"
                placeholder={calibrated.settings[index]!.range.toFixed(0)}
                bind:value={form.settings[setting.id]!.range}
              />
              <span class="text-soft">R,</span>
              <input
                class="field w-14 text-lg"
                inputmode="text"
                maxlength="6"
                aria-label="{set.noun} {setting.name}: stops"
                placeholder={speedShown(calibrated.settings[index]!.speedStops)}
                bind:value={form.settings[setting.id]!.speed}
              />
              <span class="text-soft">stops</span>
            </div>
          {/each}
        </div>
        {#if troubles.settings}<p class="mt-2 text-trouble" role="alert">
            {troubles.settings}
          </p>{/if}
      </fieldset>
      <div class="mt-3">
        <Field id="note" label="Note" maxlength={200} bind:value={form.note} />
      </div>
    </div>
    <section aria-label="Its curves">
      <CurvePicture {plot} />
      <p class="mt-1 text-[15px] text-soft">
        The softest, the middle and the hardest {set.noun}.
        {#if calibrated.calibrated}From what was measured.
        {:else}A usual paper until it is <a class="underline" href="/calibrate/paper-tablet"
            >measured by a printed tablet</a
          >.{/if}
      </p>
      {#if beyond}
        <p class="mt-1 text-[15px] text-caution">{beyond} The usual layers stand for it.</p>
      {/if}
    </section>
  </div>
  <SaveRow back="/print/setup" problem={shelf.problem} />
</form>
