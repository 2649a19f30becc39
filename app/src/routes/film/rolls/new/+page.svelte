<script lang="ts">
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import RollForm from '$lib/stages/film/RollForm.svelte';

  const { data } = $props();
</script>

<svelte:head><title>An exposed roll · Katachron</title></svelte:head>

<FilmPages />
<RollForm title="An exposed roll" holders={data.holders} nowMs={data.nowMs} begun={data.begun} />
