<script lang="ts">
  import BathPage from '$lib/stages/chemistry/BathPage.svelte';

  const { data } = $props();
</script>

<BathPage nowMs={data.nowMs} substances={data.substances} of={data.of} />
