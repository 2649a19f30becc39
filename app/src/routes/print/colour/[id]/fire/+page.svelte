<script lang="ts">
  import FireColour from '$lib/stages/print/colour/FireColour.svelte';

  const { data } = $props();
</script>

{#key `${data.print.id} ${data.what}`}
  <FireColour print={data.print} enlargers={data.enlargers} what={data.what} />
{/key}
