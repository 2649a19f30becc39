<script lang="ts" generics="Id extends string">
  import { RadioGroup } from 'bits-ui';
  import Slot from './Slot.svelte';

  interface Props {
    label: string;
    value: Id;
    options: readonly { readonly id: Id; readonly name: string; readonly more?: string }[];
    /** How the chosen one stands in its sentence, when not by its name. */
    shown?: string;
    class?: string;
  }
  let { label, value = $bindable(), options, shown, class: more = '' }: Props = $props();
  const chosen = $derived(options.find(({ id }) => id === value));
</script>

<Slot {label} shown={shown ?? chosen?.name ?? value} class={more}>
  {#snippet children(close)}
    <p class="mb-1 text-soft">{label}</p>
    <RadioGroup.Root {value} onValueChange={(id) => (value = id as Id)} aria-label={label}>
      {#each options as option (option.id)}
        <RadioGroup.Item
          value={option.id}
          class="flex min-h-11 w-full items-center justify-between gap-3 border-b border-hair py-1 text-left last:border-0 data-[state=checked]:font-[620]"
          onclick={close}
        >
          {#snippet children({ checked })}
            <span
              >{option.name}{#if option.more}<span class="block text-[15px] font-normal text-soft"
                  >{option.more}</span
                >{/if}</span
            >
            {#if checked}<span aria-hidden="true" class="text-rim">●</span>{/if}
          {/snippet}
        </RadioGroup.Item>
      {/each}
    </RadioGroup.Root>
  {/snippet}
</Slot>
