<script lang="ts">
  interface Props {
    id: string;
    label: string;
    value: string;
    hint?: string;
    trouble?: string | undefined;
    maxlength?: number;
    numeric?: boolean;
    /** More than one line. */
    rows?: number;
    placeholder?: string;
  }
  let {
    id,
    label,
    value = $bindable(),
    hint = '',
    trouble,
    maxlength = 80,
    numeric = false,
    rows = 1,
    placeholder,
  }: Props = $props();
  const shared = $derived({
    id,
    maxlength,
    placeholder,
    autocomplete: 'off' as const,
    'aria-invalid': trouble !== undefined,
    'aria-describedby': `${id}-told`,
  });
</script>

<div>
  <label class="text-soft" for={id}>{label}</label>
  {#if rows > 1}
    <textarea class="field w-full resize-none text-xl" {rows} bind:value {...shared}></textarea>
  {:else}
    <input
      class="field w-full text-xl"
      inputmode={numeric ? 'decimal' : 'text'}
      bind:value
      {...shared}
    />
  {/if}
  <p id="{id}-told" class="mt-1 text-[15px] {trouble ? 'text-trouble' : 'text-soft'}">
    {trouble ?? hint}
  </p>
</div>
