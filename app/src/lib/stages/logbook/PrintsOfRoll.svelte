<script lang="ts">
  import { format } from 'date-fns';
  import type { PrintOfRoll } from './history.server.ts';

  const { prints }: { prints: readonly PrintOfRoll[] } = $props();
</script>

{#if prints.length > 0}
  <section aria-label="Prints of it" class="mt-6">
    <h2 class="text-lg font-[600]">Prints of it</h2>
    <ul class="mt-1">
      {#each prints as { id, title, frame, madeAtMs, sheets } (id)}
        <li class="flex flex-wrap items-baseline gap-x-4 border-b border-hair py-2">
          <span class="w-16 text-soft">frame {frame}</span>
          <a class="slot-in min-w-0 break-words" href="/logbook/prints/{id}">{title}</a>
          <span class="text-soft"
            >{format(madeAtMs, 'd MMM yyyy')}, {sheets}
            {sheets === 1 ? 'sheet' : 'sheets'}</span
          >
        </li>
      {/each}
    </ul>
  </section>
{/if}
