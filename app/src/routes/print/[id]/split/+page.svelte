<script lang="ts">
  import { goto } from '$app/navigation';
  import PatchPick from '$lib/stages/print/PatchPick.svelte';
  import { usePrint } from '$lib/stages/print/print-in-hand.svelte.ts';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';
  import { emptySplit, pairView } from '$lib/stages/print/split-strips-view.ts';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import SlotText from '$lib/kit/SlotText.svelte';

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
      {@const typed = form.strips[index]!}
      <section aria-label={strip.heading}>
        <h2 class="font-[620]">{strip.heading}</h2>
        <p class="reason">{strip.hands}</p>
        <p class="text-soft">
          <SlotText
            label="Patches of strip {index + 1}"
            bind:value={typed.patches}
            empty="how many"
            after=" patches"
            numeric
            maxlength={2}
          />
          from
          <SlotText
            label="First exposure of strip {index + 1}, s"
            bind:value={typed.first}
            empty="how long"
            after=" s"
            numeric
            maxlength={6}
          />
          in
          <SlotText
            label="Step of strip {index + 1}, stops"
            bind:value={typed.step}
            empty="step"
            after=" stop"
            maxlength={6}
          />
        </p>
        {#if strip.trouble}<p class="text-trouble" role="alert">{strip.trouble}</p>{/if}
        {#if strip.waits}
          <p class="mt-2 text-soft">{strip.waits}</p>
        {:else}
          <p class="mt-1 text-[15px] text-soft">{strip.firings}</p>
          <div class="mt-2">
            <Button
              main={index === turn}
              keyHint={index === turn ? 'Space' : ''}
              onclick={() => fire(index)}>Fire this strip</Button
            >
          </div>
          <div class="mt-2">
            <PatchPick
              label={strip.question}
              seconds={strip.seconds}
              picked={typed.picked}
              timerStep={bench.timerStep}
              onpick={(picked) => (typed.picked = picked)}
            />
          </div>
          <p class="mt-1 text-[15px] text-soft">{strip.question}</p>
        {/if}
      </section>
    {/each}
  </div>
  <section aria-label="The pair" aria-live="polite">
    {#if view.pair}
      <div class="flex gap-x-10">
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
          {sentence}
        </p>{/each}
    {:else}
      <p class="reason text-soft">Pick a patch on each strip; the pair stands here then.</p>
    {/if}
  </section>
</div>
