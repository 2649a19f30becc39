<script lang="ts">
  import TestPage from '$lib/stages/calibrate/TestPage.svelte';

  const { data } = $props();
</script>

<svelte:head><title>{data.kind.name} · Katachron</title></svelte:head>

{#key data.kind.id}<TestPage
    kind={data.kind}
    found={data.found}
    runs={data.runs}
    curves={data.curves}
    fromRoll={data.fromRoll}
  />{/key}
