<script lang="ts">
  import BathPage from '$lib/stages/chemistry/BathPage.svelte';

  const { data } = $props();
</script>

<BathPage bath={data.bath} nowMs={data.nowMs} substances={data.substances} />
