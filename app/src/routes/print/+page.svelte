<script lang="ts">
  import { goto, invalidate } from '$app/navigation';
  import {
    certainties,
    contrastSets,
    headOf,
    highlightTones,
    shadowTones,
    sheetPlan,
    stripKinds,
    stripMethods,
    toneById,
    toneFactors,
    type ToneId,
  } from '@katachron/core';
  import { format } from 'date-fns';
  import { flushSync, tick } from 'svelte';
  import { put } from '$lib/api/client.ts';
  import { useWetSide } from '$lib/clock/wet-side.svelte.ts';
  import type { Print } from '$lib/contract/print.ts';
  import { useDesk } from '$lib/light/desk.svelte.ts';
  import type { Fired } from '$lib/print/firing-lines.ts';
  import {
    changedSetup,
    nextStripDraft,
    printBody,
    withBeside,
    withContrast,
    type SetupChoice,
  } from '$lib/print/keep.ts';
  import { printView } from '$lib/print/print-view.ts';
  import { sameName } from '$lib/print/paper-facts.ts';
  import CurvePicture from '$lib/print/CurvePicture.svelte';
  import PrintPages from '$lib/print/PrintPages.svelte';
  import StopRuler from '$lib/print/StopRuler.svelte';
  import Button from '$lib/ui/Button.svelte';
  import { cookieNames } from '$lib/ui/cookie.ts';
  import { draftOf } from '$lib/ui/draft.svelte.ts';
  import { useKeys } from '$lib/ui/keys/keys.svelte.ts';
  import ShelfSlot from '$lib/ui/ShelfSlot.svelte';
  import SlotChoice from '$lib/ui/SlotChoice.svelte';
  import SlotOnLeave from '$lib/ui/SlotOnLeave.svelte';
  import SlotText from '$lib/ui/SlotText.svelte';
  import { clockTime } from '$lib/words/duration.ts';
  import { plainStops, stopsInWords } from '$lib/words/fraction.ts';

  const BY_CLOCK = 'clock';
  /** Moves of a pick that follow each other this closely are one drag, ms. */
  const DRAG_MS = 700;
  type Half = 'strip' | 'beside';
  type Place = 'highlight' | 'shadow';

  const { data } = $props();
  const desk = useDesk();
  const wetSide = useWetSide();
  // The draft is this page's own from here on.
  // svelte-ignore state_referenced_locally
  const kept = draftOf(cookieNames.print, data.draft);
  const draft = kept.value;
  const view = $derived(printView(draft, data.bench));
  const { reading } = $derived(view);
  const number = $derived(draft.earlier.length + 1);
  const ready = $derived(reading?.verdict === 'make-print');
  const kind = $derived(stripKinds.find(({ id }) => id === draft.kind)!);
  let problem = $state<string>();
  let keeping = $state(false);
  /** Strips to go back to, newest last. */
  let before = $state.raw<(typeof draft)[]>([]);
  /** What stood there before each pick, newest last. */
  let picks = $state.raw<{ where: Place; half: Half; position: number | null; atMs: number }[]>([]);
  let showsEvidence = $state(false);
  const rulerName = (half: Half) => {
    if (!view.beside) return '';
    return `${view.set.noun} ${half === 'beside' ? view.beside.setting.name : view.setting.name}`;
  };

  const toneChoices = (ids: readonly ToneId[]) =>
    ids.map((id) => ({ id, name: toneById(id).name, more: toneById(id).use }));
  const certaintyChoices = certainties.map(({ id, name, stops, range, usualStrips }) => ({
    id,
    name,
    more: `within ${stopsInWords(stops)} and ${range} R; ${usualStrips[0]} ${usualStrips[0] === 1 ? 'strip' : 'strips'} as a rule, ${usualStrips[1]} at most`,
  }));

  useKeys([
    {
      key: ' ',
      does: 'the big button: fire the strip, one more strip, or keep the print',
      run: bigButton,
    },
    { key: 'h', does: 'place the highlight pick', run: () => place('highlight') },
    { key: 'j', does: 'place the shadow pick', run: () => place('shadow') },
    { key: 'y', does: 'the highlight beside it', run: () => place('highlight', 'beside') },
    { key: 'i', does: 'the shadow beside it', run: () => place('shadow', 'beside') },
    { key: 'u', does: 'take the last pick back', run: unpick },
    { key: 'p', does: 'keep the print', run: () => void keepPrint() },
    { key: 'f', does: 'fire the strip from this screen', run: () => fire('strip') },
    { key: 'g', does: 'fire the print', run: () => reading && fire('print') },
    { key: 'b', does: 'strip into the developer', run: layIn },
    { key: 'z', does: 'back to the strip before', run: back },
  ]);

  function bigButton() {
    if (!reading) fire('strip');
    else if (ready) void keepPrint();
    else nextStrip();
  }

  /** A change of the set-up says what it does to what was found, and can be taken back. */
  function changeSetup(change: SetupChoice) {
    const changed = changedSetup(draft, view, change, data.bench);
    if (changed.earlier) {
      before = [...before, $state.snapshot(draft)];
      picks = [];
    }
    Object.assign(draft, changed);
  }

  /** Another paper has other prints to learn from. */
  async function onPaper(paper: string) {
    const kept = data.bench.papers.find(({ name }) => sameName(name, paper));
    changeSetup({ paper, ...withContrast(draft, kept?.contrastSetId) });
    await tick();
    await invalidate('katachron:print');
  }

  /** An enlarger of the shelf brings its lens, its lag and its timer. */
  function onEnlarger(name: string) {
    const kept = data.bench.enlargers.find((one) => sameName(one.name, name));
    changeSetup({
      enlarger: name,
      ...(kept && {
        lens: kept.lens,
        lag: String(kept.lamp.lagSeconds),
        timerStep: String(kept.lamp.timerStepSeconds),
        ...withContrast(draft, headOf(kept.head).contrastSetId),
      }),
    });
  }

  /** The strip, or the other contrast beside it. */
  const halfOf = (half: Half) => (half === 'beside' ? draft.beside : draft);

  function pick(where: Place, position: number | null, half: Half = 'strip') {
    const picked = halfOf(half);
    if (!picked || picked[where] === position) return;
    const last = picks.at(-1);
    // A drag is one pick, however many patches it passes.
    if (!(last && last.where === where && last.half === half && Date.now() - last.atMs < DRAG_MS)) {
      picks = [...picks, { where, half, position: picked[where], atMs: Date.now() }];
    } else {
      picks = [...picks.slice(0, -1), { ...last, atMs: Date.now() }];
    }
    picked[where] = position;
  }

  function unpick() {
    const last = picks.at(-1);
    const picked = last && halfOf(last.half);
    if (!picked) return;
    picks = picks.slice(0, -1);
    picked[last.where] = last.position;
  }

  /** By key: a pick appears in the middle of the strip and has the focus, ready for the arrow keys. */
  function place(where: Place, half: Half = 'strip') {
    const { strip, setting } = (half === 'beside' ? view.beside : view) ?? {};
    const picked = halfOf(half);
    if (!strip || !setting || !picked) return;
    pick(where, picked[where] ?? Math.floor((strip.patches.length - 1) / 2), half);
    // At once, not in the next frame: an arrow key may follow in the same breath.
    flushSync();
    document
      .querySelector<SVGElement>(`[data-place="${where}"][data-half="${rulerName(half)}"]`)
      ?.focus();
  }

  function nextStrip() {
    if (!reading) {
      problem = 'Pick the patch where the highlight is right, or the shadow, or both.';
      return;
    }
    problem = undefined;
    before = [...before, $state.snapshot(draft)];
    Object.assign(draft, nextStripDraft(draft, view));
    // The other place has its strip next.
    if (draft.along) draft.along = draft.along === 'highlight' ? 'shadow' : 'highlight';
    picks = [];
  }

  function back() {
    const last = before.at(-1);
    if (!last) return;
    for (const part of Object.keys(draft) as (keyof typeof draft)[]) {
      if (!(part in last)) Reflect.deleteProperty(draft, part);
    }
    Object.assign(draft, last);
    before = before.slice(0, -1);
    picks = [];
  }

  function startOver() {
    before = [...before, $state.snapshot(draft)];
    Object.assign(draft, { highlight: null, shadow: null, earlier: [], areas: [] });
    delete draft.beside;
    picks = [];
  }

  const developerSeconds = $derived(sheetPlan('strip', view.on.kept?.base).steps[0]!.seconds);

  function fire(what: Fired) {
    void goto(`/print/fire?what=${what}`);
  }

  function layIn() {
    wetSide.layIn(`strip ${number}`, sheetPlan('strip', view.on.kept?.base));
  }

  async function keepPrint() {
    const madeAtMs = Date.now();
    const title = draft.title.trim() || `Print of ${format(madeAtMs, 'd MMMM yyyy, HH:mm')}`;
    const body = printBody(draft, view, title, madeAtMs);
    const wrong = view.areas.find(({ trouble }) => trouble);
    if (!body || wrong?.trouble) {
      problem = wrong?.trouble ?? 'Pick a patch first: a print needs a time.';
      return;
    }
    if (keeping) return;
    keeping = true;
    problem = undefined;
    const id = crypto.randomUUID();
    const outcome = await put<Print>(`/api/v1/prints/${id}`, body);
    keeping = false;
    if (outcome.problem) {
      problem = outcome.problem.detail;
      return;
    }
    Object.assign(draft, { earlier: [], areas: [], title: '', highlight: null, shadow: null });
    delete draft.beside;
    await goto(`/logbook/prints/${id}`);
  }
</script>

<svelte:head><title>Print · Katachron</title></svelte:head>

<PrintPages />
<h1 class="heading">
  <SlotText
    label="Name of the print"
    bind:value={draft.title}
    empty="Name this print"
    maxlength={120}
    hint="Found by these words later. Left empty, it gets today’s date."
    class="line-clamp-2 max-w-full border-transparent"
  />
</h1>
<p class="mt-1 text-[17px] leading-relaxed text-soft">
  Negative
  <SlotText
    label="Negative"
    bind:value={draft.negative}
    empty="which one"
    hint="Roll and frame, as F-031 / 14."
  />
  in
  <ShelfSlot
    label="Enlarger"
    value={draft.enlarger}
    empty="which enlarger"
    names={data.bench.enlargers.map(({ name }) => name)}
    onchoose={onEnlarger}
  />{#if view.now.source.place === 'size'},
    <SlotOnLeave
      label="Lens"
      value={draft.lens}
      onset={(lens) => changeSetup({ lens })}
      empty="lens"
      hint="As 80 mm."
    />
    at
    <SlotOnLeave
      label="Aperture, f/"
      before="f/"
      empty="aperture"
      value={draft.aperture ?? ''}
      onset={(aperture) => changeSetup({ aperture })}
      trouble={view.now.troubles.aperture}
      numeric
      maxlength={10}
    />{/if}{#if view.now.source.id === 'enlarger'}, head
    <SlotOnLeave
      label="Head height"
      value={draft.head}
      onset={(head) => changeSetup({ head })}
      empty="height"
      maxlength={40}
      hint="As the column’s scale reads. The height alone is not enough: measure one length of the picture too."
    />, picture
    <SlotOnLeave
      label="A length on the paper, mm"
      after=" mm"
      empty="length"
      value={draft.printLength ?? ''}
      onset={(printLength) => changeSetup({ printLength })}
      trouble={view.now.troubles.printLength}
      numeric
      maxlength={10}
    />
    of
    <SlotOnLeave
      label="The same length on the negative, mm"
      after=" mm"
      empty="negative’s"
      value={draft.negativeLength ?? ''}
      onset={(negativeLength) => changeSetup({ negativeLength })}
      trouble={view.now.troubles.negativeLength}
      numeric
      maxlength={10}
    />{:else}, lamp
    <SlotOnLeave
      label="Distance of the lamp, cm"
      after=" cm away"
      empty="how far away"
      value={draft.distance ?? ''}
      onset={(distance) => changeSetup({ distance })}
      trouble={view.now.troubles.distance}
      numeric
      maxlength={10}
    />{/if}, on
  <ShelfSlot
    label="Paper"
    value={draft.paper}
    empty="which paper"
    names={data.bench.papers.map(({ name }) => name)}
    onchoose={(paper) => void onPaper(paper)}
  />
  in
  <SlotOnLeave
    label="Developer of the paper"
    value={draft.developer ?? ''}
    onset={(developer) => changeSetup({ developer })}
    empty="which developer"
  />
  with
  <SlotChoice
    label="Contrast by"
    bind:value={
      () => draft.contrastSetId,
      (id) => {
        changeSetup(withContrast(draft, id));
      }
    }
    options={contrastSets}
    shown={view.set.noun}
  />
  <SlotChoice
    label="The {view.set.noun} of this strip"
    bind:value={draft.settingId}
    options={view.set.settings.map(({ id, name, range }) => ({
      id,
      name,
      more: `R ${Math.round(range)}${view.set.calibrated ? '' : ', not calibrated'}`,
    }))}
    shown={view.setting.name}
  />
</p>
<p class="text-[17px] leading-relaxed text-soft">
  Strip {number}:
  <SlotText
    label="Number of patches"
    bind:value={draft.patches}
    empty="how many"
    after=" patches"
    numeric
    maxlength={4}
    trouble={view.troubles.patches}
  />
  from
  <SlotText
    label="First exposure, s"
    bind:value={draft.first}
    empty="how long"
    after=" s"
    numeric
    maxlength={8}
    trouble={view.troubles.first}
  />
  in
  <SlotChoice
    label="Kind of strip"
    bind:value={
      () => draft.kind,
      (id) => {
        const to = stripKinds.find((other) => other.id === id)!;
        Object.assign(draft, { kind: id, step: to.step === 'stops' ? '½' : String(to.usualStep) });
      }
    }
    options={stripKinds}
  />{#if kind.step !== 'fixed'}, <SlotText
      label={kind.step === 'stops' ? 'Step, stops' : 'Step, s'}
      bind:value={draft.step}
      empty="step"
      after={kind.step === 'stops' ? ' stop' : ' s'}
      maxlength={8}
      trouble={view.troubles.step}
      hint={kind.step === 'stops' ? '½, ⅓, 0.25 …' : 'Seconds added from patch to patch.'}
    />
    each{/if},
  <SlotChoice label="How it is exposed" bind:value={draft.method} options={stripMethods} />, timer
  in
  <SlotText
    label="Smallest step of the timer, s"
    bind:value={draft.timerStep}
    empty="steps"
    after=" s"
    numeric
    maxlength={8}
    trouble={view.troubles.timerStep}
  />, lamp
  <SlotText
    label="Lamp lag, s"
    bind:value={draft.lag}
    empty="lag"
    after=" s late"
    numeric
    maxlength={8}
    trouble={view.troubles.lag}
    hint="Light lost at each firing; 0 when not measured."
  />
</p>

{#if draft.beside}
  {@const beside = draft.beside}
  <p class="text-[17px] leading-relaxed text-soft">
    Beside it, {view.set.noun}
    <SlotChoice
      label="The {view.set.noun} beside it"
      bind:value={beside.settingId}
      options={view.set.settings}
    />:
    <SlotText
      label="Number of patches beside it"
      bind:value={beside.patches}
      empty="how many"
      after=" patches"
      numeric
      maxlength={4}
    />
    from
    <SlotText
      label="First exposure beside it, s"
      bind:value={beside.first}
      empty="how long"
      after=" s"
      numeric
      maxlength={8}
    />
    in
    <SlotText
      label="Step beside it, stops"
      bind:value={beside.step}
      empty="step"
      after=" stop"
      maxlength={8}
    />.
    <button class="slot-in min-h-9" onclick={() => delete draft.beside}>one contrast alone</button>
  </p>
  {#if view.besideTrouble}
    <p class="reason mt-2 text-trouble" role="alert">{view.besideTrouble}</p>
  {/if}
{/if}

{#each Object.values(view.troubles) as trouble (trouble)}
  <p class="reason mt-2 text-trouble" role="alert">{trouble}</p>
{/each}

{#each Object.values(view.now.troubles) as trouble (trouble)}
  <p class="reason mt-2 text-trouble" role="alert">{trouble}</p>
{/each}
{#if view.tooLong}<p class="reason mt-2 text-caution">{view.tooLong}</p>{/if}
{#each view.conversions as sentence (sentence)}
  <p class="reason mt-2 text-caution" data-testid="conversion">{sentence}</p>
{/each}

{#if view.ruler && view.strip}
  <div class="mt-4 md:mx-16">
    <StopRuler
      ruler={view.ruler}
      {view}
      at={rulerName('strip')}
      along={draft.along}
      light={desk.light}
      onpick={pick}
    />
    {#if view.beside}
      <StopRuler
        ruler={view.beside.ruler}
        view={{ ...view.beside, timerStep: view.timerStep, set: view.set }}
        at={rulerName('beside')}
        along={draft.along}
        light={desk.light}
        onpick={(where, position) => pick(where, position, 'beside')}
      />
    {/if}
  </div>
{/if}

<div class="mt-2 grid grid-cols-1 gap-x-12 gap-y-6 lg:grid-cols-[400px_minmax(0,1fr)_250px]">
  <section aria-label="The answer">
    {#if reading}
      <div class="flex gap-x-12">
        <div>
          <p class="numeral text-[84px] md:text-[112px]" data-testid="seconds">
            {view.dial}<span class="text-[0.36em]"> s</span>
          </p>
          <p class="mt-4 text-soft">
            within {stopsInWords(reading.withinStops)}{draft.dryDown && view.dry
              ? ', for the dry print'
              : ''}
          </p>
        </div>
        <div>
          <p class="numeral text-[84px] md:text-[112px]" data-testid="setting">
            {reading.setting.name}
          </p>
          <p class="mt-4 text-soft">
            {view.set.noun}{view.settingsWithin === undefined
              ? ', as on the strip'
              : `, within ${plainStops(view.settingsWithin)}`}
          </p>
        </div>
      </div>
      <p class="mt-3 text-[15px] text-soft">
        Between {Number(reading.lowSeconds.toFixed(1))} and {Number(reading.highSeconds.toFixed(1))} s.
        {view.figures ?? ''}
      </p>
      {#if view.plot}<div class="mt-3"><CurvePicture plot={view.plot} /></div>{/if}
    {:else if view.soFar}
      <div class="flex gap-x-12 text-soft" data-testid="so-far">
        <div>
          <p class="numeral text-[84px]">{view.soFar.dial}<span class="text-[0.36em]"> s</span></p>
          <p class="mt-4">so far, within {stopsInWords(view.soFar.withinStops)}</p>
        </div>
        <div>
          <p class="numeral text-[84px]">{view.soFar.setting.name}</p>
          <p class="mt-4">{view.set.noun}</p>
        </div>
      </div>
    {:else}
      <p class="reason text-soft">
        Expose the strip, develop it, look. Then say where the highlight is right and where the
        shadow is: touch the patches above, or use H and J.
      </p>
    {/if}
  </section>

  <section aria-label="Why, and what next">
    <div class="space-y-1.5">
      {#if view.reasons.length > 0}<p class="reason">{view.reasons.join(' ')}</p>{/if}
      {#if view.refusal}<p class="reason text-trouble" role="alert">{view.refusal}</p>{/if}
      {#if view.fault}<p class="reason font-[560]">{view.fault}</p>{/if}
      {#if view.contradiction}
        <p class="reason text-caution" role="alert">{view.contradiction}</p>
      {/if}
      {#if view.advice}<p class="reason">{view.advice}</p>{/if}
    </div>
    {#if problem}<p class="mt-3 text-trouble" role="alert">{problem}</p>{/if}
    {#if kept.tooLarge}
      <p class="mt-3 text-caution">That is too much to keep over a reload; keep the print soon.</p>
    {/if}
    {#if reading}
      <div class="mt-4 flex flex-wrap gap-3">
        <Button
          main={ready}
          keyHint={ready ? 'Space' : 'P'}
          onclick={() => void keepPrint()}
          disabled={keeping}
        >
          Keep the print
        </Button>
        <Button main={!ready} keyHint={ready ? '' : 'Space'} onclick={nextStrip}>
          One more strip
        </Button>
        <Button keyHint="G" onclick={() => fire('print')}>Fire the print</Button>
      </div>
      <p class="mt-2 text-[15px] text-soft">
        The print is given
        <SlotChoice
          label="How the print is fired"
          bind:value={
            () => (draft.asFired ? 'as-fired' : 'at-once'),
            (id) => (draft.asFired = id === 'as-fired')
          }
          options={[
            { id: 'at-once', name: 'in one firing', more: 'the lamp’s lag is added to it' },
            {
              id: 'as-fired',
              name: 'in the strip’s own firings',
              more: 'the lamp glows up as often as it did on a cover-up strip; nothing to correct',
            },
          ]}
        />.
      </p>
    {/if}
    <p class="mt-4 text-[15px] text-soft">
      The highlight is meant to be
      <SlotChoice
        label="Tone of the highlight"
        bind:value={draft.highlightTone}
        options={toneChoices(highlightTones) as {
          id: typeof draft.highlightTone;
          name: string;
          more: string;
        }[]}
      />, the shadow
      <SlotChoice
        label="Tone of the shadow"
        bind:value={draft.shadowTone}
        options={toneChoices(shadowTones) as {
          id: typeof draft.shadowTone;
          name: string;
          more: string;
        }[]}
      />; as sure as
      <SlotChoice label="How sure to be" bind:value={draft.certainty} options={certaintyChoices} />.
      The strip lies along
      <SlotChoice
        label="What the strip lies along"
        bind:value={
          () => draft.along ?? 'both',
          (along) => {
            if (along === 'both') delete draft.along;
            else draft.along = along;
          }
        }
        options={[
          { id: 'both', name: 'both places' },
          {
            id: 'highlight',
            name: 'the highlight',
            more: 'laid so that every patch holds the same light tone; the shadow has a strip of its own',
          },
          {
            id: 'shadow',
            name: 'the shadow',
            more: 'laid so that every patch holds the same dark tone; read together with the highlight’s strip',
          },
        ]}
      />; the next one is of
      <SlotChoice
        label="Contrasts on the next strip"
        bind:value={
          () => (draft.sideBySide ? 'two' : 'one'), (id) => (draft.sideBySide = id === 'two')
        }
        options={[
          { id: 'one', name: 'one contrast' },
          {
            id: 'two',
            name: 'two contrasts side by side',
            more: 'where the better one is in doubt; saves a strip as often as not',
          },
        ]}
      />.
    </p>
    {#if view.strip}
      <p class="flex flex-wrap gap-x-5 text-[15px] text-soft">
        <button class="slot-in min-h-9" onclick={() => pick('highlight', 0)}
          >Nothing near white</button
        >
        <button
          class="slot-in min-h-9"
          onclick={() => pick('highlight', view.strip!.patches.length - 1)}
          >Lights blank everywhere</button
        >
        <button
          class="slot-in min-h-9"
          onclick={() => pick('shadow', view.strip!.patches.length - 1)}>No black anywhere</button
        >
        {#if !draft.beside}
          <button class="slot-in min-h-9" onclick={() => (draft.beside = withBeside(draft, view))}
            >A second contrast beside it</button
          >
        {/if}
        {#if picks.length > 0}
          <button class="slot-in min-h-9" onclick={unpick}>Take the last pick back</button>
        {/if}
      </p>
    {/if}
    {#if view.learned}
      <p class="text-[15px] text-soft">
        {view.learned}
        <button
          class="slot-in min-h-9"
          aria-expanded={showsEvidence}
          onclick={() => (showsEvidence = !showsEvidence)}>Show it</button
        >
        <button class="slot-in min-h-9" onclick={() => (draft.forgetBeforeMs = Date.now())}
          >Forget it</button
        >
      </p>
      {#if showsEvidence}
        <ul class="text-[15px]" aria-label="What it learned from">
          {#each view.taughtBy ?? [] as print (print.id)}
            <li class="flex items-center gap-x-4 border-b border-hair">
              <a
                class="min-w-0 flex-1 break-words underline-offset-4 hover:underline"
                href="/logbook/prints/{print.id}"
                >{print.title}, {print.strips.length}
                {print.strips.length === 1 ? 'strip' : 'strips'}</a
              >
              <button
                class="min-h-9 text-soft"
                aria-label="Leave {print.title} out"
                onclick={() => (draft.leftOut = [...(draft.leftOut ?? []), print.id].slice(-12))}
                >leave out</button
              >
            </li>
          {/each}
        </ul>
      {/if}
    {/if}
    {#if view.dry}
      <p class="text-[15px] text-soft">
        {view.dry}
        <button class="slot-in min-h-9" onclick={() => (draft.dryDown = !draft.dryDown)}
          >{draft.dryDown ? 'It is taken off: judge strips dry' : 'Take it off the time'}</button
        >
      </p>
    {/if}
    {#if draft.leftOut && draft.leftOut.length > 0}
      <p class="text-[15px] text-soft">
        {draft.leftOut.length === 1 ? 'One print is' : `${draft.leftOut.length} prints are`} left out.
        <button class="slot-in min-h-9" onclick={() => delete draft.leftOut}
          >Take them in again</button
        >
      </p>
    {/if}
    {#if !view.learned && draft.forgetBeforeMs !== undefined}
      <p class="text-[15px] text-soft">
        What earlier prints taught is left aside.
        <button class="slot-in min-h-9" onclick={() => delete draft.forgetBeforeMs}
          >Remember it</button
        >
      </p>
    {/if}
    <p class="mt-2 flex flex-wrap gap-x-5 text-[15px] text-soft">
      {#if before.length > 0}
        <button class="min-h-11 underline decoration-hair" onclick={back}
          >Back to the strip before</button
        >
      {/if}
      {#if draft.earlier.length > 0 || reading}
        <button class="min-h-11 underline decoration-hair" onclick={startOver}>Start over</button>
      {/if}
    </p>

    {#if reading}
      <div class="mt-2 text-[17px] leading-relaxed text-soft">
        {#if view.split && draft.split}
          <p>
            Split: {#if view.split.softSeconds}<b class="font-[620] text-ink" data-testid="split"
                >{view.split.softSeconds} s</b
              > at{/if}
            <SlotChoice
              label="Soft {view.set.noun}"
              bind:value={draft.split.soft}
              options={view.set.settings}
            />{#if view.split.hardSeconds}, then <b class="font-[620] text-ink"
                >{view.split.hardSeconds} s</b
              > at{:else}
              and{/if}
            <SlotChoice
              label="Hard {view.set.noun}"
              bind:value={draft.split.hard}
              options={view.set.settings}
            />. {view.split.sentence}
            <button class="slot-in min-h-9" onclick={() => delete draft.split}>one exposure</button>
          </p>
        {/if}
        {#if view.flash}
          <p>
            Flash
            <SlotText
              label="Flash, per cent of the threshold"
              bind:value={() => draft.flash ?? '', (flash) => (draft.flash = flash)}
              empty="how much"
              after=" %"
              numeric
              maxlength={6}
              trouble={view.flash.trouble}
              hint="70 to 100 of the longest plain exposure that shows nothing, found by separate patches. More is a veil, on purpose."
            />
            of the threshold. {view.flash.trouble ?? view.flash.sentence ?? ''}
            <button class="slot-in min-h-9" onclick={() => delete draft.flash}>no flash</button>
          </p>
        {/if}
        {#each view.neighbours as neighbour (neighbour)}<p class="text-[15px]">
            {neighbour}
          </p>{/each}
        <p class="flex flex-wrap gap-x-5 text-[15px]">
          {#if !draft.split}
            <button
              class="slot-in min-h-9"
              onclick={() =>
                (draft.split = {
                  soft: view.set.settings[0]!.id,
                  hard: view.set.settings.at(-1)!.id,
                })}>Split it soft and hard</button
            >
          {/if}
          {#if draft.flash === undefined}
            <button class="slot-in min-h-9" onclick={() => (draft.flash = '80')}
              >With a flash</button
            >
          {/if}
          <a
            class="slot-in flex min-h-9 items-center"
            href="/print/convert?seconds={reading.seconds}">Another size, aperture or paper</a
          >
        </p>
      </div>
    {/if}

    <h2 class="mt-4 font-[620]">Burns and dodges</h2>
    <ul>
      {#each draft.areas as area, index (index)}
        {@const line = view.areas[index]}
        <li class="flex min-h-11 flex-wrap items-center gap-x-3 border-b border-hair">
          <SlotText label="Area" bind:value={area.name} empty="which area" maxlength={60} />
          <SlotText
            label="Stops"
            bind:value={area.stops}
            empty="stops"
            maxlength={8}
            trouble={line?.trouble}
            hint="+⅔ burns, −⅓ dodges."
          />
          <span class={line?.trouble ? 'text-trouble' : 'text-soft'}
            >{line?.trouble ?? line?.does}</span
          >
          <button
            class="ml-auto min-h-11 text-soft underline decoration-hair"
            onclick={() => (draft.areas = draft.areas.filter((_, other) => other !== index))}
            >leave out</button
          >
        </li>
      {/each}
    </ul>
    <button
      class="slot-in mt-1 min-h-11 text-soft"
      onclick={() => (draft.areas = [...draft.areas, { name: '', stops: '+½' }])}
      disabled={draft.areas.length >= 12}>Add an area</button
    >
  </section>

  <section aria-label="Firings to dial" class={reading ? '' : 'max-lg:order-first'}>
    {#if view.firings.length > 0}
      <h2 class="font-[620]">Dial</h2>
      <ol class="mt-1">
        {#each view.firings as firing, index (index)}
          <li class="flex min-h-8 items-baseline justify-between gap-3 border-b border-hair">
            <span class="text-[15px] text-soft">{firing.hands}</span>
            <span class="font-[620] whitespace-nowrap">{firing.dial} s</span>
          </li>
        {/each}
      </ol>
      {#if view.beside}
        <h3 class="mt-2 text-[15px] font-[600]">
          Beside it, {view.set.noun}
          {view.beside.setting.name}
        </h3>
        <p class="text-[15px] text-soft">
          {view.beside.firings.map(({ dial }) => dial).join(', ')} s
        </p>
      {/if}
      <p class="mt-2 text-[15px] text-soft">
        Focus lamp off, filter in, stopped down, paper box shut, top marked on the back. Dry hands.
        Developer
        <SlotChoice
          label="Developer"
          bind:value={
            () => String(desk.preferences.toneFactor ?? BY_CLOCK),
            (chosen) => desk.setToneFactor(toneFactors.find((factor) => String(factor) === chosen))
          }
          options={[
            {
              id: BY_CLOCK,
              name: `by the clock, ${clockTime(developerSeconds)}`,
              more: 'Pulled out early a sheet is mottled and lacks black; left in much longer it fogs. Strip and print get the same.',
            },
            ...toneFactors.map((factor) => ({
              id: String(factor),
              name: `by the first tone × ${factor}`,
              more: 'touch “first tone” in the sink when it shows',
            })),
          ]}
        />.
      </p>
      <div class="mt-3 flex flex-wrap gap-3">
        <Button main={!reading} keyHint={reading ? 'F' : 'Space'} onclick={() => fire('strip')}>
          Fire the strip
        </Button>
        <Button keyHint="B" onclick={layIn}>Strip into the developer</Button>
      </div>
    {/if}
  </section>
</div>
