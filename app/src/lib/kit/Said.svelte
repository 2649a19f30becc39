<script lang="ts">
  import { Popover } from 'bits-ui';
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
      ><Popover.Portal>
        <Popover.Content
          side="bottom"
          align="start"
          sideOffset={6}
          collisionPadding={12}
          class="z-30 w-[min(340px,calc(100vw-24px))] rounded-b-2xl rounded-t-md border-[3px] border-rim bg-enamel p-4"
          aria-label={term.name}
        >
          <p class="font-[620]">{term.name}</p>
          <p class="mt-1">{term.meaning}</p>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>{:else}{piece}{/if}{/each}
