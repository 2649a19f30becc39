<script lang="ts">
  import Button from '../../kit/Button.svelte';
  import type { Held } from '../../nouns/in-hand/held.svelte.ts';

  const { held }: { held: Held } = $props();
</script>

{#if held.conflict}
  <section class="mb-4 border-l-4 border-rim pl-4" aria-label="Changed on another device">
    <p class="font-[620] text-caution" role="alert">
      This print was changed on another device meanwhile. Nothing is lost: choose which one counts.
    </p>
    <ul class="mt-1">
      {#each held.differences as { name, here, there }, index (index)}
        <li>{name}: here {here}, there {there}</li>
      {/each}
    </ul>
    <div class="mt-2 flex flex-wrap gap-3">
      <Button onclick={() => void held.keepMine()}>Keep what is here</Button>
      <Button onclick={() => held.takeTheirs()}>Take what is there</Button>
    </div>
  </section>
{/if}
{#if held.problem}
  <p class="mb-3 text-trouble" role="alert">
    {held.problem.detail} It is kept in this browser until it can be stored.
  </p>
{/if}
{#if held.away}
  <p class="mb-3 text-caution" role="status">
    The server does not answer. All of this is kept in this browser, and sent as soon as it does.
  </p>
{/if}
