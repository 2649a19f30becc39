<script lang="ts">
  import { page } from '$app/state';

  interface Props {
    /** What these pages are about. */
    label: string;
    /** In the order in which they are needed. */
    pages: readonly { readonly href: string; readonly name: string }[];
  }
  const { label, pages }: Props = $props();
  const here = $derived(
    pages.findLast(
      ({ href }) => page.url.pathname === href || page.url.pathname.startsWith(`${href}/`),
    ),
  );
</script>

<nav
  class="not-printed mb-2 flex gap-x-5 overflow-x-auto whitespace-nowrap text-[15px] [scrollbar-width:none] md:flex-wrap lg:-mt-3"
  aria-label={label}
>
  {#each pages as { href, name } (href)}
    <a
      {href}
      class="flex min-h-9 max-md:min-h-11 pointer-coarse:min-h-11 items-center text-soft underline-offset-4 aria-[current]:font-[600] aria-[current]:text-ink"
      aria-current={here?.href === href ? 'page' : undefined}>{name}</a
    >
  {/each}
</nav>
