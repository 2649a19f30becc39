<script lang="ts">
  /** A quiet bar: how much of something is left, 0 to 1. */
  const { share, class: more = '' }: { readonly share: number; readonly class?: string } = $props();
</script>

<svg class="h-[5px] {more}" viewBox="0 0 100 5" preserveAspectRatio="none" aria-hidden="true">
  <rect width="100" height="5" class="fill-hair" />
  <rect width={100 * share} height="5" class="fill-soft" />
</svg>
