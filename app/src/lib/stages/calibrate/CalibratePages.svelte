<script lang="ts">
  import PageNav from '$lib/kit/PageNav.svelte';
</script>

<PageNav
  label="Pages about calibration"
  pages={[
    { href: '/calibrate', name: 'Tests and findings' },
    { href: '/calibrate/comparisons', name: 'Comparisons' },
  ]}
/>
