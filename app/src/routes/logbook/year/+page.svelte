<script lang="ts">
  import { goto } from '$app/navigation';
  import Axes from '$lib/kit/Axes.svelte';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { yearView } from '$lib/stages/logbook/year.ts';

  const { data } = $props();
  const view = $derived(yearView(data.prints));
  const across = $derived(view.months.map(({ name, middle }) => ({ x: middle, label: name })));
  const has = (year: number) => data.years.includes(year);

  useKeys([
    { key: 'Escape', does: 'back to the logbook', run: () => void goto('/logbook') },
    {
      key: 'ArrowLeft',
      does: 'the year before',
      run: () => has(data.year - 1) && void goto(`/logbook/year?year=${data.year - 1}`),
    },
    {
      key: 'ArrowRight',
      does: 'the year after',
      run: () => has(data.year + 1) && void goto(`/logbook/year?year=${data.year + 1}`),
    },
  ]);
</script>

<svelte:head><title>{data.year} in figures · Katachron</title></svelte:head>

<p class="not-printed"><a class="slot-in text-soft" href="/logbook">Logbook</a></p>
<h1 class="heading mt-2">{data.year} in figures</h1>
<p class="not-printed mt-1 flex flex-wrap gap-x-5">
  {#each data.years.length > 1 || view.prints === 0 ? data.years : [] as year (year)}
    <a
      class="inline-flex min-h-11 items-center {year === data.year ? 'font-[620]' : 'text-soft'}"
      aria-current={year === data.year ? 'page' : undefined}
      href="/logbook/year?year={year}">{year}</a
    >
  {/each}
</p>

{#if view.prints === 0}
  <p class="reason mt-4">
    Nothing was printed in {data.year}. A print counts once a sheet of it was exposed.
  </p>
  <p class="mt-4"><Button main href="/print">Make a print</Button></p>
{:else}
  <div
    class="mt-4 grid grid-cols-1 gap-x-14 gap-y-8 lg:grid-cols-[minmax(0,0.8fr)_minmax(0,1.2fr)]"
  >
    <section aria-label="For a finished print">
      <div class="flex gap-x-12">
        <div>
          <p class="numeral text-[84px]" data-testid="strips">{view.strips?.toFixed(1)}</p>
          <p class="mt-2 text-soft">strips a print</p>
        </div>
        <div>
          <p class="numeral text-[84px]" data-testid="sheets">{view.sheets?.toFixed(1)}</p>
          <p class="mt-2 text-soft">sheets a print</p>
        </div>
      </div>
      {#if view.trend}<p class="reason mt-4">{view.trend}</p>{/if}
      <p class="mt-4">{view.prints} {view.prints === 1 ? 'print' : 'prints'}.</p>
      {#each view.sentences as sentence (sentence)}<p class="mt-1">{sentence}</p>{/each}
    </section>
    <section aria-label="Month by month">
      <div class="h-[260px] pb-7 pl-9">
        <svg class="size-full overflow-visible" role="img" aria-label={view.said}>
          <Axes up={view.up} {across} />
          {#each view.months as { name, stripsAt, sheetsAt, stripsHigh, sheetsHigh } (name)}
            <rect
              x="{stripsAt}%"
              width="2.4%"
              y="{100 - stripsHigh}%"
              height="{stripsHigh}%"
              class="fill-ink"
            />
            <rect
              x="{sheetsAt}%"
              width="2.4%"
              y="{100 - sheetsHigh}%"
              height="{sheetsHigh}%"
              stroke-width="1.5"
              class="fill-ground stroke-ink"
            />
          {/each}
        </svg>
      </div>
      <p class="pl-9 text-[15px] text-soft">
        A print of each month took: strips filled, sheets outlined.
      </p>
    </section>
  </div>
{/if}
