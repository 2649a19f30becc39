<script lang="ts">
  import { parseDate, type DateValue } from '@internationalized/date';
  import { DateField } from 'bits-ui';

  interface Props {
    id: string;
    label: string;
    /** As 2026-01-24; empty until day, month and year are there. */
    value: string;
    hint?: string;
    trouble?: string | undefined;
  }
  let { id, label, value = $bindable(), hint = '', trouble }: Props = $props();

  function read(text: string): DateValue | undefined {
    try {
      return parseDate(text);
    } catch {
      return undefined;
    }
  }
</script>

<DateField.Root
  bind:value={() => read(value), (date) => (value = date?.toString() ?? '')}
  locale="en-GB"
  validate={() => undefined}
>
  <div>
    <DateField.Label class="text-soft">{label}</DateField.Label>
    <DateField.Input
      {id}
      class="field -ml-1 flex w-full items-baseline text-xl"
      aria-invalid={trouble !== undefined}
      aria-describedby="{id}-told"
    >
      {#snippet children({ segments })}
        {#each segments as { part, value: shown }, index (index)}
          <DateField.Segment
            {part}
            class={part === 'literal'
              ? 'px-0.5 text-soft'
              : 'min-h-11 rounded-sm px-1 py-1.5 focus:bg-rim focus:text-on-rim'}
            >{shown}</DateField.Segment
          >
        {/each}
      {/snippet}
    </DateField.Input>
    <p id="{id}-told" class="mt-1 text-[15px] {trouble ? 'text-trouble' : 'text-soft'}">
      {trouble ?? hint}
    </p>
  </div>
</DateField.Root>
