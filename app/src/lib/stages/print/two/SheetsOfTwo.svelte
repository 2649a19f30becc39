<script lang="ts">
  import { format } from 'date-fns';
  import type { SheetOfTwo } from '../../../nouns/two-negatives/contract.ts';

  interface Props {
    sheets: readonly SheetOfTwo[];
    ontakeback: () => void;
  }
  const { sheets, ontakeback }: Props = $props();
  type Exposure = SheetOfTwo['a'];
  const words = ({ atMs, firings }: Exposure) =>
    `${firings.map(({ seconds }) => `${seconds} s`).join(' + ')} at ${format(atMs, 'HH:mm, d MMM')}`;
</script>

{#if sheets.length > 0}
  <section class="mt-5" aria-label="Sheets">
    <h2 class="text-xl font-[620]">Sheets</h2>
    <ul class="text-[15px] text-soft">
      {#each sheets as { number, a, b } (number)}
        <li class="border-b border-hair py-1">
          <span class="font-[620] text-ink">Sheet {number}</span>: A {words(a)}; {b
            ? `B ${words(b)}`
            : 'B is still to come: it lies in the dark'}
        </li>
      {/each}
    </ul>
    <button class="slot-in mt-1 min-h-11 font-[600]" type="button" onclick={ontakeback}
      >Take the last exposure back</button
    >
  </section>
{/if}
