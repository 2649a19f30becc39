<script lang="ts">
  import SlotText from '../../kit/SlotText.svelte';
  import { MOST_AREAS } from '../../nouns/print/limits.ts';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  const { print }: { print: PrintInHand } = $props();
  const { draft } = $derived(print);
  const view = $derived(print.view());
</script>

<h2 class="mt-4 font-[620]">Burns and dodges</h2>
<ul>
  {#each draft.areas as area, index (index)}
    {@const line = view.areas[index]}
    <li class="flex min-h-11 flex-wrap items-center gap-x-3 border-b border-hair">
      <SlotText label="Area" bind:value={area.name} empty="which area" maxlength={60} />
      <SlotText
        label="Stops"
        bind:value={area.stops}
        empty="stops"
        maxlength={8}
        trouble={line?.trouble}
        hint="+⅔ burns, −⅓ dodges."
      />
      <span class={line?.trouble ? 'text-trouble' : 'text-soft'}>{line?.trouble ?? line?.does}</span
      >
      <button
        class="ml-auto min-h-11 text-soft underline decoration-hair"
        onclick={() => (draft.areas = draft.areas.filter((_, other) => other !== index))}
        >leave out</button
      >
    </li>
  {/each}
</ul>
<button
  class="slot-in mt-1 min-h-11 text-soft"
  onclick={() => (draft.areas = [...draft.areas, { name: '', stops: '+½' }])}
  disabled={draft.areas.length >= MOST_AREAS}>Add an area</button
>
