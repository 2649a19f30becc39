<script lang="ts">
  import { Popover } from 'bits-ui';
  import PopoverSheet from './PopoverSheet.svelte';
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
  ><PopoverSheet {label}>
    {@render children(() => turn(false))}
  </PopoverSheet>
</Popover.Root>
