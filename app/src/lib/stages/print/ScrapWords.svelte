<script lang="ts">
  import { patchWords } from '@katachron/core';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  const { print }: { print: PrintInHand } = $props();
  const { draft } = $derived(print);
  const view = $derived(print.view());
  const places = [
    { id: 'highlight', name: 'Highlight' },
    { id: 'shadow', name: 'Shadow' },
  ] as const;
</script>

<section class="mt-4 space-y-3" aria-label="The scrap">
  <p class="text-[15px] text-soft">
    One patch of {view.firings[0]?.dial} s, laid over the place that matters. Say how it looks.
  </p>
  {#each places as { id, name } (id)}
    <div role="group" aria-label={name} class="flex flex-wrap items-center gap-2">
      <span class="w-24 font-[620]">{name}</span>
      {#each patchWords as { position, words } (position)}
        <button
          type="button"
          class="min-h-14 rounded-t-sm rounded-b-lg border-2 px-3 font-[600] {draft[id] === position
            ? 'border-rim bg-rim text-on-rim'
            : 'border-hair'}"
          data-leaves-space
          data-place={id}
          data-half=""
          aria-pressed={draft[id] === position}
          onclick={() => print.pick(id, draft[id] === position ? null : position)}>{words}</button
        >
      {/each}
    </div>
  {/each}
</section>
