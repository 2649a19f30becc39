<script lang="ts">
  import FireTwo from '$lib/stages/print/two/FireTwo.svelte';

  const { data } = $props();
</script>

{#key `${data.print.id} ${data.what}`}
  <FireTwo print={data.print} enlargers={data.enlargers} papers={data.papers} what={data.what} />
{/key}
