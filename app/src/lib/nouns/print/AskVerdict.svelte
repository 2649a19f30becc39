<script lang="ts">
  import { startOfDay } from 'date-fns';
  import { onMount } from 'svelte';
  import { get } from '../../kit/client.ts';
  import { keepList, keptList } from '../../kit/kept-list.ts';
  import { plainList } from '../../words/list.ts';

  interface Unjudged {
    readonly id: string;
    readonly title: string;
    readonly marks: readonly string[];
  }

  /** It is looked at in viewing light alone. */
  const { white }: { white: boolean } = $props();
  const KEY = 'katachron-asked-for-verdicts';
  let found = $state.raw<readonly Unjudged[]>([]);

  // Once a day, on the first page that is opened.
  onMount(() => {
    const today = startOfDay(Date.now()).getTime();
    const asked = keptList(KEY, (entry) => typeof entry === 'number');
    if (!white || asked.includes(today)) return;
    void get<{ prints: Unjudged[] }>(`/api/v1/prints-to-judge?before=${today}`).then(
      ({ value }) => {
        if (!value) return;
        keepList(KEY, [today]);
        found = value.prints;
      },
    );
  });
</script>

{#if white && found.length > 0}
  <div
    class="not-printed mb-4 flex flex-wrap items-baseline gap-x-6 border-b border-hair pb-2"
    role="group"
    aria-label="Prints to judge"
  >
    <p class="min-w-0 break-words">
      Dry by now, and not judged in viewing light yet:
      {#each found as { id, title, marks }, index (id)}
        {index > 0 ? '; ' : ''}<a
          class="slot-in"
          href="/logbook/prints/{id}"
          onclick={() => (found = found.filter((other) => other.id !== id))}>{title}</a
        >, {marks.length > 1 ? 'sheets' : 'sheet'}
        {plainList(marks)}{/each}.
    </p>
    <button
      class="ml-auto min-h-11 text-soft underline decoration-hair"
      onclick={() => (found = [])}>Later</button
    >
  </div>
{/if}
