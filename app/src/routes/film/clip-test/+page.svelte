<script lang="ts">
  import { watchNumbers } from '$lib/kit/watch-numbers.ts';
  import { newId } from '$lib/kit/new-id.ts';
  import { goto } from '$app/navigation';
  import { refresh } from '$lib/kit/refresh.ts';
  import { stepKind, type ClearingFactor } from '@katachron/core';
  import { attempt } from '$lib/words/attempt.ts';
  import { format } from 'date-fns';
  import { onMount } from 'svelte';
  import { put } from '$lib/kit/client.ts';
  import type { Bath } from '$lib/nouns/bath/contract.ts';
  import { clipView } from '$lib/stages/film/clip-view.ts';
  import ClipTests from '$lib/stages/film/ClipTests.svelte';
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import SlotText from '$lib/kit/SlotText.svelte';
  import { clockTime } from '$lib/words/duration.ts';

  /** A scrap that lies in the fixer now is there after a reload too. */
  const KEY = 'katachron-clip-test';
  const NEW_BATH = '';
  const TICK_MS = 100;

  const { data } = $props();
  let startedAtMs = $state<number>();
  let clearedAtMs = $state<number>();
  let nowMs = $state(0);
  let factor = $state<ClearingFactor>(2);
  let bathId = $state(NEW_BATH);
  let film = $state('');
  let problem = $state<string>();
  let kept = $state<string>();
  // Only fixers are tried so; what was written down before baths had a use is one.
  const standing = $derived(
    data.baths.filter(
      ({ discardedAtMs, use = 'fixer' }) => discardedAtMs === undefined && use === 'fixer',
    ),
  );
  const bath = $derived(standing.find(({ id }) => id === bathId));
  const seconds = $derived(
    startedAtMs === undefined ? 0 : Math.max(0, ((clearedAtMs ?? nowMs) - startedAtMs) / 1000),
  );
  let rapid = $state(true);
  const tested = $derived(
    clearedAtMs === undefined ? undefined : attempt(() => clipView(seconds, factor, bath, rapid)),
  );
  const view = $derived(tested?.value);
  /** A test that was taken back, to be put back again. */
  let takenBack = $state.raw<Bath['tests'][number]>();

  onMount(() => {
    bathId = standing.toSorted((a, b) => a.mixedAtMs - b.mixedAtMs).at(-1)?.id ?? NEW_BATH;
    const kept = Number(sessionStorage.getItem(KEY));
    if (kept > 0) startedAtMs = kept;
    nowMs = Date.now();
    const timer = setInterval(() => (nowMs = Date.now()), TICK_MS);
    return () => clearInterval(timer);
  });

  useKeys([
    { key: ' ', does: 'the scrap goes in; it is clear', run: press, always: true },
    { key: 'k', does: 'keep it with the bath', run: () => void keep() },
    { key: 'Escape', does: 'back to the film', run: () => void goto('/film') },
  ]);

  function press(event?: KeyboardEvent) {
    if (event?.repeat) return;
    nowMs = Date.now();
    kept = undefined;
    if (startedAtMs === undefined || clearedAtMs !== undefined) {
      startedAtMs = nowMs;
      clearedAtMs = undefined;
      sessionStorage.setItem(KEY, String(nowMs));
    } else {
      clearedAtMs = nowMs;
      sessionStorage.removeItem(KEY);
    }
  }

  async function keep() {
    if (!view || kept) return;
    const atMs = Date.now();
    const test = {
      id: newId(),
      atMs,
      film: film.trim(),
      clearingSeconds: Math.round(seconds * 10) / 10,
      factor,
    };
    const { id, version, ...body } = bath ?? {
      id: newId(),
      version: undefined,
      name: `Fixer of ${format(atMs, 'd MMMM yyyy')}`,
      mixedAtMs: atMs,
      tests: [],
    };
    const outcome = await put<Bath>(
      `/api/v1/baths/${id}`,
      { ...body, tests: [...body.tests, test] },
      version,
    );
    problem = outcome.problem?.detail;
    if (!outcome.value) return;
    kept = `Kept with ${outcome.value.name}.`;
    await refresh();
    bathId = id;
  }

  async function write(change: Partial<Bath>): Promise<boolean> {
    if (!bath) return false;
    const { id, version, ...body } = bath;
    const outcome = await put<Bath>(`/api/v1/baths/${id}`, { ...body, ...change }, version);
    problem = outcome.problem?.detail;
    await refresh();
    return outcome.value !== undefined;
  }

  async function takeBack(test: Bath['tests'][number]) {
    const others = bath?.tests.filter(({ id }) => id !== test.id) ?? [];
    if (!(await write({ tests: others }))) return;
    takenBack = test;
    kept = undefined;
  }

  async function putBack() {
    if (!takenBack || !bath) return;
    if (await write({ tests: [...bath.tests, takenBack] })) takenBack = undefined;
  }

  async function discard() {
    if (await write({ discardedAtMs: Date.now() })) bathId = NEW_BATH;
  }
</script>

<svelte:head><title>Clip test · Katachron</title></svelte:head>

<FilmPages />
<h1 class="heading">Clip test</h1>
<p class="mt-1 text-[17px] leading-relaxed text-soft">
  A scrap of
  <SlotText
    label="The film"
    bind:value={film}
    empty="the same film"
    hint="To know later what cleared so fast."
  />
  in
  <SlotChoice
    label="The fixer"
    bind:value={bathId}
    options={[
      ...standing.map(({ id, name, tests }) => ({
        id,
        name,
        more: `${tests.length} ${tests.length === 1 ? 'test' : 'tests'}`,
      })),
      { id: NEW_BATH, name: 'a fixer mixed now' },
    ]}
  />, for
  <SlotChoice
    label="Kind of film"
    bind:value={() => String(factor), (chosen) => (factor = Number(chosen) as ClearingFactor)}
    options={[
      { id: '2', name: 'ordinary grain, twice the clearing time' },
      { id: '3', name: 'tabular grain, three times' },
    ]}
  />. It is
  <SlotChoice
    label="Kind of fixer"
    bind:value={() => (rapid ? 'rapid' : 'ordinary'), (kind) => (rapid = kind === 'rapid')}
    options={[
      { id: 'rapid', name: 'a rapid fixer', more: 'over 3:00 it is spent' },
      { id: 'ordinary', name: 'an ordinary fixer' },
    ]}
  />.
</p>
<div class="mt-6 grid grid-cols-1 gap-x-14 gap-y-6 lg:grid-cols-[minmax(0,1fr)_360px]">
  <section aria-label="Stop-watch">
    <p
      class="numeral-narrow pointer-events-none text-[clamp(120px,24vw,300px)]"
      role="timer"
      data-testid="clearing"
      {@attach watchNumbers}
    >
      {clockTime(clearedAtMs === undefined ? Math.floor(seconds) : seconds)}
    </p>
    <p class="mt-4 text-[28px] font-[600] leading-tight">
      {startedAtMs === undefined
        ? 'A drop of fixer on the scrap first, then the scrap into the fixer'
        : clearedAtMs === undefined
          ? 'Move it; wait until the drop cannot be told from the rest'
          : 'Clear'}
    </p>
    <div class="mt-5">
      <Button
        main
        large
        keyHint="Space"
        answer={clockTime(Math.floor(seconds))}
        onclick={() => press()}
      >
        {startedAtMs === undefined
          ? 'It goes in'
          : clearedAtMs === undefined
            ? 'It is clear'
            : 'Again'}
      </Button>
    </div>
    <p class="mt-3 text-soft">{stepKind('fix').caution}</p>
  </section>
  <section aria-label="What it says" aria-live="polite">
    {#if tested?.trouble}<p class="reason text-trouble" role="alert">{tested.trouble}</p>{/if}
    {#if view}
      <p class="text-soft">Fix for</p>
      <p class="numeral text-[112px]" data-testid="fix">{clockTime(view.fixSeconds)}</p>
      <p class="reason mt-4 {view.spent ? 'text-trouble' : ''}">{view.sentence}</p>
      <div class="mt-5 flex flex-wrap gap-3">
        {#if kept}
          <p class="flex min-h-14 items-center">{kept}</p>
        {:else}
          <Button keyHint="K" onclick={() => void keep()}>Save it with the bath</Button>
        {/if}
        <Button href="/film?fix={Math.ceil(view.fixSeconds)}">Use it in the plan</Button>
        {#if view.spent && bath}
          <Button onclick={() => void discard()}>It is discarded</Button>
        {/if}
      </div>
    {/if}
    {#if problem}<p class="mt-3 text-trouble" role="alert">{problem}</p>{/if}
    {#if takenBack}
      <p class="mt-3" role="status">
        The test of {clockTime(takenBack.clearingSeconds)} is taken back.
        <button class="slot-in min-h-11 font-[600]" onclick={() => void putBack()}>Undo</button>
      </p>
    {/if}
    {#if bath && bath.tests.length > 0}
      <ClipTests tests={bath.tests} ontakeback={(test) => void takeBack(test)} />
    {/if}
  </section>
</div>
