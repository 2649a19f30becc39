<script lang="ts">
  import Slot from '../../kit/Slot.svelte';
  import NegativeSearch from './NegativeSearch.svelte';

  interface Props {
    value: string;
    onchoose: (name: string) => void;
  }
  const { value, onchoose }: Props = $props();
  let typed = $derived(value);
</script>

<Slot
  label="Negative"
  shown={value.trim() === '' ? 'which one' : value}
  onclose={() => typed.trim() !== value && onchoose(typed.trim())}
>
  {#snippet children(close)}
    <NegativeSearch
      {value}
      bind:typed
      onchoose={(name) => {
        typed = name;
        close();
      }}
    />
  {/snippet}
</Slot>
