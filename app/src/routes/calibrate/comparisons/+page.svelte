<script lang="ts">
  import { goto } from '$app/navigation';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import ShelfList from '$lib/kit/ShelfList.svelte';
  import CalibratePages from '$lib/stages/calibrate/CalibratePages.svelte';
  import { comparisonLine } from '$lib/stages/calibrate/comparison-view.ts';

  const { data } = $props();

  useKeys([
    { key: ' ', does: 'a new comparison', run: () => void goto('/calibrate/comparisons/new') },
    { key: 'Escape', does: 'back to the tests', run: () => void goto('/calibrate') },
  ]);
</script>

<svelte:head><title>Comparisons · Katachron</title></svelte:head>

<CalibratePages />
<ShelfList
  heading="Comparisons"
  level={1}
  things={data.comparisons}
  api="/api/v1/comparisons"
  href="/calibrate/comparisons"
  line={comparisonLine}
  make="New comparison"
  keyHint="Space"
  main
>
  {#snippet empty()}
    No comparison yet. One question, two samples, one thing changed: looked at blind, so that it is
    the eye that says it and not the wish.
  {/snippet}
</ShelfList>
