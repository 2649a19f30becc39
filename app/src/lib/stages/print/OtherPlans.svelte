<script lang="ts">
  import { get } from '../../kit/client.ts';
  import { MOST_AREAS } from '../../nouns/print/limits.ts';
  import { plainStops, signedStops } from '../../words/fraction.ts';
  import { typedAmount } from './area-amount.ts';
  import type { OtherPlan } from './other-plans.server.ts';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  const { print }: { print: PrintInHand } = $props();
  const { draft } = $derived(print);
  let plans = $state.raw<readonly OtherPlan[]>();
  let problem = $state<string>();

  async function look() {
    const asked = new URLSearchParams({ negative: draft.negative, but: print.held.id });
    const outcome = await get<{ plans: OtherPlan[] }>(`/api/v1/plans?${asked}`);
    problem = outcome.problem?.detail;
    plans = outcome.value?.plans;
  }

  function take({ stops, widerStops, ...area }: OtherPlan['areas'][number]) {
    if (draft.areas.length >= MOST_AREAS) return;
    const wider = widerStops === undefined ? {} : { wider: plainStops(widerStops) };
    draft.areas = [...draft.areas, { ...area, stops: typedAmount(stops), ...wider }];
  }
</script>

{#if draft.negative.trim() !== ''}
  <button class="slot-in min-h-11 text-soft" onclick={() => void look()}
    >Areas of other prints of it</button
  >
{/if}
{#if problem}<p class="w-full text-trouble" role="alert">{problem}</p>{/if}
{#if plans}
  <div class="w-full text-[15px] text-soft" role="group" aria-label="Areas of other prints">
    {#each plans as { id, title, paper, areas } (id)}
      <p class="mt-1 break-words">
        {title || 'A print without a name'}{paper && ` on ${paper}`}:
        {#each areas as area, index (index)}
          <button
            class="slot-in mr-2 min-h-11"
            aria-label="Take over {area.name || 'the area'} {signedStops(area.stops)}"
            disabled={draft.areas.length >= MOST_AREAS}
            onclick={() => take(area)}>{area.name || 'the area'} {signedStops(area.stops)}</button
          >
        {/each}
      </p>
    {:else}
      <p class="mt-1">No other print of this negative has areas.</p>
    {/each}
  </div>
{/if}
