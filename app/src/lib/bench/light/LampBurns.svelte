<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import Button from '$lib/kit/Button.svelte';
  import { untrack } from 'svelte';
  import { keysInForce } from '$lib/kit/keys/keys.svelte.ts';
  import { useBurning } from './burning.svelte.ts';

  /** A page that is left while a lamp burns says so on every other one, with the key that ends it. */
  const burning = useBurning();
  const keys = keysInForce();
  let nowMs = $state(0);
  const elsewhere = $derived(
    burning.now && burning.now.href !== page.url.pathname + page.url.search
      ? burning.now
      : undefined,
  );
  const left = $derived(
    elsewhere && elsewhere.outAtMs === undefined
      ? elsewhere.seconds - Math.max(0, (nowMs - elsewhere.litAtMs) / 1000)
      : 0,
  );
  const burns = $derived(nowMs > 0 && left > 0);

  $effect(() => {
    if (!elsewhere) return undefined;
    const look = () => (nowMs = Date.now());
    look();
    const timer = setInterval(look, 100);
    return () => clearInterval(timer);
  });
  $effect(() => {
    // Put on anew on each page, so that it comes before the page's own X.
    if (!burns || page.url.href === '') return undefined;
    return untrack(() =>
      keys.add([
        { key: 'x', does: 'the lamp that still burns is put out', run: putOut, always: true },
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
