<script lang="ts">
  import { watchNumbers } from '$lib/kit/watch-numbers.ts';
  import Said from '$lib/kit/Said.svelte';
  import { goto } from '$app/navigation';
  import PairStrip from '$lib/stages/print/PairStrip.svelte';
  import { usePrint } from '$lib/stages/print/print-in-hand.svelte.ts';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';
  import { emptySplit, pairView } from '$lib/stages/print/split-strips-view.ts';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';

  const print = usePrint();
  const { draft } = print;
  const bench = $derived(print.view());
  const form = $derived(draft.pair ?? emptySplit(bench.set));
  // Picks and times of the pair are kept with the print from the first look on.
  $effect.pre(() => {
    draft.pair ??= emptySplit(bench.set);
  });
  const view = $derived(pairView(form, bench, draft));
  /** The strip whose turn it is. */
  const turn = $derived(form.strips[0].picked === null ? 0 : 1);

  useKeys([
    { key: ' ', does: 'fire the strip whose turn it is', run: () => fire(turn) },
    { key: 'u', does: 'take the last pick back', run: () => print.unpick() },
    { key: 'Escape', does: 'back to the strips', run: () => void goto(print.path) },
  ]);

  function fire(index: number) {
    void goto(`${print.path}/fire?what=pair-${index + 1}`);
  }
</script>

<svelte:head><title>Soft and hard · Katachron</title></svelte:head>

<PrintPages of={print.path} />
<h1 class="heading">Soft and hard, a strip each</h1>
<p class="mt-2 text-lg leading-loose text-soft">
  Begin with the
  <SlotChoice
    label="Which exposure comes first"
    bind:value={
      () => form.order,
      (order) => {
        form.order = order;
        form.strips.forEach((strip) => (strip.picked = null));
      }
    }
    options={[
      {
        id: 'soft-first',
        name: 'soft one',
        more: 'the highlight right, then hard until the blacks are',
      },
      {
        id: 'hard-first',
        name: 'hard one',
        more: 'the blacks right, then soft until the highlight is',
      },
    ]}
  />; soft is {bench.set.noun}
  <SlotChoice label="Soft" bind:value={form.softId} options={bench.set.settings} />, hard is
  <SlotChoice label="Hard" bind:value={form.hardId} options={bench.set.settings} />.
</p>
{#if view.trouble}<p class="reason text-trouble" role="alert">{view.trouble}</p>{/if}
<div class="mt-2 grid grid-cols-1 gap-x-14 gap-y-6 lg:grid-cols-[minmax(0,1fr)_440px]">
  <div class="space-y-6">
    {#each view.strips as strip, index (index)}
      <PairStrip
        {print}
        {strip}
        typed={form.strips[index]!}
        {index}
        turn={index === turn}
        onfire={() => fire(index)}
      />
    {/each}
  </div>
  <section aria-label="The pair" aria-live="polite">
    {#if view.pair}
      <div class="flex gap-x-10 max-[359px]:flex-wrap" {@attach watchNumbers}>
        <div>
          <p class="numeral text-[84px]" data-testid="soft">
            {view.pair.soft}<span class="text-[0.36em]"> s</span>
          </p>
          <p class="mt-3 text-soft">soft</p>
        </div>
        <div>
          <p class="numeral text-[84px]" data-testid="hard">
            {view.pair.hard}<span class="text-[0.36em]"> s</span>
          </p>
          <p class="mt-3 text-soft">hard</p>
        </div>
      </div>
      {#each view.pair.sentences as sentence, index (index)}<p class="reason mt-2">
          <Said words={sentence} />
        </p>{/each}
    {:else}
      <p class="reason text-soft">Pick a patch on each strip; the pair stands here then.</p>
    {/if}
  </section>
</div>
<div class="in-sight mt-4 flex gap-4">
  <Button
    main
    keyHint="Space"
    answer={view.pair && `${view.pair.soft} s, ${view.pair.hard} s`}
    onclick={() => fire(turn)}>Fire strip {turn + 1}</Button
  >
</div>
