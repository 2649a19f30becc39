<script lang="ts">
  import type { Roll } from '../../nouns/roll/contract.ts';

  interface Props {
    roll: Pick<Roll, 'id' | 'exposed'>;
    finished: boolean;
    /** What was found from it. */
    tests: readonly { readonly id: string; readonly name: string }[];
  }
  const { roll, finished, tests }: Props = $props();
  const test = $derived(roll.exposed?.test);
</script>

{#each tests as { id, name } (id)}
  <p class="mt-1 break-words text-soft">
    It was a test: <a class="slot-in font-[600]" href="/calibrate/found/{id}">{name}</a>.
  </p>
{/each}
{#if test && tests.length === 0}
  <p class="mt-1 text-soft">
    It was exposed for a test.
    {#if finished}
      <a class="slot-in not-printed font-[600]" href="/calibrate/{test}?roll={roll.id}"
        >Write down what is seen on it</a
      >
    {/if}
  </p>
{/if}
