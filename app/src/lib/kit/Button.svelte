<script lang="ts">
  import { onMount, untrack, type Snippet } from 'svelte';
  import { keysInForce } from './keys/keys.svelte.ts';

  interface Props {
    children: Snippet;
    onclick?: () => void;
    href?: string;
    /** The big one: filled, and always Space. */
    main?: boolean;
    /** For run views: read and hit from further away. */
    large?: boolean;
    /** In run views: large letters, in an outlined button. */
    touch?: boolean;
    keyHint?: string;
    disabled?: boolean;
    /** The numbers that belong to the big button: it says them wherever their own place is out of sight. */
    answer?: string | undefined;
  }
  const {
    children,
    onclick,
    href,
    main = false,
    large = false,
    touch = false,
    keyHint,
    disabled = false,
    answer,
  }: Props = $props();

  const keys = keysInForce();
  const settling = $derived(main && keys.settling);
  onMount(() => {
    // On the page that the server sent it was seen before this ran.
    if (main && document.documentElement.dataset.ready !== undefined) untrack(() => keys.settle());
  });

  function press() {
    if (!main || keys.mayPress()) onclick?.();
  }

  const look = $derived(
    [
      'inline-flex items-center justify-center gap-4 rounded-xl font-[600] text-balance',
      touch ? 'px-5 max-md:px-2 max-md:[font-stretch:80%]' : 'px-6',
      large
        ? 'min-h-[84px] text-[24px] low:min-h-14 tiny:min-h-14'
        : touch
          ? 'min-h-14 text-[22px] max-md:flex-1 low:min-h-11 low:px-2 low:text-[17px] tiny:min-h-11 tiny:text-[17px]'
          : 'min-h-14 low:min-h-11',
      main
        ? 'bg-rim text-on-rim disabled:bg-hair'
        : 'border-2 border-hair text-ink disabled:text-soft',
    ].join(' '),
  );
</script>

{#snippet face()}
  {@render children()}
  {#if keyHint}<kbd
      class="hidden font-sans text-[14px] font-normal opacity-90 md:inline pointer-coarse:hidden"
      >{keyHint}</kbd
    >{/if}
{/snippet}

{#snippet itself()}
  {#if href}
    <a {href} class={look}>{@render face()}</a>
  {:else}
    <button
      type="button"
      class={look}
      onclick={press}
      {disabled}
      aria-disabled={settling || undefined}>{@render face()}</button
    >
  {/if}
{/snippet}

{#if main}
  <!-- In a small or low window it stays at the foot of it. -->
  <span class="big"
    >{#if answer}<span class="big-answer numeral-narrow" data-testid="beside-button">{answer}</span
      >{/if}{@render itself()}</span
  >
{:else}
  {@render itself()}
{/if}
