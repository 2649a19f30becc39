<script lang="ts">
  import type { BathView } from './bath-view.ts';

  /** A circle that fills as the bath goes, its word beside it: shape and word, no colour. */
  const { view, large = false }: { readonly view: BathView; readonly large?: boolean } = $props();
  const RADIUS = 7;
  const around = 2 * Math.PI * RADIUS;
  const known = $derived(!['unknown', 'empty', 'discarded'].includes(view.verdict));
</script>

<span class="inline-flex items-center gap-x-2 {large ? 'text-[34px] font-[620]' : 'font-[560]'}">
  <svg class={large ? 'size-9' : 'size-5'} viewBox="0 0 32 32" aria-hidden="true">
    <circle
      cx="16"
      cy="16"
      r="14"
      fill="none"
      class="stroke-ink"
      stroke-width="2.5"
      stroke-dasharray={known ? undefined : '4 4'}
    />
    {#if known && view.gone > 0}
      <circle
        cx="16"
        cy="16"
        r={RADIUS}
        fill="none"
        class="stroke-ink"
        stroke-width={2 * RADIUS}
        stroke-dasharray="{view.gone * around} {around}"
        transform="rotate(-90 16 16)"
      />
    {/if}
    {#if view.verdict === 'discarded'}
      <path d="M6 26 26 6" class="stroke-ink" stroke-width="2.5" />
    {/if}
  </svg>
  {view.word}
</span>
