<script lang="ts">
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import { degrees } from '$lib/words/temperature.ts';

  /** As read last. */
  const { temperatureC }: { temperatureC: number | undefined } = $props();
  const desk = useDesk();
</script>

<p
  class="flex h-7 items-center justify-between gap-4 border-t-[3px] border-rim text-[14px] leading-none text-soft"
>
  <span class="truncate">The sink is empty</span>
  {#if temperatureC !== undefined}
    <span class="whitespace-nowrap">{degrees(temperatureC, desk.preferences.unit)} read last</span>
  {/if}
</p>
