<script lang="ts">
  import MockUpPage from '$lib/stages/print/two/MockUpPage.svelte';

  const { data } = $props();
</script>

<svelte:head><title>On one sheet: {data.print.name} · Katachron</title></svelte:head>

{#key data.print.id}
  <MockUpPage print={data.print} papers={data.papers} />
{/key}
