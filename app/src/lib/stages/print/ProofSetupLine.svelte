<script lang="ts">
  import { contrastSets, headOf } from '@katachron/core';
  import ShelfSlot from '../../kit/ShelfSlot.svelte';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import SlotText from '../../kit/SlotText.svelte';
  import { called } from '../../words/called.ts';
  import { withContrast } from './keep.ts';
  import type { PrintView } from './print-view.ts';
  import type { ProofSetup } from './proof-setup.ts';
  import type { Bench } from './setup-now.ts';

  interface Props {
    setup: ProofSetup;
    bench: Bench;
    view: PrintView;
  }
  const { setup, bench, view }: Props = $props();

  /** An enlarger of the shelf brings its lens, its lag and its timer. */
  function onEnlarger(name: string) {
    const kept = called(bench.enlargers, name);
    Object.assign(setup, {
      enlarger: name,
      ...(kept && {
        lens: kept.lens,
        lag: String(kept.lamp.lagSeconds),
        timerStep: String(kept.lamp.timerStepSeconds),
        ...withContrast(setup, headOf(kept.head).contrastSetId),
      }),
    });
  }

  function onPaper(paper: string) {
    const kept = called(bench.papers, paper);
    Object.assign(setup, { paper, ...withContrast(setup, kept?.contrastSetId) });
  }
</script>

In
<ShelfSlot
  label="Enlarger"
  value={setup.enlarger}
  empty="which enlarger"
  names={bench.enlargers.map(({ name }) => name)}
  onchoose={onEnlarger}
/>,
<SlotText label="Lens" bind:value={setup.lens} empty="lens" hint="As 80 mm." />
at
<SlotText
  label="Aperture, f/"
  bind:value={setup.aperture}
  empty="aperture"
  before="f/"
  numeric
  maxlength={6}
/>, head
<SlotText label="Head height" bind:value={setup.head} empty="height" maxlength={40} />, on
<ShelfSlot
  label="Paper"
  value={setup.paper}
  empty="which paper"
  names={bench.papers.map(({ name }) => name)}
  onchoose={onPaper}
/>
in
<SlotText label="Developer of the paper" bind:value={setup.developer} empty="which developer" />
with
<SlotChoice
  label="Contrast by"
  bind:value={
    () => setup.contrastSetId,
    (id) => {
      Object.assign(setup, withContrast(setup, id));
    }
  }
  options={contrastSets}
  shown={view.set.noun}
/>
<SlotChoice
  label="The {view.set.noun} of the proof"
  bind:value={setup.settingId}
  options={view.set.settings}
  shown={view.setting.name}
/>, timer in
<SlotText
  label="Timer step, s"
  bind:value={setup.timerStep}
  empty="step"
  after=" s"
  numeric
  maxlength={6}
/>, lag
<SlotText
  label="Lag of the lamp, s"
  bind:value={setup.lag}
  empty="0"
  after=" s"
  numeric
  maxlength={6}
/>.
