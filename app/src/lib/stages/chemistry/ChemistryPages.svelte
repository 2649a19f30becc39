<script lang="ts">
  import PageNav from '$lib/kit/PageNav.svelte';
</script>

<PageNav
  label="Pages about chemistry"
  pages={[
    { href: '/chemistry', name: 'Mix' },
    { href: '/chemistry/warm', name: 'Warm and cold' },
    { href: '/chemistry/baths', name: 'Baths' },
    { href: '/chemistry/wash', name: 'Wash' },
    { href: '/chemistry/cupboard', name: 'Cupboard' },
    { href: '/chemistry/vessels', name: 'Graduates and syringes' },
  ]}
/>
