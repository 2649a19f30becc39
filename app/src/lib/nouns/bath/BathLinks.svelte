<script lang="ts">
  import { bathPlace } from './places.ts';
  import type { Through } from './through.ts';

  /** The baths that something went through, as they were called that day. */
  const { through }: { readonly through: Through } = $props();
</script>

{#each through as { place, id, name }, index (place)}
  {index === 0 ? '' : ', '}{bathPlace(place).name}
  <a class="slot-in" href="/chemistry/baths/{id}">{name}</a>
{/each}
