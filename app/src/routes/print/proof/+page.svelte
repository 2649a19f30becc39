<script lang="ts">
  import { watchNumbers } from '$lib/kit/watch-numbers.ts';
  import { newId } from '$lib/kit/new-id.ts';
  import { onMount } from 'svelte';
  import { stripKinds } from '@katachron/core';
  import { goto } from '$app/navigation';
  import { refresh } from '$lib/kit/refresh.ts';
  import { put } from '$lib/kit/client.ts';
  import type { Finding } from '$lib/nouns/finding/contract.ts';
  import { findingLine } from '$lib/stages/print/findings.ts';
  import PatchPick from '$lib/stages/print/PatchPick.svelte';
  import { printView } from '$lib/stages/print/print-view.ts';
  import ProofRecord from '$lib/stages/print/ProofRecord.svelte';
  import ProofRolls from '$lib/stages/print/ProofRolls.svelte';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';
  import { draftIn, proofCookie } from '$lib/stages/print/proof-draft.ts';
  import ProofSetupLine from '$lib/stages/print/ProofSetupLine.svelte';
  import { cookieNames } from '$lib/kit/cookie.ts';
  import { draftOf } from '$lib/kit/draft.svelte.ts';
  import { ProofInHand } from '$lib/stages/print/proof-in-hand.svelte.ts';
  import { blackView, schools } from '$lib/stages/print/proof-view.ts';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import TrayBaths from '$lib/stages/print/TrayBaths.svelte';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import SlotText from '$lib/kit/SlotText.svelte';

  const { data } = $props();
  // The set-up is this page's own from here on.
  // svelte-ignore state_referenced_locally
  const setup = draftOf(cookieNames.proof, data.setup, proofCookie);
  const draft = $derived(draftIn(setup));
  const bench = $derived(printView(draft, data.bench));
  // The form is its own from here on.
  // svelte-ignore state_referenced_locally
  const [roll] = data.rolls;
  const proof = new ProofInHand(roll?.recipe?.film ?? roll?.exposed?.film, roll?.id);
  const { form } = proof;
  let takenUp = $state(false);
  onMount(() => {
    proof.takeUp();
    void proof.send();
    takenUp = true;
  });
  $effect(() => {
    if (takenUp) proof.keep();
  });
  const view = $derived(blackView(form, bench, draft, data.findings, data.bench));
  let problem = $state<string>();
  let told = $state<string>();

  useKeys([
    {
      key: ' ',
      does: 'fire the strip; keep its time; fire the proof',
      run: () => (next === 'keep' ? void keep() : fire(next)),
    },
    { key: 'f', does: 'fire the strip', run: () => fire('strip') },
    { key: 'g', does: 'fire the proof', run: () => view.dial && fire('sheet') },
    { key: 'Escape', does: 'back to the strips', run: () => void goto('/print') },
  ]);

  /** What comes next, and the big button does. */
  const next = $derived(
    view.dial === undefined ? 'strip' : view.picked !== null && !told ? 'keep' : 'sheet',
  );

  function fire(what: 'strip' | 'sheet') {
    void goto(`/print/proof/fire?what=${what}`);
  }

  async function keep() {
    const body = view.finding(Date.now());
    if (!body) return;
    const outcome = await put<Finding>(`/api/v1/findings/${newId()}`, body);
    problem = outcome.problem?.detail;
    told = outcome.value ? `Kept: ${findingLine(body)}.` : undefined;
    await refresh('katachron:findings');
  }
</script>

<svelte:head><title>Proof · Katachron</title></svelte:head>

<PrintPages />
<div class="grid grid-cols-1 gap-x-16 gap-y-8 lg:grid-cols-[minmax(0,1fr)_440px]">
  <section aria-label="The time of the proof">
    <h1 class="heading">Proof</h1>
    <p class="reason mt-1 max-w-[90ch] text-soft">
      Negatives on the paper under glass, lens two stops down, head at a noted height. A strip
      across the film’s clear edge: the shortest patch whose edge cannot be told from the next one
      is the minimum time for maximum black. Lift the glass by its taped edges.
    </p>
    <p class="mt-2 text-lg leading-loose text-soft">
      Of
      <SlotChoice
        label="Roll"
        bind:value={form.rollId}
        options={[
          ...data.rolls.map(({ id, title }) => ({ id, name: title })),
          { id: '', name: 'other negatives', more: 'no roll, so its sheet is in no record' },
        ]}
      />, through
      <SlotText label="The film base" bind:value={form.film} empty="which film" />,
      <SlotText
        label="Number of patches"
        bind:value={form.patches}
        empty="how many"
        after=" patches"
        numeric
        maxlength={2}
      />
      from
      <SlotText
        label="First exposure, s"
        bind:value={form.first}
        empty="how long"
        after=" s"
        numeric
        maxlength={6}
      />
      in
      <SlotChoice
        label="Kind of strip"
        bind:value={
          () => form.kind,
          (id) => {
            const to = stripKinds.find((other) => other.id === id)!;
            Object.assign(form, {
              kind: id,
              step: to.step === 'stops' ? '¼' : String(to.usualStep),
              picked: null,
            });
          }
        }
        options={stripKinds}
      />{#if view.kind.step !== 'fixed'},
        <SlotText
          label={view.kind.step === 'stops' ? 'Step, stops' : 'Step, s'}
          bind:value={form.step}
          empty="step"
          after={view.kind.step === 'stops' ? ' stop' : ' s'}
          maxlength={6}
        />{/if}. <ProofSetupLine {setup} bench={data.bench} view={bench} />
    </p>
    {#if view.trouble}<p class="text-trouble" role="alert">{view.trouble}</p>{/if}
    {#if view.known}<p class="reason" data-testid="known">{view.known}</p>{/if}
    {#if view.seconds.length > 0}
      <p class="mt-1 text-[15px] text-soft">
        Dial {view.dials} s, card over one patch more each time.
      </p>
      <div class="mt-2">
        <Button
          main={next === 'strip'}
          keyHint={next === 'strip' ? 'Space' : 'F'}
          onclick={() => fire('strip')}>Fire the strip</Button
        >
      </div>
      <div class="mt-2">
        <PatchPick
          label="The shortest patch whose edge is as black as the next"
          seconds={view.seconds}
          picked={view.picked}
          timerStep={bench.timerStep}
          onpick={(picked) => (form.picked = picked)}
        />
      </div>
    {/if}
    {#if view.seconds.length > 0}
      <p class="mt-2 text-[15px] text-soft">
        With a densitometer:
        <SlotText
          label="Densities of the patches"
          bind:value={form.densities}
          empty="their densities"
          maxlength={120}
          hint="Above paper white, lightest first, as 1.46 1.66 1.84."
        />
      </p>
      {#if view.measured}<p class="reason" data-testid="measured">{view.measured}</p>{/if}
    {/if}
    {#if view.beyond}<p class="reason mt-2 text-caution" role="alert">{view.beyond}</p>{/if}
    {#if view.dial}
      <div class="mt-4 flex flex-wrap items-center gap-x-8 gap-y-3">
        <p class="numeral text-[84px]" data-testid="seconds" {@attach watchNumbers}>
          {view.dial}<span class="text-[0.36em]"> s</span>
        </p>
        <div>
          <p class="text-soft">
            for every
            <SlotChoice label="School of the proof" bind:value={form.school} options={schools} />
          </p>
          <p class="mt-1 text-soft">
            given
            <SlotChoice
              label="How the proof is fired"
              bind:value={
                () => (form.asFired ? 'as-fired' : 'at-once'),
                (id) => (form.asFired = id === 'as-fired')
              }
              options={[
                { id: 'at-once', name: 'in one firing', more: 'the lamp’s lag is added to it' },
                {
                  id: 'as-fired',
                  name: 'in the strip’s own firings',
                  more: 'just what the patch got, firing for firing',
                },
              ]}
            />{#if form.asFired && view.firings.sheet.length > 1}: {view.firings.sheet
                .map(({ dial }) => dial)
                .join(' + ')} s{/if}
          </p>
          <div class="mt-3 flex flex-wrap gap-3">
            <Button
              main={next === 'sheet'}
              keyHint={next === 'sheet' ? 'Space' : 'G'}
              answer="{view.dial} s"
              onclick={() => fire('sheet')}>Fire the proof</Button
            >
            {#if view.picked !== null}
              <Button
                main={next === 'keep'}
                keyHint={next === 'keep' ? 'Space' : ''}
                answer="{view.dial} s"
                onclick={() => void keep()}>Keep it for this set-up</Button
              >
            {/if}
          </div>
        </div>
      </div>
    {/if}
    <TrayBaths />
    <ProofRecord {proof} />
    {#if problem}<p class="mt-2 text-trouble" role="alert">{problem}</p>{/if}
    {#if told}<p class="mt-2" role="status">{told}</p>{/if}
  </section>
  <ProofRolls rolls={data.rolls} proofs={data.proofs} />
</div>
