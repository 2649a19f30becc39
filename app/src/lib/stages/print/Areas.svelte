<script lang="ts">
  import SlotOnLeave from '../../kit/SlotOnLeave.svelte';
  import SlotText from '../../kit/SlotText.svelte';
  import { MOST_AREAS } from '../../nouns/print/limits.ts';
  import { keptAmount } from './area-amount.ts';
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
      <SlotOnLeave
        label="Stops"
        value={area.stops}
        onset={(text) => (area.stops = keptAmount(text, view.plan.baseSeconds))}
        empty="stops"
        maxlength={16}
        trouble={line?.trouble}
        hint="+⅔ burns, −⅓ dodges; −15 % or +4 s will do too."
      />
      <span class={line?.trouble ? 'text-trouble' : 'text-soft'}>{line?.trouble ?? line?.does}</span
      >
      <button
        class="ml-auto min-h-11 text-soft underline decoration-hair"
        onclick={() => print.leaveOut(index)}>leave out</button
      >
    </li>
  {/each}
</ul>
<button
  class="slot-in mt-1 min-h-11 text-soft"
  onclick={() => (draft.areas = [...draft.areas, { name: '', stops: '+½' }])}
  disabled={draft.areas.length >= MOST_AREAS}>Add an area</button
>
{#if draft.areas.length > 0}
  <a class="slot-in ml-4 inline-flex min-h-11 items-center text-soft" href="{print.path}/plan"
    >Tool, filter and order: the plan</a
  >
{/if}
