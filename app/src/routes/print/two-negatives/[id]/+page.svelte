<script lang="ts">
  import TwoPage from '$lib/stages/print/two/TwoPage.svelte';

  const { data } = $props();
</script>

<svelte:head><title>{data.print.name} · Katachron</title></svelte:head>

{#key data.print.id}
  <TwoPage print={data.print} enlargers={data.enlargers} papers={data.papers} />
{/key}
