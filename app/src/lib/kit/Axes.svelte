<svelte:options namespace="svg" />

<script lang="ts">
  interface Props {
    /** Ticks and their words, per cent of height and width. */
    up: readonly { readonly y: number; readonly label: string }[];
    across?: readonly { readonly x: number; readonly label: string }[];
    small?: boolean;
  }
  const { up, across = [], small = false }: Props = $props();
  const words = $derived(`fill-soft ${small ? 'text-[14px]' : 'text-[15px]'}`);
</script>

<!-- Hairlines across, words outside: stands inside a chart's svg. -->
{#each up as tick, index (index)}
  <line x1="0" x2="100%" y1="{tick.y}%" y2="{tick.y}%" class="stroke-hair" />
  <text x="-9" y="{tick.y}%" dy="0.34em" text-anchor="end" class={words}>{tick.label}</text>
{/each}
{#each across as tick, index (index)}
  <text x="{tick.x}%" y="100%" dy="21" text-anchor="middle" class={words}>{tick.label}</text>
{/each}
