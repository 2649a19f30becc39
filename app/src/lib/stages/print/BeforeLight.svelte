<script lang="ts">
  import { beforeFiring } from '@katachron/core';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import { capital } from '$lib/words/capital.ts';
  import type { FireInHand } from './fire-in-hand.svelte.ts';

  interface Props {
    fire: FireInHand;
    /** The paper stands no light at all, red light neither. */
    dark: boolean;
  }
  const { fire, dark }: Props = $props();
  const desk = useDesk();
</script>

<h2 class="text-[40px] font-[600] leading-tight md:text-[60px] low:text-[24px] tiny:text-[24px]">
  Before the light
</h2>
<ul
  class="mt-4 grid grid-cols-1 gap-x-12 text-[26px] leading-relaxed md:grid-cols-2 md:text-[34px] low:mt-1 low:text-[20px] low:leading-snug tiny:mt-1 tiny:text-[20px] tiny:leading-snug"
>
  {#each beforeFiring as { id, name: thing } (id)}
    <li>
      {#if id === 'filter'}{capital(fire.line?.filter ?? 'filter')} in{:else}{thing}{/if}
    </li>
  {/each}
  {#if fire.mark}<li>On its back: {fire.mark}</li>{/if}
  {#if fire.lit}
    <li class="text-caution">The lamp is on to focus: no paper under it</li>
  {/if}
  {#if dark}
    <li class="text-caution">No light at all: switch to Dark, then go by ear, a tap a step</li>
  {:else if desk.light === 'white'}
    <li class="text-caution">This screen is white: R turns it red</li>
  {/if}
</ul>
