<script lang="ts">
  import type { Proof } from '../../nouns/proof/contract.ts';

  interface Props {
    rolls: readonly { readonly id: string; readonly title: string }[];
    proofs: readonly Proof[];
  }
  const { rolls, proofs }: Props = $props();
  const ratedIn = $derived(new Map(proofs.map((proof) => [proof.id, proof.frames])));
  const picks = (id: string) =>
    (ratedIn.get(id) ?? []).filter(({ rating }) => rating === 'pick').length;
</script>

<section aria-label="Rolls to rate">
  <h2 class="heading">Rate the frames</h2>
  <ul class="mt-3">
    {#each rolls as roll (roll.id)}
      <li class="border-b border-hair py-2">
        <a
          class="break-words font-[560] underline-offset-4 hover:underline"
          href="/print/proof/{roll.id}">{roll.title}</a
        >
        <p class="text-[15px] text-soft">
          {picks(roll.id) > 0
            ? `${picks(roll.id)} to print`
            : ratedIn.has(roll.id)
              ? 'rated, nothing to print'
              : 'not rated yet'}
        </p>
      </li>
    {:else}
      <li class="reason">
        No roll came out of the tank yet. When one does, its frames stand here.
      </li>
    {/each}
  </ul>
</section>
