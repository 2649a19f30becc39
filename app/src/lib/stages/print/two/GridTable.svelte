<script lang="ts">
  import type { TwoView } from './two-view.ts';

  interface Props {
    view: TwoView;
    /** "0 2": the strip and the part of it that is right. */
    picked: string;
    onpick: (picked: string) => void;
  }
  const { view, picked, onpick }: Props = $props();
</script>

<table class="mt-2 w-full max-w-2xl text-left">
  <caption class="sr-only">What each cell is expected to have at the place</caption>
  <thead class="text-[15px] text-soft">
    <tr>
      <th class="font-normal">A, s</th>
      {#each view.headB as seconds (seconds)}<th class="font-normal">B {seconds} s</th>{/each}
    </tr>
  </thead>
  <tbody>
    {#each view.cells as row, at (at)}
      <tr class="border-b border-hair">
        <th scope="row" class="py-1 text-[22px] font-[620]">{view.headA[at]}</th>
        {#each row as { a, b, density, word } (b)}
          <td class="py-1 pr-2">
            {#if view.open}
              <button
                type="button"
                class="min-h-14 w-full rounded-xl border-2 border-hair px-2 aria-pressed:border-rim aria-pressed:bg-rim aria-pressed:text-on-rim"
                data-leaves-space
                aria-label="A {view.headA[a]} s, B {view.headB[b]} s: {density}, {word}"
                aria-pressed={picked === `${a} ${b}`}
                onclick={() => onpick(`${a} ${b}`)}
              >
                <span class="block text-[22px] font-[620]">{density}</span>
                <span class="block text-[15px]">{word}</span>
              </button>
            {:else}
              <span class="block text-[22px] font-[620]">{density}</span>
              <span class="block text-[15px] text-soft">{word}</span>
            {/if}
          </td>
        {/each}
      </tr>
    {/each}
  </tbody>
</table>
