<script lang="ts">
  import { goto } from '$app/navigation';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { bathView } from '$lib/stages/chemistry/bath-view.ts';
  import ChemistryPages from '$lib/stages/chemistry/ChemistryPages.svelte';
  import Glance from '$lib/stages/chemistry/Glance.svelte';

  const { data } = $props();
  const desk = useDesk();
  const all = $derived(
    data.baths.map((bath) => ({
      bath,
      view: bathView(bath, data.entries[bath.id] ?? [], data.nowMs, desk.volumeUnit),
    })),
  );
  const standing = $derived(all.filter(({ view }) => view.verdict !== 'discarded'));
  const gone = $derived(all.filter(({ view }) => view.verdict === 'discarded'));

  useKeys([
    { key: ' ', does: 'write a bath down', run: () => void goto('/chemistry/baths/new') },
    { key: 'Escape', does: 'to the mix', run: () => void goto('/chemistry') },
  ]);
</script>

<svelte:head><title>Baths · Katachron</title></svelte:head>

{#snippet line({ bath, view }: (typeof all)[number])}
  <li class="border-b border-hair py-3">
    <a class="flex flex-wrap items-baseline gap-x-6 gap-y-1" href="/chemistry/baths/{bath.id}">
      <span class="w-36"><Glance {view} /></span>
      <span class="min-w-0 flex-1 basis-64">
        <span class="font-[560] break-words">{bath.name}</span>
        <span class="block text-[15px] break-words text-soft">{view.line}</span>
        <span class="block text-[15px] text-soft">{view.sentences.join(' ')}</span>
        {#each view.cautions as caution, index (index)}
          <span class="block text-[15px] text-caution">{caution}</span>
        {/each}
      </span>
    </a>
  </li>
{/snippet}

<ChemistryPages />
<div class="flex flex-wrap items-end justify-between gap-4">
  <h1 class="heading">Baths</h1>
  <Button main keyHint="Space" href="/chemistry/baths/new">New bath</Button>
</div>
<ul class="mt-3">
  {#each standing as one (one.bath.id)}{@render line(one)}
  {:else}
    <li class="reason">
      No bath stands mixed. Written down when it is mixed, a bath says how much went through it, how
      old it is, and when it is dead.
    </li>
  {/each}
</ul>
{#if data.baths.length > 0}
  <p class="mt-3 flex flex-wrap gap-x-5 text-[15px]">
    <a class="slot-in inline-flex min-h-11 items-center" href="/api/v1/baths/labels.pdf" download
      >Labels to print, PDF</a
    >
    <a class="slot-in inline-flex min-h-11 items-center" href="/api/v1/baths/discard.ics" download
      >Days to discard, for a calendar</a
    >
    <a class="slot-in inline-flex min-h-11 items-center" href="/api/v1/baths/ledger.csv" download
      >All ledgers, CSV</a
    >
  </p>
{/if}
{#if gone.length > 0}
  <h2 class="mt-6 font-[620]">Discarded</h2>
  <ul>
    {#each gone as one (one.bath.id)}{@render line(one)}{/each}
  </ul>
{/if}
