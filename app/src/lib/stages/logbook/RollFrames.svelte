<script lang="ts">
  import Thumb from '../../nouns/picture/Thumb.svelte';
  import { type Part } from '../../nouns/picture/part.ts';

  interface Props {
    /** What was written down of the frames, and what of them is on the picture of the proof. */
    noted: readonly { readonly mark: string; readonly subject: string }[];
    parts: Record<string, Part>;
    rollId: string;
  }
  const { noted, parts, rollId }: Props = $props();
  const unnoted = $derived(
    Object.entries(parts).filter(([mark]) => !noted.some((frame) => frame.mark === mark)),
  );
</script>

{#if noted.length > 0}
  <ul class="mt-6" aria-label="Frames">
    {#each noted as frame, index (index)}
      {@const part = parts[frame.mark]}
      <li class="flex items-center gap-x-4 border-b border-hair py-1.5">
        <b class="w-14 shrink-0 font-[620]">{frame.mark}</b>
        {#if part}<Thumb of={part} class="h-12 w-16 shrink-0 text-center" />{/if}
        <span class="min-w-0 break-words">{frame.subject}</span>
      </li>
    {/each}
  </ul>
{/if}
{#if unnoted.length > 0}
  <section class="mt-6" aria-label="On the proof">
    <h2 class="text-lg font-[600]">
      <a class="slot-in" href="/print/proof/{rollId}">On the proof</a>
    </h2>
    <ul class="mt-2 grid grid-cols-4 gap-1.5 md:grid-cols-6">
      {#each unnoted as [mark, part] (mark)}
        <li class="text-center text-[14px] text-soft">
          <Thumb of={part} class="w-full" alt="Frame {mark}" /><span aria-hidden="true">{mark}</span
          >
        </li>
      {/each}
    </ul>
  </section>
{/if}
