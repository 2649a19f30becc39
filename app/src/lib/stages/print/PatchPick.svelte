<script lang="ts">
  import { enlargerSeconds } from '$lib/words/duration.ts';

  interface Props {
    /** What is looked for on it. */
    label: string;
    seconds: readonly number[];
    picked: number | null;
    timerStep: number;
    onpick: (index: number | null) => void;
  }
  const { label, seconds, picked, timerStep, onpick }: Props = $props();
</script>

<div role="group" aria-label={label} class="flex flex-wrap gap-2">
  {#each seconds as patch, index (index)}
    <button
      type="button"
      class="min-h-14 min-w-16 rounded-b-lg rounded-t-sm border-2 px-3 font-[600] {picked === index
        ? 'border-rim bg-rim text-on-rim'
        : 'border-hair'}"
      data-leaves-space
      aria-pressed={picked === index}
      onclick={() => onpick(picked === index ? null : index)}
      >{enlargerSeconds(patch, Math.max(timerStep, 0.1))}</button
    >
  {/each}
</div>
