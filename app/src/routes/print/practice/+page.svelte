<script lang="ts">
  import { contrastSet, waysOfLooking, type WayOfLookingId } from '@katachron/core';
  import { refresh } from '$lib/kit/refresh.ts';
  import { format } from 'date-fns';
  import { tick } from 'svelte';
  import Button from '$lib/kit/Button.svelte';
  import { put } from '$lib/kit/client.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import Said from '$lib/kit/Said.svelte';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import type { Print, PrintBody } from '$lib/nouns/print/contract.ts';
  import { isPicked, nothingPicked, type Picks } from '$lib/stages/print/look-again.ts';
  import FreshRuler from '$lib/stages/print/FreshRuler.svelte';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';
  import {
    apartWords,
    eyeWords,
    practiceStrips,
    practised,
    timesWords,
    twiceWords,
    unpractised,
  } from '$lib/stages/print/practice.ts';
  import { capital } from '$lib/words/capital.ts';

  const { data } = $props();

  let way = $state<WayOfLookingId>('eye');
  let picked = $state.raw<{ readonly of: string; readonly picks: Picks }>();
  /** Strips that are not to hand this time, or were just looked at: so soon it would be no fresh look. */
  let passed = $state.raw<readonly string[]>([]);
  let kept = $state.raw<{ id: string; print: string; index: number; words: string }>();
  let problem = $state<string>();
  let writing = $state(false);
  let section = $state<HTMLElement>();

  const strips = $derived(practiceStrips(data.prints));
  const open = $derived(strips.find(({ id }) => !passed.includes(id)));
  /** Picks are of one strip: the next one may have fewer patches. */
  const picks = $derived(open && picked?.of === open.id ? picked.picks : nothingPicked);
  const lookedAt = $derived(way === 'eye' ? undefined : way);
  const twice = $derived(twiceWords(data.prints));
  const keptPrint = $derived(data.prints.find(({ id }) => id === kept?.print));
  const eye = $derived(keptPrint && eyeWords(keptPrint, data.prints, data.bench, lookedAt));

  async function write(print: Print, body: PrintBody, again: string): Promise<boolean> {
    if (writing) return false;
    writing = true;
    const outcome = await put<Print>(`/api/v1/prints/${print.id}`, body, print.version);
    problem =
      outcome.problem?.status === 409
        ? `This print’s record was changed meanwhile. ${again}`
        : outcome.problem?.detail;
    // Where somebody else wrote it meanwhile, the next try is based on theirs.
    if (outcome.value || outcome.problem?.status === 409) await refresh();
    writing = false;
    return outcome.value !== undefined;
  }

  async function keep() {
    if (!open || !isPicked(picks)) return;
    const { id, print, index } = open;
    const words = apartWords(open, picks);
    const again = 'What you picked is still here: keep it once more.';
    if (!(await write(print, practised(open, picks, lookedAt), again))) return;
    kept = { id, print: print.id, index, words };
    passed = [...passed, id];
    // Another strip may have been picked on while this was written.
    if (picked?.of === id) picked = undefined;
  }

  async function takeBack() {
    if (!kept || !keptPrint) return;
    const { id, index } = kept;
    if (!(await write(keptPrint, unpractised(keptPrint, index), 'Take it back once more.'))) return;
    kept = undefined;
    passed = passed.filter((one) => one !== id);
    await tick();
    // What was pressed went away.
    section?.focus({ preventScroll: true });
  }

  function pass() {
    if (!open) return;
    passed = [...passed, open.id];
    picked = undefined;
  }

  useKeys([
    { key: ' ', does: 'keep this look', run: () => void keep() },
    { key: 'n', does: 'another strip: this one is not to hand', run: pass },
    { key: 'u', does: 'take the last look back', run: () => void takeBack() },
  ]);
</script>

<svelte:head><title>Practice · Katachron</title></svelte:head>

<PrintPages />
<h1 class="heading">Practice</h1>
<p class="reason mt-2 max-w-[62ch]">
  Take strips of finished prints from their box and, in white light, pick once more what is right on
  each. What was picked then is out of sight. How far the two picks lie apart tells how finely you
  see, and the next print on that paper is advised by it.
</p>

<div aria-live="polite">
  {#if kept}
    <p class="mt-4 text-[17px]" role="status">
      Kept. {kept.words}
      {#if eye}<Said words={eye} />{/if}
      <button class="slot-in min-h-11" disabled={writing} onclick={() => void takeBack()}
        >Take it back</button
      >
    </p>
  {/if}
</div>
{#if problem}<p class="mt-2 text-trouble" role="alert">{problem}</p>{/if}

{#if open}
  {@const { print, name, looks, aims } = open}
  <section bind:this={section} tabindex="-1" class="mt-6" aria-label="The strip to look at">
    <h2 class="break-words text-xl font-[560]">
      {capital(name)}, of <a class="slot-in" href="/logbook/prints/{print.id}">{print.title}</a>
    </h2>
    <p class="text-[15px] text-soft">
      Made {format(print.madeAtMs, 'd MMMM yyyy')}{print.setup.paper
        ? ` on ${print.setup.paper}`
        : ''}; looked at {timesWords(looks)}. {capital(aims)}.
    </p>
    <p class="text-[15px] text-soft">
      It is looked at
      <SlotChoice
        label="How strips are looked at"
        bind:value={way}
        options={waysOfLooking}
      />{#if way === 'card'}, dry beside dry{/if}.
    </p>
    <FreshRuler
      strip={open}
      set={contrastSet(print.setup.contrastSetId)}
      timerStep={print.setup.lamp.timerStepSeconds}
      bind:picks={() => picks, (now) => (picked = { of: open.id, picks: now })}
    />
    <div class="mt-3 flex flex-wrap items-center gap-3">
      <Button
        main
        keyHint="Space"
        disabled={writing || !isPicked(picks)}
        onclick={() => void keep()}>Keep this look</Button
      >
      <Button keyHint="N" onclick={pass}>Not to hand: another strip</Button>
    </div>
  </section>
{:else if strips.length > 0}
  <p class="mt-6 text-[17px]">
    Those were all the strips.
    <button class="slot-in min-h-11" onclick={() => (passed = [])}>From the first again</button>
  </p>
{:else}
  <p class="mt-6 max-w-[62ch] text-[17px]">
    No strips yet: those of finished prints come here, once a print was
    <a class="slot-in" href="/print">made</a> and written down with what was picked on its strips.
  </p>
{/if}
{#if twice}<p class="mt-6 text-[15px] text-soft"><Said words={twice} /></p>{/if}
