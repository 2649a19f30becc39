<script lang="ts">
  import { goto, replaceState } from '$app/navigation';
  import { refresh } from '$lib/kit/refresh.ts';
  import { onMount, tick } from 'svelte';
  import { useWetSide } from '$lib/bench/clock/wet-side.svelte.ts';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import Button from '$lib/kit/Button.svelte';
  import { cookieNames } from '$lib/kit/cookie.ts';
  import { draftOf } from '$lib/kit/draft.svelte.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import { filmCookie } from '$lib/stages/film/draft-cookie.ts';
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import { NEW_ROLL, RollInHand } from '$lib/stages/film/roll-in-hand.svelte.ts';
  import RollChoice from '$lib/stages/film/RollChoice.svelte';
  import ThePlan from '$lib/stages/film/ThePlan.svelte';
  import TimeAndRoom from '$lib/stages/film/TimeAndRoom.svelte';
  import TimeAnswer from '$lib/stages/film/TimeAnswer.svelte';

  const { data } = $props();
  const film = new RollInHand({
    // The draft is this page's own from here on.
    // svelte-ignore state_referenced_locally
    draft: draftOf(cookieNames.film, data.draft, filmCookie),
    shelf: () => data,
    desk: useDesk(),
    wetSide: useWetSide(),
    go: (path) => goto(path),
    askAnew: async () => {
      await tick();
      await refresh('katachron:film');
    },
  });
  const view = $derived(film.view());

  onMount(() => {
    // What came with the address is in the draft now; a reload must not take it once more.
    if (location.search !== '') void tick().then(() => replaceState('/film', {}));
  });

  useKeys([
    { key: ' ', does: 'start developing', run: () => void film.start() },
    { key: 't', does: 'type the temperature', run: () => film.thermometer?.focus() },
    { key: 'u', does: '°C or °F', run: () => film.switchUnit() },
  ]);
</script>

<svelte:head><title>Film · Katachron</title></svelte:head>

<FilmPages />
{#if view.asks && film.waiting}
  <h1 class="heading">{film.draft.title || 'Film'}</h1>
  <p class="reason mt-3" role="alert">
    {view.asks} Write its time down from a data sheet or your own notes, or take another roll.
  </p>
  <div class="mt-6 flex flex-wrap items-center gap-3">
    <Button main href="/film/recipes/new?roll={film.waiting.id}">New recipe</Button>
    <SlotChoice
      label="Exposed roll"
      bind:value={() => film.draft.rollId ?? NEW_ROLL, (id) => void film.take(id)}
      options={film.rollChoices}
      shown="Take another roll"
      class="min-h-11"
    />
  </div>
{:else if !view.recipe}
  <h1 class="heading">Film</h1>
  <p class="reason mt-3">
    No recipe yet. Write down one time from a data sheet, or from your own notes, and every other
    temperature and speed follows from it.
  </p>
  <p class="mt-3 max-w-xl text-[15px] text-soft" data-testid="leads">
    Three matter now: the film, its developer with the dilution, and one time at one temperature.
    Agitation, reuse and other speeds can wait.
  </p>
  <div class="mt-6 flex flex-wrap gap-3">
    <Button main href="/film/recipes/new">New recipe</Button>
    <Button href="/film/recipes/import">Import recipes from a file</Button>
  </div>
{:else}
  <RollChoice {film} recipe={view.recipe} />
  <div class="mt-6 grid grid-cols-1 gap-x-14 gap-y-8 lg:grid-cols-[330px_minmax(0,1fr)_330px]">
    <TimeAnswer {film} />
    <TimeAndRoom {film} recipe={view.recipe} judged={data.judged} />
    <ThePlan
      {film}
      recipe={view.recipe}
      procedures={data.procedures}
      saved={() => void refresh('katachron:film')}
    />
  </div>
{/if}
