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
    /** It was left, by whatever way. */
    onclose?: (() => void) | undefined;
  }
  const {
    label,
    shown,
    children,
    trouble = false,
    class: more = '',
    onkeydown,
    onclose,
  }: Props = $props();
  let open = $state(false);

  function turn(to: boolean) {
    const closes = open && !to;
    open = to;
    if (closes) onclose?.();
  }
</script>

<Popover.Root bind:open={() => open, turn}>
  <Popover.Trigger
    class="slot-in {trouble ? 'border-trouble text-trouble' : ''} {more}"
    {onkeydown}
    data-leaves-space
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
      {@render children(() => turn(false))}
    </Popover.Content>
  </Popover.Portal>
</Popover.Root>
