<script lang="ts">
  import { useDesk } from '../desk/desk.svelte.ts';

  const desk = useDesk();
</script>

{#if desk.light === 'red' && !desk.preferences.redTold}
  <aside class="mb-5 border-y border-hair py-3" aria-label="About red screens">
    <p class="reason">
      No screen is a certified safelight. Test yours: flash a piece of paper to its threshold, lay a
      coin on it and leave it under this screen for 2 to 16 minutes. The longest time that shows
      nothing, halved, is how long paper may lie here. White comes back only by holding it for a
      second.
    </p>
    <button
      class="mt-1 min-h-11 font-[600] underline decoration-hair underline-offset-4"
      onclick={() => desk.set({ redTold: true })}>Understood</button
    >
  </aside>
{/if}
