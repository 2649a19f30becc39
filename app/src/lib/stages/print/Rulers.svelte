<script lang="ts">
  import ScrapWords from './ScrapWords.svelte';
  import StopRuler from './StopRuler.svelte';
  import { useDesk } from '../../bench/desk/desk.svelte.ts';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  const { print }: { print: PrintInHand } = $props();
  const desk = useDesk();
  const { draft } = $derived(print);
  const view = $derived(print.view());
</script>

{#if view.strip?.patches.length === 1}
  <ScrapWords {print} />
{:else if view.ruler && view.strip}
  <div class="mt-4 md:mx-16">
    <StopRuler
      ruler={view.ruler}
      {view}
      at={print.rulerName('strip')}
      along={draft.along}
      light={desk.light}
      onpick={(where, position) => print.pick(where, position)}
    />
    {#if view.beside}
      <StopRuler
        ruler={view.beside.ruler}
        view={{ ...view.beside, timerStep: view.timerStep, set: view.set }}
        at={print.rulerName('beside')}
        along={draft.along}
        light={desk.light}
        onpick={(where, position) => print.pick(where, position, 'beside')}
      />
    {/if}
  </div>
{/if}
