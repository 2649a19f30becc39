<script lang="ts">
  import { goto } from '$app/navigation';
  import { enlargerLine } from '$lib/nouns/enlarger/form.ts';
  import { findingLine } from '$lib/stages/print/findings.ts';
  import { paperLine } from '$lib/nouns/paper/form.ts';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';
  import { shelfOf } from '$lib/kit/shelf.svelte.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import ShelfList from '$lib/kit/ShelfList.svelte';

  const { data } = $props();
  const findings = shelfOf<(typeof data.findings)[number]>('/api/v1/findings');

  useKeys([
    {
      key: ' ',
      does: 'write an enlarger down',
      run: () => void goto('/print/setup/enlargers/new'),
    },
    { key: 'p', does: 'write a paper down', run: () => void goto('/print/setup/papers/new') },
    { key: 'Escape', does: 'back to the print', run: () => void goto('/print') },
  ]);
</script>

<svelte:head><title>Enlargers and papers · Katachron</title></svelte:head>

<PrintPages />
<div class="grid grid-cols-1 gap-x-16 gap-y-10 lg:grid-cols-2">
  <ShelfList
    heading="Enlargers"
    level={1}
    things={data.enlargers}
    api="/api/v1/enlargers"
    href="/print/setup/enlargers"
    line={enlargerLine}
    make="New enlarger"
    keyHint="Space"
    main
  >
    {#snippet empty()}
      No enlarger yet. With one, its lamp’s lag, its timer and its lens come to every session; a
      bare lamp over a contact frame counts too.
    {/snippet}
  </ShelfList>
  <ShelfList
    heading="Papers"
    things={data.papers}
    api="/api/v1/papers"
    href="/print/setup/papers"
    line={paperLine}
    make="New paper"
    keyHint="P"
  >
    {#snippet empty()}
      No paper yet. Until one is measured, every answer rests on a usual paper and says so.
    {/snippet}
  </ShelfList>
  {#if data.findings.length > 0 || findings.removed}
    <section aria-label="Found for a set-up" class="lg:col-span-2">
      <h2 class="heading">Found for a set-up</h2>
      {#if findings.removed}
        <p class="mt-3" role="status">
          {findings.removed.name} is forgotten.
          <button class="slot-in min-h-11 font-[600]" onclick={() => void findings.putBack()}
            >Undo</button
          >
        </p>
      {/if}
      <ul class="mt-3">
        {#each data.findings as finding (finding.id)}
          <li class="flex items-center gap-x-6 border-b border-hair py-2">
            <p class="min-w-0 flex-1 break-words">
              <b class="font-[560]">{finding.name}</b>
              <span class="text-[15px] text-soft">{findingLine(finding)}</span>
            </p>
            <button
              class="min-h-11 text-[15px] text-soft"
              aria-label="Forget {finding.name}"
              onclick={() => void findings.takeOff(finding)}>Forget</button
            >
          </li>
        {/each}
      </ul>
    </section>
  {/if}
</div>
