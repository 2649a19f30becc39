<script lang="ts">
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import { leftOf, type StandingBath } from '$lib/nouns/bath/standing.ts';
  import ShareBar from '$lib/kit/ShareBar.svelte';
  import { degrees } from '$lib/words/temperature.ts';

  interface Props {
    bath: StandingBath | undefined;
    /** As last read. */
    temperatureC: number | undefined;
  }
  const { bath, temperatureC }: Props = $props();
  const desk = useDesk();
  const left = $derived(bath && leftOf(bath));
  const words = $derived([
    ...(bath && left !== undefined ? [`${Math.round(100 * left)} % left`] : []),
    ...(bath ? [bath.ageDays === 0 ? 'of today' : `${bath.ageDays} d old`] : []),
    ...(temperatureC === undefined ? [] : [degrees(temperatureC, desk.preferences.unit)]),
  ]);
</script>

{#if bath}
  <p class="mt-1 truncate text-[14px] leading-tight text-soft" title={bath.name}>{bath.name}</p>
  {#if left !== undefined}
    <ShareBar share={left} class="mt-0.5 w-full max-w-28" />
  {/if}
{/if}
{#if words.length > 0}
  <p class="truncate text-[14px] leading-tight text-soft">{words.join(', ')}</p>
{/if}
