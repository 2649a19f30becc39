<script lang="ts">
  import { onMount } from 'svelte';
  import { useDesk } from './desk.svelte.ts';

  const desk = useDesk();
  /** Known in the browser alone: one on the same machine is trusted without TLS. */
  let trusted = $state(true);
  onMount(() => {
    trusted = isSecureContext;
  });
</script>

{#if !trusted && !desk.preferences.untrustedTold}
  <aside class="mb-5 border-y border-hair py-3" aria-label="About an address without TLS">
    <p class="reason">
      This page came over the network without TLS (http). The browser then lets it neither keep the
      screen awake nor keep pages for when the server is lost: set this screen to stay on, and plan
      while the server answers. Clocks, sounds and the record work as always; whoever is on this
      network can read along.
    </p>
    <button
      class="mt-1 min-h-11 font-[600] underline decoration-hair underline-offset-4"
      onclick={() => desk.set({ untrustedTold: true })}>Understood</button
    >
  </aside>
{/if}
