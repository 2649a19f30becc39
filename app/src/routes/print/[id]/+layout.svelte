<script lang="ts">
  import ThePrint from '$lib/stages/print/ThePrint.svelte';

  const { data, children } = $props();
</script>

{#key data.inHand.id}
  <ThePrint inHand={data.inHand} bench={data.bench} {children} />
{/key}
