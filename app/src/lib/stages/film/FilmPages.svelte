<script lang="ts">
  import PageNav from '$lib/kit/PageNav.svelte';
</script>

<PageNav
  label="Pages about film"
  pages={[
    { href: '/film', name: 'Time' },
    { href: '/film/recipes', name: 'Recipes' },
    { href: '/film/rolls', name: 'Exposed rolls' },
    { href: '/film/tanks', name: 'Tanks and holders' },
    { href: '/film/clip-test', name: 'Clip test' },
    { href: '/film/packet', name: 'A packet' },
    { href: '/film/push', name: 'Push and pull' },
    { href: '/film/clock', name: 'Clock' },
  ]}
/>
