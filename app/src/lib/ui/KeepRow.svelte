<script lang="ts">
  import Button from './Button.svelte';

  interface Props {
    /** What is kept: "the tank". */
    what: string;
    back: string;
    problem: string | undefined;
  }
  const { what, back, problem }: Props = $props();
</script>

{#if problem}<p class="mb-3 text-trouble" role="alert">{problem}</p>{/if}
<div class="flex gap-3">
  <button class="min-h-14 rounded-xl bg-rim px-6 font-[600] text-on-rim">Keep {what}</button>
  <Button href={back}>Leave it</Button>
</div>
