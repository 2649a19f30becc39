<script lang="ts">
  import RingPage from '$lib/stages/print/colour/RingPage.svelte';

  const { data } = $props();
</script>

<svelte:head><title>Ring-around · Katachron</title></svelte:head>

{#key data.print.id}<RingPage print={data.print} enlargers={data.enlargers} />{/key}
