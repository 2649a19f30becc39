<script lang="ts">
  import { useDesk } from '../../../bench/desk/desk.svelte.ts';
  import Thumb from '../../../nouns/picture/Thumb.svelte';

  interface Props {
    id: string;
    alt: string;
  }
  const { id, alt }: Props = $props();
  const desk = useDesk();
</script>

<!-- Colours are for white light; elsewhere it is known by its greys. -->
{#if desk.light === 'white'}
  <img
    class="inline-block max-h-24 max-w-32"
    src="/api/v1/pictures/{id}/colour"
    {alt}
    draggable="false"
    decoding="async"
  />
{:else}
  <Thumb of={{ id }} {alt} class="max-w-32" />
{/if}
