<script lang="ts">
  import { goto } from '$app/navigation';
  import type { Recipe } from '$lib/nouns/recipe/contract.ts';
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import { holds, recipeLine } from '$lib/nouns/recipe/line.ts';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { shelfOf } from '$lib/kit/shelf.svelte.ts';

  const { data } = $props();
  const desk = useDesk();
  let typed = $state('');
  const shelf = shelfOf<Recipe>('/api/v1/recipes');
  let search = $state<HTMLInputElement>();
  const shown = $derived(data.recipes.filter((recipe) => holds(recipe, typed, desk.preferences)));

  useKeys([
    { key: ' ', does: 'write a recipe down', run: () => void goto('/film/recipes/new') },
    { key: '/', does: 'find a recipe', run: () => search?.focus() },
    { key: 'z', does: 'put back what was taken off', run: () => void shelf.putBack() },
    { key: 'Escape', does: 'back to the film', run: () => void goto('/film') },
  ]);
</script>

<svelte:head><title>Recipes · Katachron</title></svelte:head>

<FilmPages />
<div class="flex flex-wrap items-end justify-between gap-4">
  <h1 class="heading">Recipes</h1>
  <div class="flex flex-wrap gap-3">
    <Button main keyHint="Space" href="/film/recipes/new">New recipe</Button>
    <Button href="/film/recipes/import">Import from a file</Button>
  </div>
</div>
<p class="mt-2 text-soft">
  All of them as a file:
  <a class="slot-in" href="/api/v1/recipes.csv" download>CSV</a>,
  <a class="slot-in" href="/api/v1/recipes.json" download>JSON</a>, and
  <a class="slot-in" href="/api/v1/recipes/schema.json" download>its schema</a>.
</p>
{#if data.recipes.length > 6}
  <label class="mt-4 block text-soft" for="find">Find</label>
  <input
    id="find"
    bind:this={search}
    class="field w-full max-w-md text-xl"
    bind:value={typed}
    maxlength="80"
    autocomplete="off"
  />
{/if}
{#if shelf.problem}<p class="mt-3 text-trouble" role="alert">{shelf.problem}</p>{/if}
{#if shelf.removed}
  <p class="mt-3" role="status">
    {shelf.removed.film} in {shelf.removed.developer} was deleted. What was developed with it keeps its
    copy.
    <button class="slot-in min-h-11 font-[600]" onclick={() => void shelf.putBack()}>Undo</button>
  </p>
{/if}
<ul class="mt-4">
  {#each shown as recipe (recipe.id)}
    {@const line = recipeLine(recipe, desk.preferences)}
    <li class="flex flex-wrap items-center gap-x-8 border-b border-hair py-2">
      <div class="min-w-0 flex-1 basis-80">
        <p class="break-words font-[560]">
          <a href="/film/recipes/{recipe.id}" class="underline-offset-4 hover:underline"
            >{line.name}</a
          >
          <span class="font-normal text-soft">{line.speed}</span>
        </p>
        <p class="break-words text-[15px] text-soft">{line.more}</p>
      </div>
      <p class="basis-72 text-[15px]">{line.times}</p>
      <p class="flex gap-x-5 text-[15px] text-soft">
        <a
          class="flex min-h-11 items-center font-[600] text-ink"
          href="/film?recipe={recipe.id}"
          aria-label="Use {line.name}, {line.speed}">Use this recipe</a
        >
        <a
          class="flex min-h-11 items-center"
          href="/film/recipes/{recipe.id}"
          aria-label="Edit {line.name}, {line.speed}">Edit</a
        >
        <a
          class="flex min-h-11 items-center"
          href="/film/recipes/new?from={recipe.id}"
          aria-label="Copy {line.name}, {line.speed}">Copy</a
        >
        <button
          class="min-h-11"
          onclick={() => void shelf.takeOff(recipe)}
          aria-label="Delete {line.name}, {line.speed}">Delete</button
        >
      </p>
    </li>
  {:else}
    <li class="reason">
      {data.recipes.length === 0 ? 'No recipe yet.' : 'No recipe holds these words.'}
    </li>
  {/each}
</ul>
