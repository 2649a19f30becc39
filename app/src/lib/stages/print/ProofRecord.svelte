<script lang="ts">
  import type { ProofInHand } from './proof-in-hand.svelte.ts';

  const { proof }: { proof: ProofInHand } = $props();
</script>

{#if proof.unsent.length > 0}
  <p class="mt-2 text-caution" role="status">
    The proof of {proof.unsent[0]?.rollTitle} is not in the record yet. {proof.trouble ?? ''}
    <button class="min-h-11 underline decoration-hair" onclick={() => void proof.send()}
      >Write it down now</button
    >
  </p>
{:else if proof.last?.rollId}
  <p class="mt-2 text-soft" role="status">
    The last proof is
    <a class="underline" href="/print/proof/{proof.last.rollId}">with its roll</a>.
  </p>
{/if}
