<script lang="ts">
  import { lampSwitches } from '@katachron/core';
  import { format } from 'date-fns';
  import type { ProofSheet } from '../../nouns/proof/contract.ts';

  interface Props {
    sheets: readonly ProofSheet[];
    /** What happened to each in the trays, in words. */
    trays: Readonly<Record<string, string>>;
  }
  const { sheets, trays }: Props = $props();
  const by = (id: string | undefined) => lampSwitches.find((one) => one.id === id)?.name;
</script>

{#if sheets.length > 0}
  <h2 class="heading mt-8">Proof sheets</h2>
  <ul class="mt-2">
    {#each [...sheets].reverse() as sheet (sheet.id)}
      <li class="border-b border-hair py-2 break-words">
        <p>{format(sheet.exposedAtMs, 'd MMMM yyyy, HH:mm')}</p>
        <p class="text-[15px] text-soft">
          {sheet.firings
            .map(({ hands, filter, seconds }) => `${hands}, ${seconds} s, ${filter}`)
            .join('; ')}.{#if by(sheet.switchedBy)}
            By {by(sheet.switchedBy)}.{/if}
        </p>
        {#if sheet.madeIn}<p class="text-[15px] text-soft">{sheet.madeIn}.</p>{/if}
        {#if trays[sheet.id]}
          <p class="text-[15px] text-soft">In the trays: {trays[sheet.id]}.</p>
        {/if}
      </li>
    {/each}
  </ul>
{/if}
