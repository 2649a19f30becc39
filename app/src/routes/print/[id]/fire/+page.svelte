<script lang="ts">
  import FirePage from '$lib/stages/print/FirePage.svelte';
  import { FireOfPrint } from '$lib/stages/print/fire-of-print.svelte.ts';
  import { usePrint } from '$lib/stages/print/print-in-hand.svelte.ts';

  const { data } = $props();
  // svelte-ignore state_referenced_locally
  const of = new FireOfPrint(usePrint(), data.what);
</script>

<FirePage {of} />
