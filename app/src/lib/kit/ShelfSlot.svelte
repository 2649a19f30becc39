<script lang="ts">
  import { onEnter } from './on-enter.ts';
  import Slot from './Slot.svelte';

  interface Props {
    label: string;
    value: string;
    empty: string;
    /** What stands on the shelf; anything else may be typed. */
    names: readonly string[];
    onchoose: (name: string) => void;
  }
  const { label, value, empty, names, onchoose }: Props = $props();
  const id = $props.id();
  let typed = $derived(value);

  function choose(name: string, close: () => void) {
    typed = name;
    close();
  }
</script>

<Slot
  {label}
  shown={value.trim() === '' ? empty : value}
  onclose={() => typed.trim() !== value && onchoose(typed.trim())}
>
  {#snippet children(close)}
    {#each names as name (name)}
      <button
        type="button"
        class="flex min-h-11 w-full items-center border-b border-hair py-1 text-left break-words {name ===
        value
          ? 'font-[620]'
          : ''}"
        onclick={() => choose(name, close)}>{name}</button
      >
    {/each}
    <label class="mt-2 block text-soft" for={id}>{names.length > 0 ? 'Another' : label}</label>
    <input
      {id}
      class="field w-full text-xl"
      bind:value={typed}
      maxlength={80}
      autocomplete="off"
      spellcheck="false"
      onkeydown={onEnter(close)}
    />
  {/snippet}
</Slot>
