<script lang="ts">
  import type { Snippet } from 'svelte';

  interface Props {
    children: Snippet;
    onclick?: () => void;
    href?: string;
    /** The big one: filled, and always Space. */
    main?: boolean;
    /** For run views: read and hit from further away. */
    large?: boolean;
    keyHint?: string;
    disabled?: boolean;
  }
  const {
    children,
    onclick,
    href,
    main = false,
    large = false,
    keyHint,
    disabled = false,
  }: Props = $props();

  const look = $derived(
    [
      'inline-flex items-center justify-center gap-4 rounded-xl px-6 font-[600] text-balance',
      large ? 'min-h-[84px] text-[22px]' : 'min-h-14',
      main
        ? 'bg-rim text-on-rim disabled:bg-hair'
        : 'border-2 border-hair text-ink disabled:text-soft',
    ].join(' '),
  );
</script>

{#snippet face()}
  {@render children()}
  {#if keyHint}<kbd class="hidden font-sans text-[13px] font-normal opacity-90 md:inline"
      >{keyHint}</kbd
    >{/if}
{/snippet}

{#if href}
  <a {href} class={look}>{@render face()}</a>
{:else}
  <button type="button" class={look} {onclick} {disabled}>{@render face()}</button>
{/if}
