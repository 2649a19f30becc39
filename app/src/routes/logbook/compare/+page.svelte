<script lang="ts">
  import { goto } from '$app/navigation';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { compared } from '$lib/stages/logbook/compare.ts';

  const { data } = $props();
  const lines = $derived(compared(data.a, data.b));
  const different = $derived(lines.filter(({ differs }) => differs).length);

  useKeys([{ key: 'Escape', does: 'back to the logbook', run: () => void goto('/logbook') }]);
</script>

<svelte:head><title>Two prints · Katachron</title></svelte:head>

<p class="not-printed"><a class="slot-in text-soft" href="/logbook">Logbook</a></p>
<h1 class="heading mt-2">Two prints side by side</h1>
<p class="mt-1 text-soft">
  {different === 0
    ? 'They are the same in all that is written down.'
    : `What differs is bold: ${different} of ${lines.length}.`}
</p>
<table class="mt-5 w-full table-fixed border-collapse text-left">
  <thead>
    <tr class="border-b border-hair">
      <th class="w-[26%] py-2 font-normal text-soft" scope="col">Print</th>
      {#each [data.a, data.b] as print, index (index)}
        <th class="break-words py-2 pr-4 font-[620]" scope="col">
          <a class="slot-in" href="/logbook/prints/{print.id}">{print.title}</a>
        </th>
      {/each}
    </tr>
  </thead>
  <tbody>
    {#each lines as { what, a, b, differs } (what)}
      <tr class="border-b border-hair align-top">
        <th class="py-2 pr-3 font-normal text-soft" scope="row">{what}</th>
        <td class="break-words py-2 pr-4 {differs ? 'font-[620]' : ''}">{a}</td>
        <td class="break-words py-2 pr-4 {differs ? 'font-[620]' : ''}">{b}</td>
      </tr>
    {/each}
  </tbody>
</table>
