<script lang="ts">
  import { goto } from '$app/navigation';
  import { filmFormat } from '@katachron/core';
  import type { Holder } from '$lib/nouns/holder/contract.ts';
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import Notches from '$lib/nouns/holder/Notches.svelte';
  import { tankLine } from '$lib/nouns/tank/form.ts';
  import Button from '$lib/kit/Button.svelte';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import ShelfList from '$lib/kit/ShelfList.svelte';
  import { shelfOf } from '$lib/kit/shelf.svelte.ts';

  const { data } = $props();
  const desk = useDesk();
  const holders = shelfOf<Holder>('/api/v1/holders');

  useKeys([
    { key: ' ', does: 'write a tank down', run: () => void goto('/film/tanks/new') },
    { key: 'h', does: 'write a holder down', run: () => void goto('/film/tanks/holders/new') },
    { key: 'Escape', does: 'back to the film', run: () => void goto('/film') },
  ]);
</script>

<svelte:head><title>Tanks and holders · Katachron</title></svelte:head>

<FilmPages />
<div class="grid grid-cols-1 gap-x-16 gap-y-10 lg:grid-cols-2">
  <ShelfList
    heading="Tanks"
    level={1}
    things={data.tanks}
    api="/api/v1/tanks"
    href="/film/tanks"
    line={(tank) => tankLine(tank, desk.volumeUnit)}
    make="New tank"
    keyHint="Space"
    main
  >
    {#snippet empty()}
      No tank yet. With its volumes the film page knows what covers the reels, and its drain time
      calls you to pour out in time.
    {/snippet}
  </ShelfList>
  <section aria-label="Holders">
    <div class="flex flex-wrap items-end justify-between gap-4">
      <h2 class="heading">Sheet holders</h2>
      <Button keyHint="H" href="/film/tanks/holders/new">New holder</Button>
    </div>
    {#if holders.problem}<p class="mt-3 text-trouble" role="alert">{holders.problem}</p>{/if}
    {#if holders.removed}
      <p class="mt-3" role="status">
        {holders.removed.name} was deleted.
        <button class="slot-in min-h-11 font-[600]" onclick={() => void holders.putBack()}
          >Undo</button
        >
      </p>
    {/if}
    <ul class="mt-4">
      {#each data.holders as holder (holder.id)}
        <li class="flex items-center gap-x-6 border-b border-hair py-2">
          <div class="min-w-0 flex-1">
            <p class="flex flex-wrap items-center gap-x-4 font-[560]">
              <a class="underline-offset-4 hover:underline" href="/film/tanks/holders/{holder.id}"
                >{holder.name}</a
              >
              <Notches notches={holder.notches} />
            </p>
            <p class="break-words text-[15px] text-soft">
              {[filmFormat(holder.format).name, holder.note].filter(Boolean).join('; ')}
            </p>
          </div>
          <button
            class="min-h-11 text-[15px] text-soft"
            aria-label="Delete {holder.name}"
            onclick={() => void holders.takeOff(holder)}>Delete</button
          >
        </li>
      {:else}
        <li class="reason">
          No holder yet. Notches cut in a holder’s flap show on the edge of its negatives, so every
          sheet tells later where it lay.
        </li>
      {/each}
    </ul>
  </section>
</div>
