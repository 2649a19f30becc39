<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { untrack } from 'svelte';
  import Button from '$lib/kit/Button.svelte';
  import { keysInForce } from '$lib/kit/keys/keys.svelte.ts';
  import { burnsFor, useBurning } from './burning.svelte.ts';

  /** A page that is left while a lamp burns says so on every other one, with the key that ends it. */
  const burning = useBurning();
  const keys = keysInForce();
  let nowMs = $state<number>();
  const elsewhere = $derived(
    burning.now && burning.now.href !== page.url.pathname + page.url.search
      ? burning.now
      : undefined,
  );
  const left = $derived(elsewhere && nowMs !== undefined ? burnsFor(elsewhere, nowMs) : 0);
  const burns = $derived(left > 0);

  $effect(() => {
    if (!elsewhere) return undefined;
    const look = () => (nowMs = Date.now());
    look();
    const timer = setInterval(look, 100);
    return () => clearInterval(timer);
  });
  $effect(() => {
    if (!burns) return undefined;
    return untrack(() =>
      keys.add([
        {
          key: 'x',
          does: 'the lamp that still burns is put out',
          run: putOut,
          always: true,
          first: true,
        },
      ]),
    );
  });

  function putOut() {
    const href = burning.putOut();
    if (href) void goto(href);
  }
</script>

{#if elsewhere && burns}
  <div
    class="not-printed sticky top-0 z-40 flex flex-wrap items-center gap-x-6 gap-y-1 border-b-[3px] border-rim bg-ground px-4 py-1 md:px-8"
    role="alert"
    aria-label="A lamp burns"
  >
    <p class="min-w-0 flex-1 text-lg font-[620] text-caution">
      The lamp burns over {elsewhere.name}:
      <span class="numeral-narrow text-[28px]" aria-live="off">{left.toFixed(1)}</span> s.
      <a class="slot-in font-normal" href={elsewhere.href}>Back to it</a>
    </p>
    <Button keyHint="X" onclick={putOut}>Lamp out</Button>
  </div>
{/if}
