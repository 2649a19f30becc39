<script lang="ts">
  import { afterNavigate, goto } from '$app/navigation';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import { logbookAddress, narrowings, searchOf, type Asked } from '$lib/nouns/logbook/asked.ts';
  import LogbookTable from '$lib/stages/logbook/LogbookTable.svelte';
  import Narrow from '$lib/stages/logbook/Narrow.svelte';
  import { narrowedWords } from '$lib/stages/logbook/narrow-words.ts';
  import { lineOf } from '$lib/stages/logbook/line.ts';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';

  const { data } = $props();
  const desk = useDesk();
  const lines = $derived(data.page.entries.map((entry) => lineOf(entry, desk.preferences.unit)));
  const next = $derived(data.page.next && logbookAddress(data.asked, data.page.next));
  const byDay = $derived(data.asked.sort === 'date' && data.asked.descending);
  const widened = $derived({
    ...data.asked,
    ...Object.fromEntries(narrowings.map((part) => [part, undefined])),
  });
  const narrowed = $derived(narrowedWords(data.asked));
  const looked = $derived(data.asked.words.trim() !== '' || narrowed !== '');
  const foundWords = $derived.by(() => {
    const count = `${lines.length}${next ? ' and more' : ''}`;
    if (looked) return lines.length === 0 ? 'nothing found' : `${count} found`;
    if (lines.length === 0) return 'no entries yet';
    return `${count} ${lines.length === 1 ? 'entry' : 'entries'}`;
  });
  let search = $state<HTMLInputElement>();
  let waiting: ReturnType<typeof setTimeout> | undefined;

  /** Prints that are to be compared, while two are looked for. */
  let picked = $state<readonly string[]>();

  function pick(id: string, on: boolean) {
    picked = (picked ?? []).filter((other) => other !== id);
    if (on) picked = [...picked, id];
    const [a, b] = picked;
    if (a && b) void goto(`/logbook/compare?${new URLSearchParams({ a, b })}`);
  }

  /** Long enough to finish a word, short enough not to be noticed, ms. */
  const PAUSE = 180;

  useKeys([
    { key: '/', does: 'find in the logbook', run: () => search?.focus() },
    { key: 'n', does: 'narrow it, or not', run: () => (narrowing = !narrowing) },
  ]);

  // What is being typed is this page's own; an answer that comes late must not put older words back.
  // svelte-ignore state_referenced_locally
  let asked = $state.raw<Asked>(data.asked);
  afterNavigate(({ type }) => {
    if (type !== 'goto') asked = data.asked;
  });

  /** What goes along when the words are sent by a page whose script has not come. */
  const besides = $derived(
    [...new URLSearchParams(searchOf(asked))].filter(([name]) => name !== 'q'),
  );

  function find(words: string) {
    asked = { ...asked, words };
    clearTimeout(waiting);
    waiting = setTimeout(() => show({}), PAUSE);
  }

  /** Another look at the logbook. */
  function show(change: { [Part in keyof Asked]?: Asked[Part] | undefined }) {
    clearTimeout(waiting);
    asked = { ...asked, ...change } as Asked;
    void goto(logbookAddress(asked), { replaceState: true, keepFocus: true, noScroll: true });
  }

  // A narrowed logbook opens with what it is narrowed to.
  // svelte-ignore state_referenced_locally
  let narrowing = $state(narrowedWords(data.asked) !== '');
</script>

<svelte:head><title>Logbook · Katachron</title></svelte:head>

<h1 class="heading">Logbook</h1>
<form
  method="GET"
  class="mt-6 flex flex-wrap items-baseline gap-x-6"
  role="search"
  onsubmit={(event) => {
    event.preventDefault();
    show({});
  }}
>
  {#each besides as [name, value] (name)}<input type="hidden" {name} {value} />{/each}
  <label class="sr-only" for="find">Find rolls and prints by words</label>
  <input
    id="find"
    name="q"
    bind:this={search}
    bind:value={() => asked.words, find}
    class="field min-w-0 flex-1 text-xl"
    placeholder="Find by words: a name, a film, a paper, filter 3 …"
    autocomplete="off"
    maxlength="200"
  />
  <p class="text-[15px] text-soft" aria-live="polite" data-testid="found">
    {foundWords}
  </p>
</form>

<p class="not-printed mt-1 flex flex-wrap items-center gap-x-5 text-[15px] text-soft">
  {#if lines.length > 0 || looked}
    <button
      class="slot-in min-h-11"
      aria-expanded={narrowing}
      onclick={() => (narrowing = !narrowing)}
      >{narrowed === '' ? 'Narrow it' : `Only ${narrowed}`}</button
    >
  {/if}
  {#if narrowed !== ''}
    <a class="slot-in inline-flex min-h-11 items-center" href={logbookAddress(widened)}
      >All of it again</a
    >
  {/if}
  {#if lines.length > 0}
    <a class="slot-in inline-flex min-h-11 items-center" href="/logbook/year">A year in figures</a>
    <a
      class="slot-in inline-flex min-h-11 items-center"
      href="/api/v1/prints.csv{searchOf(data.asked)}"
      download>The print log, CSV</a
    >
    {#if picked}
      {picked.length === 0 ? 'Tick two prints.' : 'And another one.'}
      <button class="slot-in min-h-11" onclick={() => (picked = undefined)}>Not now</button>
    {:else}
      <button class="slot-in min-h-11" onclick={() => (picked = [])}>Compare two prints</button>
    {/if}
  {/if}
</p>
{#if narrowing && (lines.length > 0 || looked)}
  <Narrow {asked} values={data.values} onnarrow={show} />
{/if}
{#if lines.length === 0}
  <p class="reason mt-8">
    {#if !looked}
      Nothing yet. A roll is written here when it goes to the sink, a print when you keep it, with
      all it takes to make it again.
    {:else}
      {narrowed === ''
        ? 'Nothing holds all of these words. Try fewer, or only their beginnings.'
        : `No entry fits all of it: ${narrowed}${data.asked.words.trim() === '' ? '' : ', and the words'}.`}
    {/if}
  </p>
  {#if !looked}
    <div class="mt-6 flex gap-3">
      <Button main href="/film">Develop a roll</Button>
      <Button href="/print">Make a print</Button>
    </div>
  {/if}
{:else}
  <LogbookTable
    {lines}
    {asked}
    pictures={data.pictures}
    {picked}
    onpick={pick}
    onsort={(sort, descending) => show({ sort, descending })}
  />
  <div class="mt-6 flex gap-3">
    {#if next}<Button href={next}>{byDay ? 'Older' : 'Next page'}</Button>{/if}
    {#if data.after}<Button href={logbookAddress(data.asked)}
        >{byDay ? 'Newest' : 'First page'}</Button
      >{/if}
  </div>
{/if}
