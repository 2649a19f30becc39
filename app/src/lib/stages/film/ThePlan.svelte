<script lang="ts">
  import { stepKind } from '@katachron/core';
  import { useDesk } from '../../bench/desk/desk.svelte.ts';
  import Button from '../../kit/Button.svelte';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import SlotText from '../../kit/SlotText.svelte';
  import VolumeSwitch from '../../bench/desk/VolumeSwitch.svelte';
  import BathsThrough from '../../nouns/bath/BathsThrough.svelte';
  import Division from './Division.svelte';
  import PlanEditor from './PlanEditor.svelte';
  import { clockTime } from '../../words/duration.ts';
  import { degrees } from '../../words/temperature.ts';
  import type { Recipe } from '../../nouns/recipe/contract.ts';
  import type { Procedure } from '../../nouns/procedure/contract.ts';
  import type { RollInHand } from './roll-in-hand.svelte.ts';

  interface Props {
    film: RollInHand;
    recipe: Recipe;
    procedures: readonly Procedure[];
    /** A procedure was saved. */
    saved: () => void;
  }
  const { film, recipe, procedures, saved }: Props = $props();
  const desk = useDesk();
  const { draft } = $derived(film);
  const view = $derived(film.view());
  const { unit, agitations } = $derived(film);
</script>

<section aria-label="The plan">
  <div class="in-sight grid">
    <Button
      main
      keyHint="Space"
      answer={view.seconds === undefined ? undefined : clockTime(view.seconds)}
      onclick={() => void film.start()}
      disabled={film.starting}
    >
      Start developing
    </Button>
  </div>
  {#if film.problem}<p class="mt-2 text-trouble" role="alert">{film.problem}</p>{/if}
  {#each [...view.tank.cautions, ...view.bathCautions] as sentence, index (index)}
    <p class="mt-2 text-caution">{sentence}</p>
  {/each}
  <PlanEditor {draft} plan={view.steps} {agitations} {procedures} {saved} />
  <BathsThrough
    placed={view.placed}
    cautions={[]}
    choose={(place, id) => (draft.through = { ...draft.through, [place]: id })}
  />
  {#if view.mix}
    <p class="mt-3 text-soft">
      {view.mix}
      <VolumeSwitch onswitch={film.onVolumeUnit} />
      {#if recipe && recipe.dilution.length > 1}<Division />{/if}
    </p>
    {#if view.measure}<p class="text-caution">{view.measure}</p>{/if}
    {#if view.eachBath}<p class="mt-1 text-soft">{view.eachBath}</p>{/if}
  {/if}
  <p class="mt-1 text-soft">
    The baths read, beside {view.temperatureC === undefined
      ? 'the developer'
      : `the developer’s ${degrees(view.temperatureC, unit)}`}:
    {#each view.steps.kinds.filter((kind) => kind !== 'developer') as kind, index (kind)}
      {index === 0 ? '' : ', '}{stepKind(kind).inSentence}
      <SlotText
        label="{stepKind(kind).name} reads, °{unit}"
        bind:value={
          () => draft.baths?.[kind] ?? '',
          (text) => (draft.baths = { ...draft.baths, [kind]: text })
        }
        empty="–"
        after="°"
        numeric
        maxlength={8}
        trouble={view.troubles.baths[kind]}
        hint="Read before the start: all baths within 3 °C of the developer."
      />
    {/each}.
  </p>
  {#if view.tank.sentence}<p class="mt-1 text-soft">{view.tank.sentence}</p>{/if}
  <p class="mt-1 text-soft">
    {view.substance?.hazards ?? 'Gloves on for the concentrate.'}
    {#if view.substance?.dataSheet}
      <a class="slot-in" href={view.substance.dataSheet} rel="external noreferrer"
        >Its safety data sheet</a
      > comes first.
    {:else}Its data sheet comes first.{/if} The clock starts when
    <SlotChoice
      label="The clock of a bath starts when"
      bind:value={() => desk.preferences.clockStart, (clockStart) => desk.set({ clockStart })}
      options={[
        { id: 'pouring-begins', name: 'pouring in begins' },
        { id: 'pouring-ends', name: 'pouring in ends' },
      ]}
    />.
  </p>
</section>
