<script lang="ts">
  import { testKindOf } from '$lib/nouns/calibration/kinds/index.ts';
  import CalibratePages from '$lib/stages/calibrate/CalibratePages.svelte';
  import FoundPage from '$lib/stages/calibrate/FoundPage.svelte';

  const { data } = $props();
  const kind = $derived(testKindOf(data.found.kind));
</script>

<svelte:head><title>{data.found.name} · Katachron</title></svelte:head>

{#if kind}
  {#key data.found.id}
    <FoundPage {kind} found={data.found} things={data.things} nowMs={data.nowMs} />
  {/key}
{:else}
  <CalibratePages />
  <p class="reason">This test is of a kind that this program does not know.</p>
{/if}
