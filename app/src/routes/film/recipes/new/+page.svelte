<script lang="ts">
  import FilmPages from '$lib/film/FilmPages.svelte';
  import RecipeForm from '$lib/film/RecipeForm.svelte';

  const { data } = $props();
</script>

<svelte:head><title>A recipe · Katachron</title></svelte:head>

<FilmPages />
<RecipeForm
  title={data.from ? 'A copy of a recipe' : 'A recipe'}
  {...data.from && { from: data.from }}
  recipes={data.recipes}
/>
