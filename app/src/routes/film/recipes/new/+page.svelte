<script lang="ts">
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import RecipeForm from '$lib/stages/film/RecipeForm.svelte';

  const { data } = $props();
</script>

<svelte:head><title>A recipe · Katachron</title></svelte:head>

<FilmPages />
<RecipeForm
  title={data.from ? 'A copy of a recipe' : 'New recipe'}
  {...data.from && { from: data.from }}
  {...data.given && { given: data.given }}
  recipes={data.recipes}
  substances={data.substances}
/>
