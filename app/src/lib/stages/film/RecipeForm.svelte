<script lang="ts">
  import { goto } from '$app/navigation';
  import type { Recipe, RecipeBody } from '../../nouns/recipe/contract.ts';
  import { useDesk } from '../../bench/desk/desk.svelte.ts';
  import type { FieldLine } from '../../kit/field-line.ts';
  import Fields from '../../kit/Fields.svelte';
  import SaveRow from '../../kit/SaveRow.svelte';
  import { useKeys } from '../../kit/keys/keys.svelte.ts';
  import { shelfForm } from '../../kit/shelf-form.svelte.ts';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import VolumeSwitch from '../../bench/desk/VolumeSwitch.svelte';
  import { volumeNumber } from '../../words/volume.ts';
  import { agitationOptions } from '../../nouns/recipe/agitation-options.ts';
  import type { Substance } from '../../nouns/substance/contract.ts';
  import { dilutionsOf, pointed, substanceOf } from '../../nouns/substance/match.ts';
  import { ownAgitationFields } from '../../nouns/agitation/form.ts';
  import {
    OWN_AGITATION,
    emptyRecipeForm,
    inUnit,
    readRecipe,
    recipeForm,
    type RecipeForm as RecipeFormFields,
  } from '../../nouns/recipe/form.ts';

  interface Props {
    title: string;
    /** What the form begins with. */
    from?: RecipeBody;
    /** The recipe that is changed; without it a new one is made. */
    changing?: Recipe;
    recipes: readonly RecipeBody[];
    /** What stands in the cupboard. */
    substances: readonly Substance[];
    /** What is known of the film that the recipe is for. */
    given?: Partial<RecipeFormFields>;
  }
  const { title, from, changing, recipes, substances, given = {} }: Props = $props();

  const desk = useDesk();
  const unit = $derived(desk.preferences.unit);
  const volumeUnit = $derived(desk.volumeUnit);
  const shelf = shelfForm({
    api: '/api/v1/recipes',
    back: (id) => (changing ? '/film/recipes' : `/film?recipe=${id}`),
    kept: () => changing,
    changedMeanwhile:
      'Somebody changed this recipe meanwhile. Open it in another window, compare, and keep again.',
    // The form is its own from here on.
    // svelte-ignore state_referenced_locally
    initial: { ...(from ? recipeForm(from, desk.preferences) : emptyRecipeForm), ...given },
    read: (values) => {
      const { body, troubles } = readRecipe(values, desk.preferences, from);
      return body ? { body: pointed(body, substances, from) } : { troubles: troubles ?? {} };
    },
  });
  const form = shelf.fields;
  const troubles = $derived(shelf.troubles);
  const agitations = $derived([
    ...agitationOptions(from ? [...recipes, from] : recipes),
    { id: OWN_AGITATION, name: 'one of my own' },
  ]);

  const NOT_THERE = '';
  const developers = $derived(substances.filter(({ use }) => use === 'film-developer'));
  const inCupboard = $derived(
    form.developer.trim() === ''
      ? undefined
      : substanceOf(
          {
            developer: form.developer,
            ...(from?.developer === form.developer &&
              from.substanceId !== undefined && { substanceId: from.substanceId }),
          },
          developers,
        ),
  );

  type TextField = Exclude<keyof typeof form, 'agitation' | 'reuse' | 'source' | 'tableMeant'>;
  type Line = FieldLine<TextField>;
  const first: readonly Line[] = $derived([
    { name: 'film', label: 'Film', hint: 'As on the box.' },
    { name: 'boxSpeed', label: 'Box speed, ISO', hint: '400', numeric: true, maxlength: 12 },
    {
      name: 'exposureIndex',
      label: 'Speed the times are for, EI',
      hint: 'Left empty: the box speed.',
      numeric: true,
      maxlength: 12,
    },
    { name: 'developer', label: 'Developer', hint: 'As on the bottle.' },
    { name: 'dilution', label: 'Dilution', hint: '1+31, or stock', maxlength: 40 },
    {
      name: 'times',
      label: `Times: a temperature in °${unit} and its time on each line`,
      hint: 'As 20 9:30.',
      rows: 3,
      maxlength: 1000,
      placeholder: unit === 'C' ? '20 9:30\n22 7:50' : '68 9:30\n72 7:50',
    },
  ]);
  const more: readonly Line[] = $derived([
    {
      name: 'minimum',
      label: `Least concentrate or stock for a roll, ${volumeUnit}`,
      hint: 'One 135-36, one 120, four 4×5 in sheets or one 8×10 in.',
      numeric: true,
      maxlength: 12,
    },
    {
      name: 'contrast',
      label: 'N− to N+, a line each',
      hint: 'As N-1 -20: twenty per cent less.',
      rows: 2,
      maxlength: 200,
    },
    {
      name: 'secondBath',
      label: 'Second bath, its time',
      hint: 'Only for a two-bath developer, as 4:00.',
      maxlength: 12,
    },
    {
      name: 'activationEnergy',
      label: 'Activation energy, kJ/mol',
      hint: 'Left empty: 62, or what the times say themselves.',
      numeric: true,
      maxlength: 12,
    },
    {
      name: 'clockFactor',
      label: 'The times were taken on a clock wrong by ×',
      hint: 'Left empty: a right one. 1.2 for 60 Hz on 50 Hz mains.',
      numeric: true,
      maxlength: 12,
    },
    { name: 'note', label: 'Note', hint: 'Where from, what for.', maxlength: 500 },
  ]);

  useKeys([{ key: 'Escape', does: 'back to the recipes', run: () => void goto('/film/recipes') }]);
</script>

{#snippet fields(lines: readonly Line[])}
  <Fields
    {lines}
    typed={(name) => form[name]}
    ontyped={(name, text) => (form[name] = text)}
    {troubles}
  />
{/snippet}

<h1 class="heading">{title}</h1>
<p class="reason mt-2 text-soft">
  One time is enough to start from; with two or more temperatures the recipe has its own slope.
</p>
<form class="mt-6" onsubmit={shelf.submit} novalidate>
  <div class="grid gap-x-12 gap-y-5 md:grid-cols-2 lg:grid-cols-3">
    {@render fields(first)}
    {#if troubles.tableMeant || form.tableMeant}
      <label class="flex min-h-11 items-center gap-3 md:col-span-2 lg:col-span-3">
        <input type="checkbox" class="tick" bind:checked={form.tableMeant} />
        It is meant so: I looked at the data sheet again
      </label>
    {/if}
    <p class="text-lg leading-loose text-soft md:col-span-2 lg:col-span-3">
      {#if developers.length > 0}
        In the cupboard its developer is
        <SlotChoice
          label="The developer in the cupboard"
          bind:value={
            () => inCupboard?.id ?? NOT_THERE,
            (id) => {
              const chosen = developers.find((one) => one.id === id);
              if (chosen) form.developer = chosen.name;
            }
          }
          options={[
            ...(inCupboard ? [] : [{ id: NOT_THERE, name: 'not there' }]),
            ...developers.map((one) => ({
              id: one.id,
              name: one.name,
              more: dilutionsOf(one).join(', '),
            })),
          ]}
        />.
      {/if}
      Agitation:
      <SlotChoice label="Agitation" bind:value={form.agitation} options={agitations} />. The
      developer is
      <SlotChoice
        label="After a roll the developer is"
        bind:value={form.reuse}
        options={[
          { id: 'one-shot', name: 'used once' },
          { id: 'batch', name: 'used again, longer for each batch' },
          { id: 'by-area', name: 'used again, longer by the rolls a litre' },
          { id: 'replenish', name: 'replenished' },
        ]}
      />, and the times come from
      <SlotChoice
        label="Source"
        bind:value={form.source}
        options={[
          { id: 'data-sheet', name: 'the data sheet' },
          { id: 'own-test', name: 'my own test' },
          { id: 'guess', name: 'a guess' },
        ]}
      />.
    </p>
    {#if form.agitation === OWN_AGITATION}
      {@render fields(ownAgitationFields)}
    {/if}
    {#if form.reuse === 'batch'}
      {@render fields([
        { name: 'reusePercent', label: 'Longer by, %', hint: 'For each batch, compounding.' },
        { name: 'reuseRolls', label: 'A batch is, rolls', hint: 'As 5.' },
      ])}
    {:else if form.reuse === 'by-area'}
      {@render fields([
        { name: 'reusePercent', label: 'Longer by, %', hint: 'For each batch, compounding.' },
        {
          name: 'reusePerLitre',
          label: 'A batch is, rolls a litre',
          hint: 'As 4. A sheet of 4×5 counts as a quarter.',
        },
      ])}
    {:else if form.reuse === 'replenish'}
      {@render fields([
        {
          name: 'replenish',
          label: `Replenisher for a roll, ${volumeUnit}`,
          hint: `As ${volumeNumber(70, volumeUnit)}.`,
        },
      ])}
    {/if}
    {@render fields(more)}
    <p class="text-soft md:col-span-2 lg:col-span-3">
      Volumes <VolumeSwitch
        onswitch={(before, after) => Object.assign(form, inUnit(form, before, after, from))}
      />
    </p>
  </div>
  <SaveRow back="/film/recipes" problem={shelf.problem} />
</form>
