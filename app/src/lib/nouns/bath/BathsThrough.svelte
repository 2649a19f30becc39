<script lang="ts">
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import { NO_BATH, standingWords, type PlacedBath } from './standing.ts';
  import type { BathPlaceId } from './places.ts';

  interface Props {
    placed: readonly PlacedBath[];
    /** What to be told before one of them is poured. */
    cautions: readonly string[];
    choose: (place: BathPlaceId, id: string) => void;
  }
  const { placed, cautions, choose }: Props = $props();
</script>

{#if placed.length > 0}
  <p class="mt-2 text-soft" data-testid="through">
    It goes through
    {#each placed as { place, placeName, bath, offered }, index (place)}
      {index === 0 ? '' : '; '}{placeName}
      <SlotChoice
        label="Bath for the {placeName}"
        bind:value={() => bath?.id ?? NO_BATH, (id) => choose(place, id)}
        options={[
          { id: NO_BATH, name: 'none written down' },
          ...offered.map((one) => ({ id: one.id, name: one.name, more: standingWords(one) })),
        ]}
      />{#if bath}<span class="text-[15px]">, {standingWords(bath)}</span>{/if}
    {/each}.
  </p>
  {#each cautions as sentence, index (index)}
    <p class="mt-1 text-caution" role="status">{sentence}</p>
  {/each}
{/if}
