<script lang="ts">
  import ColourPage from '$lib/stages/print/colour/ColourPage.svelte';

  const { data } = $props();
</script>

<svelte:head><title>{data.print.name} · Katachron</title></svelte:head>

{#key data.print.id}
  <ColourPage
    print={data.print}
    others={data.others}
    enlargers={data.enlargers}
    papers={data.papers}
  />
{/key}
