<script lang="ts">
  import { goto } from '$app/navigation';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import VolumeSwitch from '$lib/bench/desk/VolumeSwitch.svelte';
  import { keptState } from '$lib/kit/kept-state.svelte.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import ShareBar from '$lib/kit/ShareBar.svelte';
  import ShelfList from '$lib/kit/ShelfList.svelte';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import SlotText from '$lib/kit/SlotText.svelte';
  import { USUAL_SIZE, paperSize, paperSizes, type PaperSizeId } from '$lib/nouns/paper/sizes.ts';
  import ChemistryPages from '$lib/stages/chemistry/ChemistryPages.svelte';
  import { stockView } from '$lib/stages/chemistry/stock-view.ts';

  const { data } = $props();
  const desk = useDesk();
  const form = keptState('katachron-evening', { prints: '4', size: USUAL_SIZE as string });
  const size = $derived(
    paperSizes.some(({ id }) => id === form.size) ? (form.size as PaperSizeId) : USUAL_SIZE,
  );
  const prints = $derived(/^\d{1,3}$/.test(form.prints.trim()) ? Number(form.prints) : undefined);
  const view = $derived.by(() => {
    const { widthCm, heightCm } = paperSize(size);
    const { waiting, recipes, stands } = data;
    return stockView(
      data,
      {
        ...{ waiting, recipes, standing: stands },
        ...{ prints: prints ?? 0, printCm2: widthCm * heightCm },
      },
      desk.volumeUnit,
      data.nowMs,
    );
  });
  const lineOf = (id: string) => view.lines.find((line) => line.id === id);

  useKeys([
    { key: ' ', does: 'put something in', run: () => void goto('/chemistry/cupboard/new') },
    { key: 'Escape', does: 'to the mix', run: () => void goto('/chemistry') },
  ]);
</script>

<svelte:head><title>Cupboard · Katachron</title></svelte:head>

<ChemistryPages />
<div class="grid grid-cols-1 gap-x-14 gap-y-6 lg:grid-cols-[minmax(0,1fr)_380px]">
  <ShelfList
    heading="Cupboard"
    level={1}
    things={data.substances}
    api="/api/v1/substances"
    href="/chemistry/cupboard"
    line={({ id }) => lineOf(id)?.what ?? ''}
    make="Put something in"
    keyHint="Space"
    main
  >
    {#snippet lead({ id })}
      {@const line = lineOf(id)}
      <div class="w-full md:w-44">
        <p class="numeral text-[34px]">{line?.amount}</p>
        <p class="text-[15px] text-soft">{line?.left}</p>
        {#if line?.share !== undefined}<ShareBar share={line.share} class="mt-1 w-40" />{/if}
      </div>
    {/snippet}
    {#snippet about({ id })}
      {@const line = lineOf(id)}
      {#if line}
        {#each line.sentences as sentence, index (index)}
          <p class="text-[15px] break-words text-soft">{sentence}</p>
        {/each}
        {#each line.cautions as sentence, index (index)}
          <p class="text-[15px] break-words text-caution">{sentence}</p>
        {/each}
        <p class="flex flex-wrap gap-x-5 text-[15px]">
          <a class="slot-in inline-flex min-h-11 items-center" href="/chemistry/baths/new?of={id}"
            >Mix a bath of it</a
          >
          {#if line.dataSheet}
            <a
              class="slot-in inline-flex min-h-11 items-center"
              href={line.dataSheet}
              rel="external noreferrer">Its safety data sheet</a
            >
          {/if}
        </p>
      {/if}
    {/snippet}
    {#snippet empty()}
      Nothing in it yet. Written down once, with what its data sheet says, a bottle fills in the
      baths that are mixed from it, and says when it runs out.
    {/snippet}
  </ShelfList>
  <section aria-label="This evening" aria-live="polite">
    <h2 class="font-[620]">This evening</h2>
    <p class="mt-1 leading-relaxed text-soft">
      {data.waiting.length === 0
        ? 'No roll waits'
        : data.waiting.length === 1
          ? 'One roll waits'
          : `${data.waiting.length} rolls wait`} for the sink, and
      <SlotText
        label="How many prints"
        bind:value={form.prints}
        empty="how many"
        numeric
        maxlength={3}
        trouble={prints === undefined ? 'Type how many prints, for example 4.' : undefined}
      />
      prints of
      <SlotChoice
        label="Size of the prints"
        bind:value={() => size, (id) => (form.size = id)}
        options={paperSizes}
      />. Volumes <VolumeSwitch />
    </p>
    {#if prints === undefined}
      <p class="mt-1 text-trouble" role="alert">Type how many prints, for example 4.</p>
    {/if}
    <h2 class="mt-4 font-[620]">To buy</h2>
    <ul data-testid="shopping">
      {#each view.shopping as line, index (index)}
        <li class="border-b border-hair py-1.5">{line}</li>
      {:else}
        <li class="text-soft">
          {data.substances.length === 0
            ? 'What runs out stands here.'
            : 'Nothing runs out this evening, by what is written down.'}
        </li>
      {/each}
    </ul>
    {#if view.costs.length > 0}
      <h2 class="mt-4 font-[620]">What it costs, by the ledgers</h2>
      <ul data-testid="costs">
        {#each view.costs as { id, name, words } (id)}
          <li class="border-b border-hair py-1.5">
            <a class="slot-in" href="/chemistry/baths/{id}">{name}</a>: {words}.
          </li>
        {/each}
      </ul>
    {/if}
  </section>
</div>
