<script lang="ts">
  import { get } from '../../kit/client.ts';
  import { onEnter } from '../../kit/on-enter.ts';
  import type { Negative } from '../../nouns/negative/contract.ts';

  import Thumb from '../../nouns/picture/Thumb.svelte';

  interface Props {
    /** What stands there; it is no search. */
    value: string;
    typed: string;
    onchoose: (name: string) => void;
  }
  let { value, typed = $bindable(), onchoose }: Props = $props();
  const ASK_AFTER_MS = 150;
  const id = $props.id();
  let list = $state.raw<readonly Negative[]>([]);
  const words = $derived(typed.trim() === value ? '' : typed.trim());

  // Asked once nothing more was typed for a moment; an answer to other words than those of now is none.
  $effect(() => {
    const asked = words;
    const ask = async () => {
      const path = `/api/v1/negatives-to-print?q=${encodeURIComponent(asked)}`;
      const found = await get<{ negatives: Negative[] }>(path);
      if (found.value && asked === words) list = found.value.negatives;
    };
    const timer = setTimeout(() => void ask(), asked === '' ? 0 : ASK_AFTER_MS);
    return () => clearTimeout(timer);
  });
</script>

<label class="block text-soft" for={id}>Negative</label>
<input
  {id}
  class="field w-full text-xl"
  bind:value={typed}
  maxlength={80}
  autocomplete="off"
  spellcheck="false"
  onkeydown={onEnter(() => onchoose(typed))}
/>
<p class="mt-1 text-[15px] text-soft">
  Roll and frame, as F-031 / 14. Words find a frame of a developed roll; anything else may stand
  here too, as one from an old box.
</p>
<ul class="mt-1" aria-label="Negatives to print">
  {#each list as { name, rating, about, picture }, index (index)}
    <li>
      <button
        type="button"
        class="flex min-h-11 w-full items-center gap-3 border-b border-hair py-1 text-left break-words {name ===
        value
          ? 'font-[620]'
          : ''}"
        onclick={() => onchoose(name)}
      >
        {#if picture}<Thumb of={picture} class="h-12 w-16 shrink-0 text-center" />{/if}
        <span class="min-w-0">
          {name}{rating ? `, ${rating}` : ''}
          {#if about}<span class="block text-[15px] font-normal text-soft">{about}</span>{/if}
        </span>
      </button>
    </li>
  {/each}
</ul>
