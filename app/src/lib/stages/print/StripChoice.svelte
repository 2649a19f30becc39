<script lang="ts">
  import { lookedAtWith, stripKinds, stripMethods } from '@katachron/core';
  import { replaceDraft } from '../../kit/draft.svelte.ts';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import SlotText from '../../kit/SlotText.svelte';
  import { isPlaced, placedStrip, withPlaced } from './begin-print.ts';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  const { print }: { print: PrintInHand } = $props();
  const { draft } = $derived(print);
  const view = $derived(print.view());
  /** Before anything was seen, a strip may stand where prints made here before put it, or what was read of the negative. */
  const untouched = $derived(
    draft.earlier.length === 0 && draft.highlight === null && draft.shadow === null,
  );
  const placed = $derived(untouched ? placedStrip(draft, print.bench, view) : undefined);
  /** A scrap has neither steps nor an order of firings. */
  const single = $derived(view.strip?.patches.length === 1);
</script>

<p class="text-[17px] leading-relaxed text-soft">
  Strip {print.number}:
  <SlotText
    label="Number of patches"
    bind:value={() => draft.patches, (patches) => print.onPatches(patches)}
    empty="how many"
    after={single ? ' patch' : ' patches'}
    numeric
    maxlength={4}
    trouble={view.troubles.patches}
  />
  {single ? 'of' : 'from'}
  <SlotText
    label="First exposure, s"
    bind:value={draft.first}
    empty="how long"
    after=" s"
    numeric
    maxlength={8}
    trouble={view.troubles.first}
  />{#if !single}, in
    <SlotChoice
      label="Kind of strip"
      bind:value={
        () => draft.kind,
        (id) => {
          const to = stripKinds.find((other) => other.id === id)!;
          Object.assign(draft, {
            kind: id,
            step: to.step === 'stops' ? '½' : String(to.usualStep),
          });
        }
      }
      options={stripKinds}
    />{#if print.kind.step !== 'fixed'}, <SlotText
        label={print.kind.step === 'stops' ? 'Step, stops' : 'Step, s'}
        bind:value={draft.step}
        empty="step"
        after={print.kind.step === 'stops' ? ' stop' : ' s'}
        maxlength={8}
        trouble={view.troubles.step}
        hint={print.kind.step === 'stops' ? '½, ⅓, 0.25 …' : 'Seconds added from patch to patch.'}
      />
      each{/if},
    <SlotChoice label="How it is exposed" bind:value={draft.method} options={stripMethods} />{/if},
  timer in
  <SlotText
    label="Smallest step of the timer, s"
    bind:value={draft.timerStep}
    empty="steps"
    after=" s"
    numeric
    maxlength={8}
    trouble={view.troubles.timerStep}
  />, lamp
  <SlotText
    label="Lamp lag, s"
    bind:value={() => draft.lag, (lag) => print.onLag(lag)}
    empty="lag"
    after=" s late"
    numeric
    maxlength={8}
    trouble={view.troubles.lag}
    hint="Light lost at each firing; 0 when not measured: the strips tell it in time."
  />
</p>

{#if draft.beside}
  {@const beside = draft.beside}
  <p class="text-[17px] leading-relaxed text-soft">
    Beside it, {view.set.noun}
    <SlotChoice
      label="The {view.set.noun} beside it"
      bind:value={beside.settingId}
      options={lookedAtWith(view.set)}
    />:
    <SlotText
      label="Number of patches beside it"
      bind:value={beside.patches}
      empty="how many"
      after=" patches"
      numeric
      maxlength={4}
    />
    from
    <SlotText
      label="First exposure beside it, s"
      bind:value={beside.first}
      empty="how long"
      after=" s"
      numeric
      maxlength={8}
    />
    in
    <SlotText
      label="Step beside it, stops"
      bind:value={beside.step}
      empty="step"
      after=" stop"
      maxlength={8}
    />.
    <button class="slot-in min-h-9" onclick={() => delete draft.beside}>one contrast alone</button>
  </p>
  {#if view.besideTrouble}
    <p class="reason mt-2 text-trouble" role="alert">{view.besideTrouble}</p>
  {/if}
{/if}

{#if placed}
  <p class="mt-1 text-[15px] text-soft" data-testid="placed">
    {#if isPlaced(draft, placed)}
      {placed.prints === undefined
        ? 'Placed by what was read of the negative: as wide as that leaves open.'
        : `Placed by the ${placed.prints} prints made like this before: as wide as they differed, and as fine as that allows.`}
    {:else}
      <button
        class="min-h-11 underline decoration-hair"
        onclick={() => replaceDraft(draft, withPlaced(draft, placed))}
        >Place it by {placed.prints === undefined
          ? 'what was read of the negative'
          : `the ${placed.prints} prints made like this before`}</button
      >
    {/if}
  </p>
{/if}

{#each Object.values(view.troubles) as trouble, index (index)}
  <p class="reason mt-2 text-trouble" role="alert">{trouble}</p>
{/each}

{#each Object.values(view.now.troubles) as trouble, index (index)}
  <p class="reason mt-2 text-trouble" role="alert">{trouble}</p>
{/each}
{#if view.tooLong}<p class="reason mt-2 text-caution">{view.tooLong}</p>{/if}
{#each view.conversions as sentence, index (index)}
  <p class="reason mt-2 text-caution" data-testid="conversion">{sentence}</p>
{/each}
