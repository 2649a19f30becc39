<script lang="ts">
  import { afterNavigate, goto } from '$app/navigation';
  import { format } from 'date-fns';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import { lineOf } from '$lib/stages/logbook/line.ts';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';

  const { data } = $props();
  const desk = useDesk();
  const lines = $derived(data.page.entries.map((entry) => lineOf(entry, desk.preferences.unit)));
  const next = $derived(
    data.page.next &&
      `/logbook?${new URLSearchParams({ q: data.words, after: `${data.page.next.madeAtMs}_${data.page.next.id}` })}`,
  );
  const foundWords = $derived.by(() => {
    const count = `${lines.length}${next ? ' and more' : ''}`;
    if (data.words.trim() !== '') return lines.length === 0 ? 'nothing found' : `${count} found`;
    if (lines.length === 0) return 'no entries yet';
    return `${count} ${lines.length === 1 ? 'entry' : 'entries'}`;
  });
  let search = $state<HTMLInputElement>();
  let waiting: ReturnType<typeof setTimeout> | undefined;

  const PRINT = /^\/logbook\/prints\/(.+)$/;
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

  useKeys([{ key: '/', does: 'find in the logbook', run: () => search?.focus() }]);

  // What is being typed is this page's own; an answer that comes late must not put older words back.
  // svelte-ignore state_referenced_locally
  let words = $state(data.words);
  afterNavigate(({ type }) => {
    if (type !== 'goto') words = data.words;
  });

  function find() {
    clearTimeout(waiting);
    waiting = setTimeout(() => {
      const query = words.trim() === '' ? '' : `?${new URLSearchParams({ q: words })}`;
      void goto(`/logbook${query}`, { replaceState: true, keepFocus: true, noScroll: true });
    }, PAUSE);
  }
</script>

<svelte:head><title>Logbook · Katachron</title></svelte:head>

<h1 class="heading">Logbook</h1>
<form method="GET" class="mt-6 flex flex-wrap items-baseline gap-x-6" role="search">
  <label class="sr-only" for="find">Find rolls and prints by words</label>
  <input
    id="find"
    name="q"
    bind:this={search}
    bind:value={words}
    oninput={find}
    class="field min-w-0 flex-1 text-xl"
    placeholder="Find by words: a name, a film, a paper, filter 3 …"
    autocomplete="off"
    maxlength="200"
  />
  <p class="text-[15px] text-soft" aria-live="polite" data-testid="found">
    {foundWords}
  </p>
</form>

{#if lines.length > 0}
  <p class="not-printed mt-1 flex flex-wrap items-center gap-x-5 text-[15px] text-soft">
    <a class="slot-in inline-flex min-h-11 items-center" href="/logbook/year">A year in figures</a>
    <a
      class="slot-in inline-flex min-h-11 items-center"
      href="/api/v1/prints.csv?{new URLSearchParams({ q: data.words })}"
      download>The print log, CSV</a
    >
    {#if picked}
      {picked.length === 0 ? 'Tick two prints.' : 'And another one.'}
      <button class="slot-in min-h-11" onclick={() => (picked = undefined)}>Not now</button>
    {:else}
      <button class="slot-in min-h-11" onclick={() => (picked = [])}>Compare two prints</button>
    {/if}
  </p>
{/if}
{#if lines.length === 0}
  <p class="reason mt-8">
    {#if data.words.trim() === ''}
      Nothing yet. A roll is written here when it goes to the sink, a print when you keep it, with
      all it takes to make it again.
    {:else}
      Nothing holds all of these words. Try fewer, or only their beginnings.
    {/if}
  </p>
  {#if data.words.trim() === ''}
    <div class="mt-6 flex gap-3">
      <Button main href="/film">Develop a roll</Button>
      <Button href="/print">Make a print</Button>
    </div>
  {/if}
{:else}
  <ul class="mt-5">
    {#each lines as line (line.href)}
      {@const print = PRINT.exec(line.href)?.[1]}
      <li class="flex items-start border-b border-hair">
        {#if picked && print}
          <label class="flex min-h-11 min-w-11 items-center justify-center"
            ><input
              type="checkbox"
              class="tick"
              aria-label="Compare {line.title}"
              bind:checked={() => picked!.includes(print), (on) => pick(print, on)}
            /></label
          >
        {/if}
        <a
          href={line.href}
          class="grid min-w-0 flex-1 grid-cols-1 gap-x-4 gap-y-0.5 py-2.5 hover:bg-enamel md:grid-cols-[120px_minmax(0,1.6fr)_minmax(0,0.9fr)_minmax(0,1.6fr)_80px]"
        >
          <time class="text-soft" datetime={new Date(line.atMs).toISOString()}
            >{format(line.atMs, 'd MMM yyyy')}</time
          >
          <span class="min-w-0">
            <span class="block truncate font-[620]">{line.title}</span>
            <span class="block truncate text-soft">{line.under}</span>
          </span>
          <span class="font-[620]">{line.answer}</span>
          <span class="min-w-0 break-words">{line.detail}</span>
          <span class="text-soft">{line.count}</span>
        </a>
      </li>
    {/each}
  </ul>
  <div class="mt-6 flex gap-3">
    {#if next}<Button href={next}>Older</Button>{/if}
    {#if data.after}<Button href="/logbook?{new URLSearchParams({ q: data.words })}">Newest</Button
      >{/if}
  </div>
{/if}
