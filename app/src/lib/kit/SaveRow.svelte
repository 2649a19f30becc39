<script lang="ts">
  import type { Snippet } from 'svelte';
  import Button from './Button.svelte';

  interface Props {
    back: string;
    problem: string | undefined;
    /** More that can be done with what is on the page. */
    children?: Snippet;
  }
  const { back, problem, children }: Props = $props();
</script>

<!-- Stays in sight while a long form is scrolled. -->
<div class="in-sight mt-6">
  {#if problem}<p class="mb-3 text-trouble" role="alert">{problem}</p>{/if}
  <div class="flex flex-wrap gap-3">
    <button class="min-h-14 rounded-xl bg-rim px-6 font-[600] text-on-rim">Save</button>
    <Button href={back}>Cancel</Button>
    {@render children?.()}
  </div>
</div>
