<script lang="ts">
  import { Popover } from 'bits-ui';
  import PopoverSheet from './PopoverSheet.svelte';
  import { cutAtTerms } from '../words/terms.ts';

  /** A sentence whose terms are explained on a touch. */
  const { words }: { words: string } = $props();
  const pieces = $derived(cutAtTerms(words));
</script>

{#each pieces as { words: piece, term }, index (index)}{#if term}<Popover.Root>
      <Popover.Trigger
        class="underline decoration-dotted decoration-[1.5px] underline-offset-4"
        data-leaves-space
        aria-label="{piece}: what is that?">{piece}</Popover.Trigger
      ><PopoverSheet label={term.name}>
        <p class="font-[620]">{term.name}</p>
        <p class="mt-1">{term.meaning}</p>
      </PopoverSheet>
    </Popover.Root>{:else}{piece}{/if}{/each}
