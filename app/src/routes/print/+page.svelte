<script lang="ts">
  import { goto } from '$app/navigation';
  import { refresh } from '$lib/kit/refresh.ts';
  import { format } from 'date-fns';
  import { onMount } from 'svelte';
  import Button from '$lib/kit/Button.svelte';
  import { get, put, remove } from '$lib/kit/client.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { newId } from '$lib/kit/new-id.ts';
  import type { HandState, InHand } from '$lib/nouns/in-hand/contract.ts';
  import { putInHand } from '$lib/nouns/in-hand/held.svelte.ts';
  import { inHandLine, inHandName } from '$lib/nouns/in-hand/line.ts';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';

  const { data } = $props();
  /** How often it is looked whether another device did something, ms. */
  const LOOK_MS = 4000;
  type Listed = (typeof data.prints)[number];
  const now = $derived(data.prints.filter(({ state }) => state === 'in-hand'));
  const aside = $derived(data.prints.filter(({ state }) => state === 'put-aside'));
  let problem = $state<string>();
  let removed = $state<Listed>();
  let beginning = false;

  useKeys([
    { key: ' ', does: 'begin a new print', run: () => void begin() },
    ...[1, 2, 3, 4].map((number) => ({
      key: String(number),
      does: `open print ${number} of the list`,
      run: () => {
        const print = [...now, ...aside][number - 1];
        if (print) void goto(`/print/${print.id}`);
      },
    })),
  ]);

  // What is done to them elsewhere comes in.
  onMount(() => {
    const round = setInterval(() => void look(), LOOK_MS);
    return () => clearInterval(round);
  });

  /** Working all of them out anew is worth it only where one was touched. */
  async function look() {
    if (document.visibilityState !== 'visible') return;
    const marks = (prints: readonly { id: string; version: number }[]) =>
      prints.map(({ id, version }) => `${id} ${version}`).join();
    // Once somebody left, the page's data are another page's.
    const shown = marks(data.prints);
    const { value } = await get<{ prints: InHand[] }>('/api/v1/prints-in-hand');
    if (value && marks(value.prints) !== shown) {
      await refresh('katachron:prints-in-hand');
    }
  }

  const path = (id: string) => `/api/v1/prints-in-hand/${id}`;

  async function begin() {
    if (beginning) return;
    beginning = true;
    const id = newId();
    const outcome = await putInHand(id, data.begun);
    beginning = false;
    problem = outcome.problem?.detail;
    if (outcome.value) await goto(`/print/${id}`);
  }

  async function become({ id, version, draft, touchedAtMs }: Listed, state: HandState) {
    const outcome = await put<InHand>(path(id), { draft, state, touchedAtMs }, version);
    problem = outcome.problem?.detail;
    await refresh('katachron:prints-in-hand');
  }

  async function takeOff(print: Listed) {
    const outcome = await remove<InHand>(path(print.id), print.version);
    problem = outcome.problem?.detail;
    removed = outcome.value ? print : undefined;
    await refresh('katachron:prints-in-hand');
  }

  async function putBack() {
    if (!removed) return;
    const { id, draft, state, touchedAtMs } = removed;
    const outcome = await put<InHand>(path(id), { draft, state, touchedAtMs });
    problem = outcome.problem?.detail;
    if (outcome.value) removed = undefined;
    await refresh('katachron:prints-in-hand');
  }
</script>

<svelte:head><title>Prints in hand · Katachron</title></svelte:head>

{#snippet list(prints: readonly Listed[], other: { state: HandState; words: string })}
  <ul class="mt-3">
    {#each prints as print (print.id)}
      {@const name = inHandName(print.draft)}
      <li class="flex flex-wrap items-center gap-x-8 border-b border-hair py-2">
        <a class="min-w-0 flex-1 basis-80" href="/print/{print.id}">
          <span class="line-clamp-2 break-words text-xl font-[560]">{name}</span>
          {#if print.next}<span class="block break-words font-[560]">{print.next}.</span>{/if}
          <span class="block break-words text-[15px] text-soft"
            >{[inHandLine(print.draft), format(print.touchedAtMs, 'd MMMM, HH:mm')]
              .filter(Boolean)
              .join('; ')}</span
          >
        </a>
        <p class="flex gap-x-6 text-[15px] text-soft">
          <button
            class="min-h-11"
            aria-label="{other.words}: {name}"
            onclick={() => void become(print, other.state)}>{other.words}</button
          >
          <button class="min-h-11" aria-label="Remove {name}" onclick={() => void takeOff(print)}
            >Remove</button
          >
        </p>
      </li>
    {/each}
  </ul>
{/snippet}

<PrintPages />
<div class="flex flex-wrap items-end justify-between gap-4">
  <h1 class="heading">Prints in hand</h1>
  <Button main keyHint="Space" onclick={() => void begin()}>New print</Button>
</div>
{#if problem}<p class="mt-3 text-trouble" role="alert">{problem}</p>{/if}
{#if removed}
  <p class="mt-3" role="status">
    {inHandName(removed.draft)} was removed.
    <button class="slot-in min-h-11 font-[600]" onclick={() => void putBack()}>Undo</button>
  </p>
{/if}
{#if now.length === 0}
  <p class="reason mt-3">
    Nothing is in hand. A print begins with its first strip; from there on all of it is kept, and
    any device goes on with it.
  </p>
{:else}
  {@render list(now, { state: 'put-aside', words: 'Put aside' })}
{/if}
{#if data.others.length > 0}
  <section class="mt-8" aria-label="In colour, and of two negatives">
    <h2 class="heading">In colour, and of two negatives</h2>
    <ul class="mt-3">
      {#each data.others as { id, href, name, line } (id)}
        <li class="border-b border-hair py-2">
          <a class="block" {href}>
            <span class="line-clamp-2 break-words text-xl font-[560]">{name}</span>
            <span class="block break-words text-[15px] text-soft">{line}</span>
          </a>
        </li>
      {/each}
    </ul>
  </section>
{/if}
{#if aside.length > 0}
  <h2 class="heading mt-8">Put aside</h2>
  {@render list(aside, { state: 'in-hand', words: 'Take up' })}
{/if}
