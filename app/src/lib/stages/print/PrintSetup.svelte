<script lang="ts">
  import { contrastSets, lookedAtWith } from '@katachron/core';
  import ShelfSlot from '../../kit/ShelfSlot.svelte';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import SlotOnLeave from '../../kit/SlotOnLeave.svelte';
  import SlotText from '../../kit/SlotText.svelte';
  import NegativeSlot from './NegativeSlot.svelte';
  import { rangeWords } from './range-words.ts';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  const { print }: { print: PrintInHand } = $props();
  const { draft } = $derived(print);
  const view = $derived(print.view());
  /** Nothing was said of the set-up yet, and nothing made in it. */
  const blank = $derived(
    [draft.paper, draft.enlarger, draft.negative].every((text) => text.trim() === '') &&
      draft.earlier.length === 0 &&
      !view.reading,
  );
</script>

{#snippet measured(
  field: 'aperture' | 'printLength' | 'negativeLength' | 'distance',
  label: string,
  empty: string,
  after: string,
  before = '',
)}
  <SlotOnLeave
    {...{ label, empty, after, before }}
    value={draft[field] ?? ''}
    onset={(typed) => print.changeSetup({ [field]: typed })}
    trouble={view.now.troubles[field]}
    numeric
    maxlength={10}
  />
{/snippet}

<h1 class="heading">
  <SlotText
    label="Name of the print"
    bind:value={draft.title}
    empty="Name this print"
    maxlength={120}
    hint="Found by these words later. Left empty, it gets today’s date."
    class="line-clamp-2 max-w-full border-transparent"
  />
</h1>
<p class="mt-1 text-[17px] leading-relaxed text-soft">
  Negative
  <NegativeSlot value={draft.negative} onchoose={(negative) => print.onNegative(negative)} />
  in
  <ShelfSlot
    label="Enlarger"
    value={draft.enlarger}
    empty="which enlarger"
    names={print.bench.enlargers.map(({ name }) => name)}
    onchoose={(name) => print.onEnlarger(name)}
  />{#if view.now.source.place === 'size'},
    <SlotOnLeave
      label="Lens"
      value={draft.lens}
      onset={(lens) => print.changeSetup({ lens })}
      empty="lens"
      hint="As 80 mm."
    />
    at
    {@render measured(
      'aperture',
      'Aperture, f/',
      'aperture',
      '',
      'f/',
    )}{/if}{#if view.now.source.id === 'enlarger'}, head
    <SlotOnLeave
      label="Head height"
      value={draft.head}
      onset={(head) => print.changeSetup({ head })}
      empty="height"
      maxlength={40}
      hint="As the column’s scale reads. The height alone is not enough: measure one length of the picture too."
    />, picture
    {@render measured('printLength', 'A length on the paper, mm', 'length', ' mm')}
    of
    {@render measured(
      'negativeLength',
      'The same length on the negative, mm',
      'negative’s',
      ' mm',
    )}{:else}, lamp
    {@render measured('distance', 'Distance of the lamp, cm', 'how far away', ' cm away')}{/if}, on
  <ShelfSlot
    label="Paper"
    value={draft.paper}
    empty="which paper"
    names={print.bench.papers.map(({ name }) => name)}
    onchoose={(paper) => void print.onPaper(paper)}
  />
  in
  <SlotOnLeave
    label="Developer of the paper"
    value={draft.developer ?? ''}
    onset={(developer) => print.changeSetup({ developer })}
    empty="which developer"
  />
  with
  <SlotChoice
    label="Contrast by"
    bind:value={
      () => draft.contrastSetId,
      (id) => {
        print.onContrastSet(id);
      }
    }
    options={contrastSets}
    shown={view.set.noun}
  />
  <SlotChoice
    label="The {view.set.noun} of this strip"
    bind:value={draft.settingId}
    options={lookedAtWith(view.set).map((setting) => ({
      id: setting.id,
      name: setting.name,
      more:
        setting === view.set.white
          ? 'white light: a look counts, less surely'
          : rangeWords(view.set, setting),
    }))}
    shown={view.setting.name}
  />
</p>
{#if blank}
  <p class="mt-1 text-[15px] text-soft" data-testid="leads">
    Three matter now: the paper, its {view.set.noun}, and below the timer’s step. The rest can wait:
    negative and enlarger for the record, aperture and lengths for another size. Then fire the
    strip.
  </p>
{/if}
