<script lang="ts">
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import RollForm from '$lib/stages/film/RollForm.svelte';

  const { data } = $props();
</script>

<svelte:head><title>{data.roll.title} · Katachron</title></svelte:head>

<FilmPages />
{#key data.roll.id}
  <RollForm
    title={data.roll.title}
    changing={data.roll}
    holders={data.holders}
    nowMs={data.nowMs}
  />
{/key}
