<script lang="ts">
  import { page } from '$app/state';
  import Button from '$lib/kit/Button.svelte';
</script>

<svelte:head><title>{page.status} · Katachron</title></svelte:head>

<h1 class="heading">
  {page.status === 404 ? 'Not here' : page.status === 503 ? 'Database away' : 'That did not work'}
</h1>
<p class="reason mt-3" role="alert">{page.error?.message}</p>
<p class="mt-2 text-soft">Nothing that was stored is lost.</p>
<div class="mt-6 flex gap-3">
  <Button main onclick={() => location.reload()}>Try again</Button>
  <Button href="/logbook">To the logbook</Button>
</div>
