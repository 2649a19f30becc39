<script lang="ts">
  import CalibratePages from '$lib/stages/calibrate/CalibratePages.svelte';
  import ComparisonBefore from '$lib/stages/calibrate/ComparisonBefore.svelte';
  import ComparisonFound from '$lib/stages/calibrate/ComparisonFound.svelte';
  import ComparisonLook from '$lib/stages/calibrate/ComparisonLook.svelte';
  import { comparisonResult } from '$lib/stages/calibrate/comparison-view.ts';

  const { data } = $props();
  const kept = $derived(data.comparison);
  const result = $derived(kept && comparisonResult(kept));
</script>

<svelte:head><title>{kept?.name ?? 'A comparison'} · Katachron</title></svelte:head>

<CalibratePages />
{#key kept?.id}
  {#if kept && result}
    <ComparisonFound {kept} {result} />
  {:else if kept && kept.key.length > 0}
    <ComparisonLook {kept} />
  {:else}
    <ComparisonBefore {kept} />
  {/if}
{/key}
