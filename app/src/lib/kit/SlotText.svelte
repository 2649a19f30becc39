<script lang="ts">
  import { onEnter } from './on-enter.ts';
  import Slot from './Slot.svelte';

  interface Props {
    label: string;
    value: string;
    /** What stands there while nothing was typed. */
    empty: string;
    /** Before and after the value, where it stands in its sentence. */
    before?: string;
    after?: string;
    trouble?: string | undefined;
    numeric?: boolean;
    maxlength?: number;
    hint?: string;
    class?: string;
    /** It was left, by whatever way. */
    onclose?: () => void;
  }
  let {
    label,
    value = $bindable(),
    empty,
    before = '',
    after = '',
    trouble,
    numeric = false,
    maxlength = 80,
    hint,
    class: more = '',
    onclose,
  }: Props = $props();
  const id = $props.id();
  const shown = $derived(value.trim() === '' ? empty : `${before}${value}${after}`);
</script>

<Slot {label} {shown} trouble={trouble !== undefined} class={more} {onclose}>
  {#snippet children(close)}
    <label class="block text-soft" for={id}>{label}</label>
    <input
      {id}
      class="field w-full text-xl"
      bind:value
      {maxlength}
      inputmode={numeric ? 'decimal' : 'text'}
      autocomplete="off"
      spellcheck="false"
      aria-invalid={trouble !== undefined}
      aria-describedby="{id}-told"
      onkeydown={onEnter(close)}
    />
    <p id="{id}-told" class="mt-2 text-[15px] {trouble ? 'text-trouble' : 'text-soft'}">
      {trouble ?? hint ?? ''}
    </p>
  {/snippet}
</Slot>
