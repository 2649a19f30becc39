<script lang="ts">
  import { growsBy } from '../../nouns/recipe/grows.ts';
  import { capital } from '../../words/capital.ts';
  import { agitationScheme, filmFormats, formatDilution } from '@katachron/core';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import SlotText from '../../kit/SlotText.svelte';
  import { agitationKey } from '../../nouns/recipe/agitation-options.ts';
  import { contrastName } from '../../nouns/roll/factors.ts';
  import { volumeWords } from '../../words/volume.ts';
  import type { Recipe } from '../../nouns/recipe/contract.ts';
  import { NEW_ROLL, type RollInHand } from './roll-in-hand.svelte.ts';

  interface Props {
    film: RollInHand;
    recipe: Recipe;
  }
  const { film, recipe }: Props = $props();
  const { draft } = $derived(film);
  const view = $derived(film.view());
  /** The film's own curve draws it, where one was tested. */
  const pushHref = $derived(
    `/film/push?${new URLSearchParams({ stops: String(view.pushStops ?? 0), film: recipe.film })}`,
  );
  const { volumeUnit, agitation, agitations } = $derived(film);
</script>

<h1 class="heading">
  <SlotText
    label="Name of the roll"
    bind:value={draft.title}
    empty="Name this roll"
    maxlength={120}
    hint="Found by these words later. Left empty, it gets today’s date."
    class="line-clamp-2 max-w-full border-transparent"
  />
</h1>
<p class="mt-1 text-[17px] leading-relaxed text-soft">
  {#if film.rollChoices.length > 1}
    It is
    <SlotChoice
      label="Exposed roll"
      bind:value={() => draft.rollId ?? NEW_ROLL, (id) => void film.take(id)}
      options={film.rollChoices}
      shown={film.waiting ? 'one of the exposed rolls' : 'a new roll'}
    />.
  {/if}
  <SlotChoice
    label="Recipe"
    bind:value={() => recipe.id, (id) => void film.choose(id)}
    options={film.recipeChoices}
    shown="{recipe.film} in {recipe.developer} {formatDilution(recipe.dilution)}"
  />
  shot at
  <SlotText
    label="Speed used (EI)"
    bind:value={draft.exposureIndex}
    empty="EI {recipe.exposureIndex}"
    before="EI "
    numeric
    maxlength={12}
    trouble={view.troubles.exposureIndex}
    hint="What the camera or the meter was set to."
  />,
  <SlotChoice
    label="Agitation"
    bind:value={
      () => agitationKey(agitation),
      (key) => {
        const chosen = agitations.find(({ id }) => id === key);
        if (chosen) draft.agitations = { ...draft.agitations, developer: chosen.agitation };
      }
    }
    options={agitations}
    shown={agitationScheme(agitation).name}
  />, {#if recipe.contrast?.length}for
    <SlotChoice
      label="Contrast"
      bind:value={() => String(draft.n ?? 0), (n) => (draft.n = Number(n))}
      options={[{ n: 0 }, ...recipe.contrast].map(({ n }) => ({
        id: String(n),
        name: contrastName(n),
      }))}
    />,
  {/if}
  {#if growsBy(recipe.reuse)}after
    <SlotText
      label="Rolls already developed in it"
      bind:value={() => draft.rollsBefore ?? '', (typed) => (draft.rollsBefore = typed)}
      empty={view.choices?.rollsBefore ? `${view.choices.rollsBefore} rolls` : 'no rolls'}
      after=" rolls"
      numeric
      maxlength={6}
      trouble={view.troubles.rollsBefore}
      hint="The time grows by {growsBy(recipe.reuse)}. Left empty: what its bath has had."
    /> before,
  {/if}
  <SlotText
    label="How many films"
    bind:value={() => draft.films ?? '', (typed) => (draft.films = typed)}
    empty="1 ×"
    after=" ×"
    numeric
    maxlength={4}
    trouble={view.troubles.films}
    hint="That go through together."
  />
  <SlotChoice
    label="Film format"
    bind:value={() => draft.format ?? 'small-36', (chosen) => (draft.format = chosen)}
    options={filmFormats}
  />
  {#if film.tanks.length > 0}in
    <SlotChoice
      label="Tank"
      bind:value={() => draft.tankId ?? '', (id) => void film.chooseTank(id)}
      options={[
        { id: '', name: 'any tank' },
        ...film.tanks.map(({ id, name, holdsMl }) => ({
          id,
          name,
          more: volumeWords(holdsMl, volumeUnit),
        })),
      ]}
      shown={view.tank.tank?.name ?? 'any tank'}
    />,
  {/if}
  <SlotText
    label="Volume in the tank, {volumeUnit}"
    bind:value={draft.volume}
    empty="no volume"
    after={/[a-z]/i.test(draft.volume) ? '' : ` ${volumeUnit}`}
    numeric
    maxlength={12}
    trouble={view.troubles.volume}
    hint="To know what to measure. A unit typed with it counts, as 20 fl oz."
  />.
</p>
{#if film.left}
  <p class="mt-1 text-[15px] text-caution" data-testid="from-last">
    From last time: {film.left}.
    <button class="slot-in min-h-9" onclick={() => film.backToUsual()}>Back to the usual</button>
    <button class="slot-in ml-3 min-h-9" onclick={() => delete draft.fromLast}>Right again</button>
  </p>
{/if}
{#if view.push}
  <p class="mt-1 text-[17px] font-[560]">
    {capital(view.push)}.
    <a class="slot-in font-normal" href={pushHref}>What that does</a>
  </p>
{/if}
