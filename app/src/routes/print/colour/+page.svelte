<script lang="ts">
  import { goto } from '$app/navigation';
  import { format } from 'date-fns';
  import { put } from '$lib/kit/client.ts';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { newId } from '$lib/kit/new-id.ts';
  import type { ColourPrintBody } from '$lib/nouns/colour-print/contract.ts';
  import { colourListLine, newestFirst } from '$lib/stages/print/colour/list.ts';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';

  const { data } = $props();
  const prints = $derived(newestFirst(data.prints));
  let problem = $state<string>();
  let sent: { readonly id: string; readonly body: ColourPrintBody } | undefined;

  useKeys([
    { key: ' ', does: 'begin a colour print', run: () => void begin() },
    { key: 'Escape', does: 'back to the prints in hand', run: () => void goto('/print') },
  ]);

  /** In the set-up of the last one, as long as it is not said otherwise. */
  async function begin() {
    const { enlarger = '', setup = '', paper = '', box = '', correction } = prints[0] ?? {};
    sent ??= {
      id: newId(),
      body: {
        ...{ name: `Colour print of ${format(Date.now(), 'd MMMM')}`, negative: '' },
        ...{ enlarger, setup, paper, box, tests: [], note: '' },
        ...(correction && { correction }),
      },
    };
    const outcome = await put(`/api/v1/colour-prints/${sent.id}`, sent.body);
    problem = outcome.problem?.detail;
    if (outcome.value) await goto(`/print/colour/${sent.id}`);
  }
</script>

<svelte:head><title>Colour prints · Katachron</title></svelte:head>

<PrintPages />
<div class="flex flex-wrap items-end justify-between gap-4">
  <h1 class="heading">Colour prints</h1>
  <Button main keyHint="Space" onclick={() => void begin()}>New colour print</Button>
</div>
{#if problem}<p class="mt-3 text-trouble" role="alert">{problem}</p>{/if}
<ul class="mt-3">
  {#each prints as print (print.id)}
    <li class="border-b border-hair py-2">
      <a class="block" href="/print/colour/{print.id}">
        <span class="line-clamp-2 break-words text-xl font-[560]">{print.name}</span>
        <span class="block break-words text-[15px] text-soft"
          >{colourListLine(print, data.enlargers)}</span
        >
      </a>
    </li>
  {:else}
    <li class="reason">
      From a colour negative on colour paper, in a drum: a filter pack and a time, a sheet, a look
      at it dry, and the next pack. Each print keeps all its sheets.
    </li>
  {/each}
</ul>
