<script lang="ts">
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import RecipeForm from '$lib/stages/film/RecipeForm.svelte';

  const { data } = $props();
</script>

<svelte:head><title>{data.recipe.film} in {data.recipe.developer} · Katachron</title></svelte:head>

<FilmPages />
{#key data.recipe.id}
  <RecipeForm
    title="{data.recipe.film} in {data.recipe.developer}"
    from={data.recipe}
    changing={data.recipe}
    recipes={data.recipes}
    substances={data.substances}
  />
{/key}
