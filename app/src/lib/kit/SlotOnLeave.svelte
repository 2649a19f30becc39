<script lang="ts">
  import type { ComponentProps } from 'svelte';
  import SlotText from './SlotText.svelte';

  interface Props extends Omit<ComponentProps<typeof SlotText>, 'value' | 'onclose'> {
    value: string;
    /** Called once, when the field is left with something else in it: half a number would be another set-up. */
    onset: (value: string) => void;
  }
  const { value, onset, ...shown }: Props = $props();
  let typed = $derived(value);
</script>

<SlotText {...shown} bind:value={typed} onclose={() => typed !== value && onset(typed)} />
