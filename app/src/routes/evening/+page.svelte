<script lang="ts">
  import EveningPage from '$lib/stages/tonight/EveningPage.svelte';

  const { data } = $props();
</script>

<svelte:head><title>Plan the evening · Katachron</title></svelte:head>

<EveningPage facts={data.facts} took={data.took} nowMs={data.nowMs} />
