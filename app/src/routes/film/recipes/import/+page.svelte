<script lang="ts">
  import { goto } from '$app/navigation';
  import { send } from '$lib/kit/client.ts';
  import type { RecipeBody } from '$lib/nouns/recipe/contract.ts';
  import { readText } from '$lib/kit/read-text.ts';
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import { recipeLine } from '$lib/nouns/recipe/line.ts';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';

  interface Exchange {
    fresh: RecipeBody[];
    same: number;
    differing: { line: number; recipe: RecipeBody }[];
    problems: { line: number; reason: string }[];
  }

  const desk = useDesk();
  let text = $state('');
  let found = $state<Exchange>();
  let problem = $state<string>();
  let replace = $state(false);
  let done = $state<string>();
  /** The letters of the file had to be guessed. */
  let latin1 = $state(false);
  const json = $derived(text.trimStart().startsWith('{'));
  const coming = $derived(
    (found?.fresh.length ?? 0) + (replace ? (found?.differing.length ?? 0) : 0),
  );

  useKeys([
    { key: ' ', does: 'look, then bring them in', run: () => void (found ? bringIn() : look()) },
    { key: 'Escape', does: 'back to the recipes', run: () => void goto('/film/recipes') },
  ]);

  async function ask(query: string): Promise<Exchange | undefined> {
    const outcome = await send<Exchange>(
      `/api/v1/recipes/import${query}`,
      text,
      json ? 'application/json' : 'text/csv',
    );
    problem = outcome.problem?.detail;
    return outcome.value;
  }

  async function look() {
    done = undefined;
    if (text.trim() === '') {
      problem = 'Choose a file, or paste its lines first.';
      return;
    }
    found = await ask('');
  }

  async function bringIn() {
    if (!found || coming === 0) return;
    const wanted = coming;
    if (!(await ask(replace ? '?keep&replace' : '?keep'))) return;
    done = `${wanted} ${wanted === 1 ? 'recipe is' : 'recipes are'} in.`;
    found = await ask('');
  }

  async function read(input: HTMLInputElement) {
    const file = input.files?.[0];
    if (!file) return;
    const told = readText(await file.arrayBuffer());
    text = told.text;
    latin1 = told.latin1;
    await look();
  }

  function changed() {
    found = undefined;
    done = undefined;
  }
</script>

<svelte:head><title>Recipes from a file · Katachron</title></svelte:head>

<FilmPages />
<h1 class="heading">Recipes from a file</h1>
<p class="reason mt-2 text-soft">
  CSV with a line each, or JSON as it goes out. Nothing is stored before you have seen what would
  come in; bringing the same file in twice changes nothing.
</p>
<div class="mt-5 grid grid-cols-1 gap-x-12 gap-y-6 lg:grid-cols-2">
  <div>
    {#if desk.light === 'red'}
      <p class="reason text-caution">
        The window in which a file is chosen is white, whatever we do. Paste the lines here instead.
      </p>
    {:else}
      <label class="text-soft" for="file">A file</label>
      <input
        id="file"
        type="file"
        accept=".csv,.json,text/csv,application/json"
        class="field w-full py-3"
        onchange={(event) => void read(event.currentTarget)}
      />
    {/if}
    <label class="mt-4 block text-soft" for="lines"
      >{desk.light === 'red' ? 'Its lines' : 'Or its lines'}</label
    >
    <textarea
      id="lines"
      class="field w-full resize-none font-mono text-[15px]"
      rows="9"
      bind:value={text}
      oninput={changed}
      placeholder="film,box_speed,developer,dilution,agitation,times,source&#10;Halden 400,400,Tansy,1+31,each-minute,20=9:30; 22=7:50,data-sheet"
      spellcheck="false"></textarea>
    <div class="mt-4 flex flex-wrap gap-3">
      <Button main={!found} onclick={() => void look()}>See what would come in</Button>
      <Button href="/film/recipes">Cancel</Button>
    </div>
    {#if latin1}
      <p class="reason mt-3 text-caution">
        The file is not UTF-8. It was read as Latin-1: look whether ä, é and ø are right.
      </p>
    {/if}
    {#if problem}<p class="mt-3 text-trouble" role="alert">{problem}</p>{/if}
  </div>
  {#if found}
    <section aria-label="What would come in" aria-live="polite">
      {#if done}<p class="mb-3 text-lg font-[600]">{done}</p>{/if}
      <p class="numeral text-[62px]" data-testid="coming">{coming}</p>
      <p class="text-soft">
        {coming === 1 ? 'recipe would come in' : 'recipes would come in'}; {found.same} here already,
        {found.problems.length}
        {found.problems.length === 1 ? 'line' : 'lines'} with something wrong.
      </p>
      <ul class="mt-3">
        {#each found.fresh as recipe, index (index)}
          {@const line = recipeLine(recipe, desk.preferences)}
          <li class="border-b border-hair py-1.5">
            <span class="font-[560]">{line.name}</span>
            <span class="text-soft">{line.speed}, {line.times}</span>
          </li>
        {/each}
      </ul>
      {#if found.differing.length > 0}
        <p class="mt-4">
          You have another recipe for {found.differing.length === 1 ? 'this one' : 'these'}; yours
          {found.differing.length === 1 ? 'stays' : 'stay'} unless you say so.
        </p>
        <ul>
          {#each found.differing as { line, recipe } (line)}
            {@const words = recipeLine(recipe, desk.preferences)}
            <li class="border-b border-hair py-1.5 text-soft">
              Line {line}: {words.name}, {words.speed}, {words.times}
            </li>
          {/each}
        </ul>
        <label class="mt-2 flex min-h-11 items-center gap-3">
          <input type="checkbox" class="tick" bind:checked={replace} />
          Replace mine
        </label>
      {/if}
      {#if found.problems.length > 0}
        <ol class="mt-4" aria-label="Lines with something wrong">
          {#each found.problems as { line, reason }, index (index)}
            <li class="border-b border-hair py-1.5">
              <span class="font-[560] text-trouble">Line {line}</span>
              <span class="break-words">{reason}</span>
            </li>
          {/each}
        </ol>
      {/if}
      {#if coming > 0}
        <div class="mt-5">
          <Button main keyHint="Space" onclick={() => void bringIn()}
            >Bring {coming === 1 ? 'it' : `${coming}`} in</Button
          >
        </div>
      {/if}
    </section>
  {/if}
</div>
