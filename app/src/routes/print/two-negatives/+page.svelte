<script lang="ts">
  import { goto } from '$app/navigation';
  import { format } from 'date-fns';
  import Button from '$lib/kit/Button.svelte';
  import { put } from '$lib/kit/client.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { newId } from '$lib/kit/new-id.ts';
  import type { TwoNegativesBody } from '$lib/nouns/two-negatives/contract.ts';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';
  import { newestTwo, twoListLine } from '$lib/stages/print/two/list.ts';
  import { emptyTwo } from '$lib/stages/print/two/empty.ts';

  const { data } = $props();
  let problem = $state<string>();
  let sent: { readonly id: string; readonly body: TwoNegativesBody } | undefined;

  useKeys([
    { key: ' ', does: 'begin a print of two negatives', run: () => void begin() },
    { key: 'Escape', does: 'back to the prints in hand', run: () => void goto('/print') },
  ]);

  async function begin() {
    sent ??= { id: newId(), body: emptyTwo(`Two negatives of ${format(Date.now(), 'd MMMM')}`) };
    const outcome = await put(`/api/v1/two-negatives/${sent.id}`, sent.body);
    problem = outcome.problem?.detail;
    if (outcome.value) await goto(`/print/two-negatives/${sent.id}`);
  }
</script>

<svelte:head><title>Two negatives · Katachron</title></svelte:head>

<PrintPages />
<div class="flex flex-wrap items-end justify-between gap-4">
  <h1 class="heading">Two negatives on one sheet</h1>
  <Button main keyHint="Space" onclick={() => void begin()}>New print of two</Button>
</div>
{#if problem}<p class="mt-3 text-trouble" role="alert">{problem}</p>{/if}
<ul class="mt-3">
  {#each newestTwo(data.prints) as print (print.id)}
    <li class="border-b border-hair py-2">
      <a class="block" href="/print/two-negatives/{print.id}">
        <span class="line-clamp-2 break-words text-xl font-[560]">{print.name}</span>
        <span class="block break-words text-[15px] text-soft">{twoListLine(print)}</span>
      </a>
    </li>
  {:else}
    <li class="reason">
      Light of two negatives adds on one sheet. First each alone by a strip, then both in a grid:
      two times of the one, three of the other across.
    </li>
  {/each}
</ul>
