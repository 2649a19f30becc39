<script lang="ts">
  import PageNav from '$lib/kit/PageNav.svelte';
</script>

<PageNav
  label="Pages about prints"
  pages={[
    { href: '/print', name: 'Strips' },
    { href: '/print/proof', name: 'Proof' },
    { href: '/print/readings', name: 'Readings' },
    { href: '/print/split', name: 'Soft and hard' },
    { href: '/print/flash', name: 'Flash' },
    { href: '/print/convert', name: 'Another size' },
    { href: '/print/setup', name: 'Enlargers and papers' },
  ]}
/>
