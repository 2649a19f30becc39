<script lang="ts">
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import RecipeForm from '$lib/stages/film/RecipeForm.svelte';

  import { formerWords } from '$lib/words/called.ts';

  const { data } = $props();
</script>

<svelte:head><title>{data.recipe.film} in {data.recipe.developer} · Katachron</title></svelte:head>

<FilmPages />
{#if data.recipe.formerFilms}<p class="mt-2 break-words text-soft">
    {formerWords({ formerNames: data.recipe.formerFilms })}
  </p>{/if}
{#key data.recipe.id}
  <RecipeForm
    title="{data.recipe.film} in {data.recipe.developer}"
    from={data.recipe}
    changing={data.recipe}
    recipes={data.recipes}
    substances={data.substances}
  />
{/key}
