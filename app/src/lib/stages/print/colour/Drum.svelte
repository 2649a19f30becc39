<script lang="ts">
  import { page } from '$app/state';
  import { useWetSide } from '../../../bench/clock/wet-side.svelte.ts';
  import { useDesk } from '../../../bench/desk/desk.svelte.ts';
  import ThermometerChoice from '../../../bench/desk/ThermometerChoice.svelte';
  import Button from '../../../kit/Button.svelte';
  import Field from '../../../kit/Field.svelte';
  import { keptState } from '../../../kit/kept-state.svelte.ts';
  import BathsThrough from '../../../nouns/bath/BathsThrough.svelte';
  import type { BathPlaceId } from '../../../nouns/bath/places.ts';
  import type { PaperThrough } from '../../../nouns/bath/through.ts';
  import { paperSizes } from '../../../nouns/paper/sizes.ts';
  import SlotChoice from '../../../kit/SlotChoice.svelte';
  import { drumBaths } from './drum-baths.ts';
  import { drumView, emptyDrum, type DrumForm } from './drum.ts';

  interface Props {
    /** What the sink calls it. */
    name: string;
    /** What is booked on its baths is another size, or another bath. */
    onbaths: (baths: PaperThrough | undefined) => void;
  }
  const { name, onbaths }: Props = $props();
  const desk = useDesk();
  const wetSide = useWetSide();
  const form = keptState('katachron-drum', emptyDrum());
  const view = $derived(drumView(form, desk.reads));
  const drum = $derived(drumBaths(form, page.data.standing ?? []));
  /** A bath that is chosen for a place. */
  const parts: Partial<Record<BathPlaceId, 'developerBath' | 'bleachFixBath'>> = {
    'drum-developer': 'developerBath',
    'drum-bleach-fix': 'bleachFixBath',
  };

  function change(made: Partial<DrumForm>) {
    Object.assign(form, made);
    onbaths(drum.baths);
  }
  const lies = $derived(wetSide.sheets.some((sheet) => sheet.name === name));
  const unit = $derived(`°${desk.preferences.unit}`);
</script>

<section aria-label="The drum">
  <h2 class="text-xl font-[620]">The drum</h2>
  {#if lies}
    <p class="reason text-soft">
      Its clock runs in the sink: each bath is moved on there, and heard. Wash, dry, then judge.
    </p>
  {:else}
    <div class="mt-1 grid grid-cols-2 gap-x-6 md:grid-cols-4">
      <Field
        id="drum-wanted"
        label="Wanted, {unit}"
        hint="Empty: as usual."
        numeric
        maxlength={8}
        bind:value={form.wanted}
      />
      <Field
        id="drum-reads"
        label="It reads, {unit}"
        numeric
        maxlength={8}
        bind:value={form.reads}
      />
      <Field
        id="drum-developer"
        label="Developer"
        numeric
        maxlength={8}
        bind:value={form.developer}
      />
      <Field
        id="drum-bleach-fix"
        label="Bleach-fix"
        numeric
        maxlength={8}
        bind:value={form.bleachFix}
      />
    </div>
    <ThermometerChoice trueC={view.readC} />
    <p class="reason {view.off ? 'text-caution' : 'text-soft'}" data-testid="drum">
      {view.sentence} The end of each bath is heard.
    </p>
    <p class="text-[15px] text-soft">
      A sheet of
      <SlotChoice
        label="Size of the paper"
        bind:value={() => form.size, (size) => change({ size })}
        options={paperSizes}
      />{drum.placed.length > 0
        ? ': its area is booked on the baths.'
        : '; with a colour developer and a bleach-fix among the baths in Chemistry their use is counted.'}
    </p>
    <BathsThrough
      placed={drum.placed}
      cautions={drum.cautions}
      choose={(place, id) => {
        const part = parts[place];
        if (part) change({ [part]: id });
      }}
    />
    {#if view.trouble}<p class="text-trouble" role="alert">{view.trouble}</p>{/if}
    <div class="mt-2">
      <Button onclick={() => view.plan && !view.trouble && wetSide.layIn(name, view.plan)}
        >The drum is closed: start its clock</Button
      >
    </div>
  {/if}
</section>
