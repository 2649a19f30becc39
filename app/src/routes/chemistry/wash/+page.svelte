<script lang="ts">
  import { goto } from '$app/navigation';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import VolumeSwitch from '$lib/bench/desk/VolumeSwitch.svelte';
  import ThermometerChoice from '$lib/bench/desk/ThermometerChoice.svelte';
  import Fields from '$lib/kit/Fields.svelte';
  import type { FieldLine } from '$lib/kit/field-line.ts';
  import { keptState } from '$lib/kit/kept-state.svelte.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import ChemistryPages from '$lib/stages/chemistry/ChemistryPages.svelte';
  import { usualWash, washView, type WashForm } from '$lib/stages/chemistry/wash-view.ts';
  import { retypeVolume } from '$lib/words/volume.ts';

  const desk = useDesk();
  const form = keptState<WashForm>('katachron-wash', usualWash);
  const view = $derived(washView(form, desk.preferences.unit, desk.volumeUnit, desk.thermometer));
  const lines: readonly FieldLine<keyof WashForm & string>[] = $derived([
    {
      name: 'stays',
      label: `Stays behind, ${desk.volumeUnit}`,
      hint: 'In tank and film at each dump: weigh it once.',
    },
    { name: 'change', label: `A change, ${desk.volumeUnit}`, hint: 'Water filled in each time.' },
    { name: 'aim', label: 'One part left in', hint: 'As 1000.' },
    {
      name: 'water',
      label: `The water, °${desk.preferences.unit}`,
      hint: 'Left empty: as warm as the baths.',
    },
  ]);

  useKeys([{ key: 'Escape', does: 'to the mix', run: () => void goto('/chemistry') }]);
</script>

<svelte:head><title>Wash · Katachron</title></svelte:head>

<ChemistryPages />
<h1 class="heading">Wash</h1>
<p class="mt-1 text-soft">By filling and dumping; in running water below.</p>
<p class="mt-1 text-soft">
  Volumes <VolumeSwitch
    onswitch={(from, to) => {
      form.stays = retypeVolume(form.stays, from, to);
      form.change = retypeVolume(form.change, from, to);
    }}
  />
</p>
<div class="mt-3 grid grid-cols-1 gap-x-14 gap-y-6 lg:grid-cols-[minmax(0,1fr)_440px]">
  <div class="grid grid-cols-2 content-start gap-x-6 gap-y-3">
    <Fields
      lines={lines.map((line) => ({ ...line, maxlength: 12 }))}
      typed={(name) => form[name] ?? ''}
      ontyped={(name, text) => (form[name] = text)}
      troubles={view.troubles}
    />
  </div>
  <section aria-label="How often" aria-live="polite">
    {#if form.water.trim() !== ''}<ThermometerChoice trueC={view.waterC} />{/if}
    {#if view.changes !== undefined}
      <p class="numeral text-[84px]" data-testid="changes">
        {view.changes}<span class="text-[0.36em]">
          {view.changes === 1 ? 'change' : 'changes'}</span
        >
      </p>
    {/if}
    {#each view.sentences as sentence, index (index)}
      <p class="reason mt-2">{sentence}</p>
    {:else}
      <p class="reason text-soft">How often stands here once it is typed.</p>
    {/each}
  </section>
</div>
<section class="mt-6 border-t border-hair pt-4" aria-label="In running water">
  <h2 class="text-xl font-[620]">In running water</h2>
  <ul class="mt-1 max-w-3xl">
    {#each view.running as { id, what, how } (id)}
      <li class="flex flex-wrap justify-between gap-x-6 border-b border-hair py-1.5">
        <span class="text-soft">{what}</span><span class="font-[560]">{how}</span>
      </li>
    {/each}
  </ul>
  <p class="mt-2 text-[15px] text-soft">
    As a rule: the data sheets of film, paper and washing aid say more. Fibre paper is rinsed for 5
    minutes before the washing aid, so that it lasts.
  </p>
</section>
