<script lang="ts">
  import { goto } from '$app/navigation';
  import { refresh } from '$lib/kit/refresh.ts';
  import { bathTests, filmFormats } from '@katachron/core';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import ThermometerChoice from '$lib/bench/desk/ThermometerChoice.svelte';
  import Button from '$lib/kit/Button.svelte';
  import { put } from '$lib/kit/client.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { newId } from '$lib/kit/new-id.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import SlotText from '$lib/kit/SlotText.svelte';
  import type { KeptEntry } from '$lib/nouns/bath/ledger.ts';
  import { bathView } from '$lib/stages/chemistry/bath-view.ts';
  import ChemistryPages from '$lib/stages/chemistry/ChemistryPages.svelte';
  import { happenings, readEntry, usualEntry } from '$lib/stages/chemistry/entry-form.ts';
  import { splitNow, writeSplit, type SplitToWrite } from '$lib/stages/chemistry/write-split.ts';
  import { attempt } from '$lib/words/attempt.ts';
  import Glance from '$lib/stages/chemistry/Glance.svelte';

  const { data } = $props();
  const desk = useDesk();
  const { bath } = $derived(data);
  const { unit } = $derived(desk.reads);
  const view = $derived(bathView(bath, data.entries, data.nowMs, desk.volumeUnit, unit));
  const form = $state(usualEntry());
  let problem = $state<string>();
  let kept = $state<string>();
  /** What was sent and not answered: typed the same, it is sent again as it was, so that it is there once. */
  let unsplit: { readonly typed: string; readonly split: SplitToWrite } | undefined;
  let unanswered: { readonly typed: string; readonly entry: KeptEntry } | undefined;

  useKeys([
    { key: ' ', does: 'write it down', run: () => void keep() },
    { key: 'e', does: 'edit the bath', run: () => void goto(`/chemistry/baths/${bath.id}/edit`) },
    { key: 'Escape', does: 'back to the baths', run: () => void goto('/chemistry/baths') },
  ]);

  async function write(entry: KeptEntry): Promise<boolean> {
    const sent = await put(`/api/v1/baths/${bath.id}/entries/${entry.id}`, entry);
    problem = sent.problem?.detail;
    kept = undefined;
    if (sent.problem) return false;
    await refresh();
    return true;
  }

  async function keep() {
    const { value, trouble } = readEntry(form, desk.volumeUnit, Date.now(), desk.reads);
    problem = trouble;
    if (!value) return;
    const typed = JSON.stringify(form);
    if (form.kind === 'split' && 'volumeMl' in value.entry) {
      await split(typed, value.entry.volumeMl);
      return;
    }
    const entry = unanswered?.typed === typed ? unanswered.entry : { id: newId(), ...value };
    unanswered = { typed, entry };
    if (!(await write(entry))) return;
    unanswered = undefined;
    kept = 'Written down.';
  }

  async function split(typed: string, volumeMl: number) {
    if (unsplit?.typed !== typed) {
      const { value, trouble } = attempt(() => splitNow(bath, data.entries, volumeMl, Date.now()));
      problem = trouble;
      if (!value) return;
      unsplit = { typed, split: value };
    }
    const { split: sent } = unsplit;
    problem = (await writeSplit(sent))?.detail;
    kept = undefined;
    if (problem !== undefined) return;
    unsplit = undefined;
    Object.assign(form, usualEntry());
    await goto(`/chemistry/baths/${sent.ids.bath}`, { invalidateAll: true });
  }

  /** An entry of less than nothing: what was written stays. */
  async function takeBack(id: string) {
    const one = data.entries.find((entry) => entry.id === id);
    if (!one || !('areaCm2' in one.entry)) return;
    const { kind, areaCm2 } = one.entry;
    const entry = { kind, atMs: Date.now(), areaCm2: -areaCm2 };
    await write({ id: newId(), corrects: id, entry });
  }

  async function discard(discardedAtMs?: number) {
    const { id, version, discardedAtMs: _before, ...body } = bath;
    const now = { ...body, ...(discardedAtMs !== undefined && { discardedAtMs }) };
    const sent = await put(`/api/v1/baths/${id}`, now, version);
    problem = sent.problem?.detail;
    kept = undefined;
    await refresh();
  }
</script>

<svelte:head><title>{bath.name} · Katachron</title></svelte:head>

<ChemistryPages />
<h1 class="heading break-words">{bath.name}</h1>
<p class="mt-1 text-soft">{view.line}.</p>
<div class="mt-3 grid grid-cols-1 gap-x-14 gap-y-6 lg:grid-cols-[minmax(0,1fr)_440px]">
  <section aria-label="How it is doing" aria-live="polite">
    <p data-testid="verdict"><Glance {view} large /></p>
    {#each view.sentences as sentence, index (index)}<p class="reason mt-2">{sentence}</p>{/each}
    {#each view.cautions as caution, index (index)}
      <p class="reason mt-2 text-caution">{caution}</p>
    {/each}
    {#if bath.note}<p class="mt-3 whitespace-pre-wrap break-words text-soft">{bath.note}</p>{/if}
    <p class="mt-3 flex flex-wrap gap-x-5">
      {#if bath.dataSheet}
        <a
          class="slot-in inline-flex min-h-11 items-center"
          href={bath.dataSheet}
          rel="external noreferrer">Its safety data sheet</a
        >
      {/if}
      <a class="slot-in inline-flex min-h-11 items-center" href="/chemistry/baths/{bath.id}/edit"
        >Edit</a
      >
      <a
        class="slot-in inline-flex min-h-11 items-center"
        href="/api/v1/baths/labels.pdf?only={bath.id}"
        download>Its label</a
      >
      {#if bath.discardedAtMs === undefined}
        <button class="slot-in min-h-11" onclick={() => void discard(Date.now())}>Discard it</button
        >
      {:else}
        <button class="slot-in min-h-11" onclick={() => void discard()}>It still stands</button>
      {/if}
    </p>
    {#if bath.use === 'fixer'}
      <p class="mt-2 text-[15px] text-caution">
        Spent fixer carries silver: collect it, and hand it in as your local rules say. Gloves, and
        air the room.
      </p>
    {/if}

    {#if view.verdict !== 'discarded' && bath.volumeMl !== undefined}
      <h2 class="mt-6 font-[620]">What happened to it</h2>
      <p class="mt-1 text-lg leading-loose text-soft">
        Now
        <SlotChoice
          label="What happened"
          bind:value={form.kind}
          options={happenings}
        />{#if form.kind === 'film'}:
          <SlotText
            label="How many"
            bind:value={form.count}
            empty="how many"
            numeric
            maxlength={4}
          />
          of
          <SlotChoice label="Format of the film" bind:value={form.format} options={filmFormats} />
        {:else if form.kind === 'paper'}:
          <SlotText
            label="How many"
            bind:value={form.count}
            empty="how many"
            numeric
            maxlength={4}
          />
          of
          <SlotText label="Width, cm" bind:value={form.width} empty="width" numeric maxlength={6} />
          by
          <SlotText
            label="Height, cm"
            bind:value={form.height}
            empty="height"
            after=" cm"
            numeric
            maxlength={6}
          />
        {:else if form.kind === 'read'}: it reads
          <SlotText
            label="It reads, °{desk.preferences.unit}"
            bind:value={form.temperature}
            empty="what it reads"
            after="°"
            numeric
            maxlength={8}
          />
        {:else if form.kind === 'tested'}: the
          <SlotChoice label="Which test" bind:value={form.test} options={bathTests} />
          <SlotChoice
            label="How it went"
            bind:value={form.passed}
            options={[
              { id: 'passed', name: 'passed' },
              { id: 'failed', name: 'failed' },
            ]}
          />
        {:else}:
          {#if form.kind === 'handed-in'}
            <SlotText label="Where" bind:value={form.where} empty="where" maxlength={120} />
            took{/if}
          <SlotText
            label="How much"
            bind:value={form.volume}
            empty="how much"
            after=" {desk.volumeUnit}"
            numeric
            maxlength={10}
          />
        {/if}.
      </p>
      {#if form.kind === 'read'}<ThermometerChoice />{/if}
      {#if problem}<p class="mt-2 text-trouble" role="alert">{problem}</p>{/if}
      {#if kept}<p class="mt-2" role="status">{kept}</p>{/if}
      <div class="mt-3">
        <Button main keyHint="Space" onclick={() => void keep()}>Write it down</Button>
      </div>
    {:else if problem}
      <p class="mt-2 text-trouble" role="alert">{problem}</p>
    {/if}
  </section>
  <section aria-label="Ledger">
    <h2 class="font-[620]">Ledger</h2>
    <p class="text-[15px] text-soft">
      What is written stays; what was wrong is taken back by an entry of its own.
    </p>
    <ul class="mt-1">
      {#each view.entries as { id, at, what, takeBack: can, href } (id)}
        <li class="flex items-start gap-x-4 border-b border-hair py-2">
          <p class="min-w-0 flex-1">
            <span class="block text-[15px] text-soft">{at}</span>
            {#if href}<a class="slot-in break-words" {href}>{what}</a>
            {:else}<span class="break-words">{what}</span>{/if}
          </p>
          {#if can}
            <button
              class="min-h-11 text-[15px] text-soft"
              aria-label="Take back {what}"
              onclick={() => void takeBack(id)}>Take back</button
            >
          {/if}
        </li>
      {:else}
        <li class="reason text-soft">Nothing yet.</li>
      {/each}
    </ul>
  </section>
</div>
