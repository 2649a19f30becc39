<script lang="ts">
  import { format } from 'date-fns';
  import { givenWords } from '../../nouns/print/given-words.ts';
  import type { ProofSheet } from '../../nouns/proof/contract.ts';
  import { setupWords } from './findings.ts';

  interface Props {
    sheets: readonly ProofSheet[];
    /** What happened to each in the trays, in words. */
    trays: Readonly<Record<string, string>>;
  }
  const { sheets, trays }: Props = $props();
</script>

{#if sheets.length > 0}
  <h2 class="heading mt-8">Proof sheets</h2>
  <ul class="mt-2">
    {#each [...sheets].reverse() as sheet (sheet.id)}
      <li class="border-b border-hair py-2 break-words">
        <p>{format(sheet.exposedAtMs, 'd MMMM yyyy, HH:mm')}</p>
        <p class="text-[15px] text-soft">
          {givenWords(sheet)}
        </p>
        {#if setupWords(sheet.setup)}
          <p class="text-[15px] text-soft">{setupWords(sheet.setup)}.</p>
        {/if}
        {#if trays[sheet.id]}
          <p class="text-[15px] text-soft">In the trays: {trays[sheet.id]}.</p>
        {/if}
      </li>
    {/each}
  </ul>
{/if}
