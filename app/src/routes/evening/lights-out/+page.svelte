<script lang="ts">
  import LightsOutPage from '$lib/stages/tonight/LightsOutPage.svelte';

  const { data } = $props();
</script>

<svelte:head><title>Before the lights go out · Katachron</title></svelte:head>

<LightsOutPage
  load={data.load}
  name={data.name}
  rolls={data.rolls}
  holders={data.holders}
  firstTime={data.firstTime}
/>
