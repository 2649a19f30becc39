<script lang="ts">
  import { flushSync, onDestroy, onMount } from 'svelte';
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
  /** What is typed is on the screen at once; what follows from it once no key came for so long, ms. */
  const QUIET_MS = 90;
  let typed = $state<string>();
  let timer: ReturnType<typeof setTimeout> | undefined;

  function type(text: string) {
    typed = text;
    clearTimeout(timer);
    timer = setTimeout(take, QUIET_MS);
  }

  function take() {
    clearTimeout(timer);
    if (typed !== undefined) value = typed;
    typed = undefined;
  }
  onMount(() => {
    // A page that is left takes along what was typed last, before anybody else looks.
    const leave = () => flushSync(take);
    addEventListener('pagehide', leave, true);
    return () => removeEventListener('pagehide', leave, true);
  });
  onDestroy(take);
  const shown = $derived(value.trim() === '' ? empty : `${before}${value}${after}`);
</script>

<Slot
  {label}
  {shown}
  trouble={trouble !== undefined}
  class={more}
  onclose={() => {
    take();
    onclose?.();
  }}
>
  {#snippet children(close)}
    <label class="block text-soft" for={id}>{label}</label>
    <input
      {id}
      class="field w-full text-xl"
      bind:value={() => typed ?? value, type}
      onblur={take}
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
