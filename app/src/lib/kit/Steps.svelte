<script lang="ts">
  /** What is done, in its order. */
  const { steps }: { steps: readonly string[] } = $props();
  const numbered = $derived(steps.map((step, at) => ({ step, number: at + 1 })));
</script>

<ol>
  {#each numbered as { step, number } (number)}
    <li class="flex gap-3 border-b border-hair py-1.5">
      <span class="font-[620]">{number}</span><span>{step}</span>
    </li>
  {/each}
</ol>
