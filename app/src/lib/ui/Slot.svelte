<script lang="ts">
  import { Popover } from 'bits-ui';
  import type { Snippet } from 'svelte';

  interface Props {
    /** What is edited, for those who cannot see where it stands. */
    label: string;
    /** What stands in the sentence. */
    shown: string;
    children: Snippet<[close: () => void]>;
    trouble?: boolean;
    class?: string;
    onkeydown?: (event: KeyboardEvent) => void;
  }
  const { label, shown, children, trouble = false, class: more = '', onkeydown }: Props = $props();
  let open = $state(false);
</script>

<Popover.Root bind:open>
  <Popover.Trigger
    class="slot-in {trouble ? 'border-trouble text-trouble' : ''} {more}"
    {onkeydown}
    aria-label="{label}: {shown}">{shown}</Popover.Trigger
  ><Popover.Portal>
    <Popover.Content
      side="bottom"
      align="start"
      sideOffset={6}
      collisionPadding={12}
      class="z-30 max-h-[60vh] w-[min(340px,calc(100vw-24px))] overflow-auto rounded-b-2xl rounded-t-md border-[3px] border-rim bg-enamel p-4"
      aria-label={label}
    >
      {@render children(() => (open = false))}
    </Popover.Content>
  </Popover.Portal>
</Popover.Root>
