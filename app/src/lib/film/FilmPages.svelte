<script lang="ts">
  import { page } from '$app/state';

  /** What belongs to the film, beside the time itself; in the order in which it is needed. */
  const pages = [
    { href: '/film', name: 'Time' },
    { href: '/film/recipes', name: 'Recipes' },
    { href: '/film/rolls', name: 'Exposed rolls' },
    { href: '/film/tanks', name: 'Tanks and holders' },
    { href: '/film/clip-test', name: 'Clip test' },
    { href: '/film/packet', name: 'A packet' },
    { href: '/film/push', name: 'Push and pull' },
    { href: '/film/clock', name: 'Clock' },
  ];
  const here = $derived(
    pages.findLast(
      ({ href }) => page.url.pathname === href || page.url.pathname.startsWith(`${href}/`),
    ),
  );
</script>

<nav
  class="not-printed mb-2 flex gap-x-5 overflow-x-auto whitespace-nowrap text-[15px] [scrollbar-width:none] md:flex-wrap lg:-mt-3"
  aria-label="Pages about film"
>
  {#each pages as { href, name } (href)}
    <a
      {href}
      class="flex min-h-9 items-center text-soft underline-offset-4 aria-[current]:font-[600] aria-[current]:text-ink"
      aria-current={here?.href === href ? 'page' : undefined}>{name}</a
    >
  {/each}
</nav>
