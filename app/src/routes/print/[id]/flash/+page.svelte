<script lang="ts">
  import { watchNumbers } from '$lib/kit/watch-numbers.ts';
  import Said from '$lib/kit/Said.svelte';
  import { newId } from '$lib/kit/new-id.ts';
  import { goto } from '$app/navigation';
  import { refresh } from '$lib/kit/refresh.ts';
  import { put } from '$lib/kit/client.ts';
  import type { Finding, FindingBody } from '$lib/nouns/finding/contract.ts';
  import { emptyFlash, flashPageView } from '$lib/stages/print/flash-page-view.ts';
  import PatchPick from '$lib/stages/print/PatchPick.svelte';
  import { usePrint } from '$lib/stages/print/print-in-hand.svelte.ts';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import SlotText from '$lib/kit/SlotText.svelte';

  const { data } = $props();
  const print = usePrint();
  const bench = $derived(print.view());
  const { draft } = print;
  const form = $derived(draft.flashTest ?? emptyFlash());
  // What was seen on the strips is kept with the print from the first look on.
  $effect.pre(() => {
    draft.flashTest ??= emptyFlash();
  });
  const view = $derived(flashPageView(form, bench, draft, data.findings, data.tests, print.bench));
  let problem = $state<string>();
  let told = $state<string>();

  useKeys([
    {
      key: ' ',
      does: 'fire the strip whose turn it is, or keep the threshold',
      run: () => (turn ? fire(turn) : void keep()),
    },
    { key: 'Escape', does: 'back to the strips', run: () => void goto(print.path) },
  ]);

  /** The strip whose turn it is; none once the threshold was found. */
  const turn = $derived(
    form.picked !== null ? undefined : view.patches.length > 0 ? 'flash-2' : 'flash-1',
  );

  function fire(what: 'flash-1' | 'flash-2') {
    void goto(`${print.path}/fire?what=${what}`);
  }

  /** What was sent and not answered: it is sent again as it was, so that it is there once. */
  let sent: { readonly id: string; readonly body: FindingBody } | undefined;
  const sameFinding = (a: FindingBody, b: FindingBody) =>
    JSON.stringify({ ...a, foundAtMs: 0 }) === JSON.stringify({ ...b, foundAtMs: 0 });

  async function keep(body = view.finding(Date.now())) {
    if (!body) return;
    if (!sent || !sameFinding(sent.body, body)) sent = { id: newId(), body };
    const outcome = await put<Finding>(`/api/v1/findings/${sent.id}`, sent.body);
    problem = outcome.problem?.detail;
    told = outcome.value ? 'Kept for this set-up.' : undefined;
    if (outcome.value) sent = undefined;
    await refresh('katachron:findings');
  }
</script>

<svelte:head><title>Flash · Katachron</title></svelte:head>

<PrintPages of={print.path} />
<h1 class="heading">Flash</h1>
<p class="reason mt-1 max-w-[110ch] text-soft">
  Paper needs a threshold of light before it shows anything. A plain exposure just below it lifts
  the highlights alone, before or after the main exposure. No negative in the way, or a diffuser
  under the lens; white or soft light; a mask, so that untouched paper lies beside every patch.
</p>
<div class="mt-4 grid grid-cols-1 gap-x-14 gap-y-6 lg:grid-cols-[minmax(0,1fr)_440px]">
  <div class="space-y-5">
    {#if view.known}<p class="reason" data-testid="known">{view.known}</p>{/if}
    {#if view.tested}
      {@const { words, take, finding } = view.tested}
      <section aria-label="A test of Calibrate">
        <p class="reason">{words}</p>
        <div class="mt-2"><Button onclick={() => void keep(finding)}>{take}</Button></div>
      </section>
    {/if}
    <section aria-label="The coarse strip">
      <h2 class="font-[620]">1. A coarse strip, covered up</h2>
      <p class="reason">
        Doubling from 1 s: dial {view.coarse} s. The longest patch without a tone got
        <SlotText
          label="The longest patch without a tone, s"
          bind:value={form.clear}
          empty="how long"
          after=" s"
          numeric
          maxlength={6}
        />, the next one
        <SlotText
          label="The next patch, with a tone, s"
          bind:value={form.toned}
          empty="how long"
          after=" s"
          numeric
          maxlength={6}
        />.
      </p>
      <div class="mt-2">
        <Button
          main={turn === 'flash-1'}
          keyHint={turn === 'flash-1' ? 'Space' : ''}
          onclick={() => fire('flash-1')}>Fire the coarse strip</Button
        >
      </div>
      {#if view.trouble}<p class="mt-2 text-trouble" role="alert">{view.trouble}</p>{/if}
    </section>
    <section aria-label="Separate patches">
      <h2 class="font-[620]">2. Separate patches, one firing each</h2>
      <p class="reason">Firings do not add up at the threshold, so none is given twice.</p>
      {#if view.patches.length > 0}
        <p class="text-[15px] text-soft">Dial {view.dials} s.</p>
        <div class="mt-2">
          <Button
            main={turn === 'flash-2'}
            keyHint={turn === 'flash-2' ? 'Space' : ''}
            onclick={() => fire('flash-2')}>Fire the patches</Button
          >
        </div>
        <div class="mt-2">
          <PatchPick
            label="The longest patch that shows nothing"
            seconds={view.patches}
            picked={form.picked}
            timerStep={bench.timerStep}
            onpick={(picked) => (form.picked = picked)}
          />
        </div>
        <p class="mt-1 text-[15px] text-soft">
          Dry and in good light: which is the longest that shows nothing beside untouched paper?
        </p>
      {/if}
    </section>
    {#if view.threshold !== undefined && form.picked !== null}
      <Button main keyHint="Space" answer="{view.flashSeconds} s" onclick={() => void keep()}
        >Keep it for this set-up</Button
      >
    {/if}
    {#if problem}<p class="text-trouble" role="alert">{problem}</p>{/if}
    {#if told}<p role="status">{told}</p>{/if}
  </div>
  <section aria-label="The flash" aria-live="polite">
    {#if view.threshold !== undefined}
      <p class="numeral text-[84px]" data-testid="flash" {@attach watchNumbers}>
        {view.flashSeconds}<span class="text-[0.36em]"> s</span>
      </p>
      <p class="mt-3 text-soft">
        <SlotChoice label="Share of the threshold" bind:value={form.share} options={view.shares} />
        of the threshold of {view.thresholdShown} s, given
        <SlotChoice
          label="Where the flash goes"
          bind:value={form.where}
          options={[
            { id: 'overall', name: 'to the whole sheet' },
            {
              id: 'masked',
              name: 'through a mask',
              more: 'only where the highlights are; the rest keeps its contrast',
            },
          ]}
        />.
      </p>
      {#each view.sentences as sentence, index (index)}<p class="reason mt-2">
          <Said words={sentence} />
        </p>{/each}
    {:else}
      <p class="reason text-soft">Find the threshold first: it holds until something is changed.</p>
    {/if}
  </section>
</div>
