<script lang="ts">
  import type { ComponentProps } from 'svelte';
  import SlotText from './SlotText.svelte';

  interface Props extends Omit<ComponentProps<typeof SlotText>, 'value' | 'onclose'> {
    value: string;
    /** Called once, when the field is left with something else in it: half a number would be another set-up. */
    onset: (value: string) => void;
  }
  const { value, onset, ...shown }: Props = $props();
  // Only another value starts it anew: an answer that brings the same one takes away nothing that is being typed.
  const known = $derived(value);
  let typed = $derived(known);
</script>

<SlotText {...shown} bind:value={typed} onclose={() => typed !== value && onset(typed)} />
