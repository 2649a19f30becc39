<script lang="ts">
  import { Popover } from 'bits-ui';
  import type { Snippet } from 'svelte';

  /** What opens under a word of a sentence. */
  const { label, children }: { label: string; children: Snippet } = $props();
</script>

<Popover.Portal>
  <Popover.Content
    side="bottom"
    align="start"
    sideOffset={6}
    collisionPadding={12}
    class="z-30 max-h-[min(60vh,var(--bits-popover-content-available-height))] will-change-transform w-[min(340px,calc(100vw-24px))] overflow-auto rounded-b-2xl rounded-t-md border-[3px] border-rim bg-enamel p-4"
    aria-label={label}
  >
    {@render children()}
  </Popover.Content>
</Popover.Portal>
