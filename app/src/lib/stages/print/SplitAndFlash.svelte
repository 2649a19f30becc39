<script lang="ts">
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import SlotText from '../../kit/SlotText.svelte';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  const { print }: { print: PrintInHand } = $props();
  const { draft } = $derived(print);
  const view = $derived(print.view());
  const { reading } = $derived(print);
</script>

{#if reading}
  <div class="mt-2 text-[17px] leading-relaxed text-soft">
    {#if view.split && draft.split && view.set.id !== 'grades'}
      <p>
        Split: {#if view.split.softSeconds}<b class="font-[620] text-ink" data-testid="split"
            >{view.split.softSeconds} s</b
          > at{/if}
        <SlotChoice
          label="Soft {view.set.noun}"
          bind:value={draft.split.soft}
          options={view.set.settings}
        />{#if view.split.hardSeconds}, then <b class="font-[620] text-ink"
            >{view.split.hardSeconds} s</b
          > at{:else}
          and{/if}
        <SlotChoice
          label="Hard {view.set.noun}"
          bind:value={draft.split.hard}
          options={view.set.settings}
        />. {view.split.sentence}
        <button class="slot-in min-h-9" onclick={() => delete draft.split}>one exposure</button>
      </p>
    {/if}
    {#if view.flash}
      <p>
        Flash
        <SlotText
          label="Flash, per cent of the threshold"
          bind:value={() => draft.flash ?? '', (flash) => (draft.flash = flash)}
          empty="how much"
          after=" %"
          numeric
          maxlength={6}
          trouble={view.flash.trouble}
          hint="70 to 100 of the longest plain exposure that shows nothing, found by separate patches. More is a veil, on purpose."
        />
        of the threshold. {view.flash.trouble ?? view.flash.sentence ?? ''}
        {view.flash.given}
        <button class="slot-in min-h-9" onclick={() => delete draft.flash}>no flash</button>
      </p>
    {/if}
    {#each view.neighbours as neighbour, index (index)}<p class="text-[15px]">
        {neighbour}
      </p>{/each}
    <p class="flex flex-wrap gap-x-5 text-[15px]">
      {#if !draft.split && view.set.id !== 'grades'}
        <button
          class="slot-in min-h-9"
          onclick={() =>
            (draft.split = {
              soft: view.set.settings[0]!.id,
              hard: view.set.settings.at(-1)!.id,
            })}>Split it soft and hard</button
        >
      {/if}
      {#if draft.flash === undefined}
        <button class="slot-in min-h-9" onclick={() => (draft.flash = '80')}>With a flash</button>
      {/if}
      <a
        class="slot-in flex min-h-9 items-center"
        href="{print.path}/convert?seconds={reading.seconds}">Another size, aperture or paper</a
      >
    </p>
  </div>
{/if}
