<script lang="ts">
  import { onEnter } from '../../kit/on-enter.ts';
  import Slot from '../../kit/Slot.svelte';
  import type { FilmDraft } from './draft.ts';
  import type { PlanLine } from './plan-view.ts';

  interface Props {
    line: PlanLine;
    draft: FilmDraft;
    onremove: () => void;
  }
  const { line, draft, onremove }: Props = $props();
</script>

{#if line.fromRecipe}
  <span class="font-[620]">{line.shown}</span>
{:else}
  <Slot
    label="{line.name}, time"
    shown={line.shown}
    trouble={line.trouble !== undefined}
    class="min-h-9 border-transparent font-[620]"
  >
    {#snippet children(close)}
      <label class="block text-soft" for="time-{line.kind}">{line.name}, time</label>
      <input
        id="time-{line.kind}"
        class="field w-full text-xl"
        bind:value={
          () => draft.times[line.kind] ?? line.shown, (typed) => (draft.times[line.kind] = typed)
        }
        inputmode="text"
        maxlength="12"
        autocomplete="off"
        onkeydown={onEnter(close)}
      />
      <p class="mt-2 text-[15px] {line.trouble ? 'text-trouble' : 'text-soft'}">
        {line.trouble ?? 'As 3:30, or in seconds.'}
      </p>
      <button
        class="mt-2 min-h-11 font-[600] underline decoration-hair"
        onclick={() => {
          onremove();
          close();
        }}>Remove</button
      >
    {/snippet}
  </Slot>
{/if}
