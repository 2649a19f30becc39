<script lang="ts">
  import Axes from '$lib/kit/Axes.svelte';
  import { goto, replaceState } from '$app/navigation';
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import { pushView } from '$lib/stages/film/push-view.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import { format } from 'date-fns';
  import { signedStops } from '$lib/words/fraction.ts';

  const { data } = $props();
  /** Moved by key faster than an address can follow. */
  let stops = $derived(data.stops);
  let film = $derived(data.film);
  const own = $derived(data.curves.find((curve) => curve.film === film));
  const view = $derived(pushView(stops, own?.character));
  const choices = $derived(
    Array.from({ length: data.most - data.least + 1 }, (_, index) => data.least + index),
  );
  const to = (stops: number) =>
    `/film/push?stops=${stops}${film ? `&film=${encodeURIComponent(film)}` : ''}`;

  function step(by: number) {
    stops = Math.min(data.most, Math.max(data.least, stops + by));
    replaceState(to(stops), {});
  }

  useKeys([
    { key: 'ArrowRight', does: 'a stop more', run: () => step(1) },
    { key: 'ArrowLeft', does: 'a stop less', run: () => step(-1) },
    { key: 'Escape', does: 'back to the film', run: () => void goto('/film') },
  ]);
</script>

<svelte:head><title>Push and pull · Katachron</title></svelte:head>

<FilmPages />
<h1 class="heading">Push and pull</h1>
<p class="reason mt-1 max-w-[110ch] text-soft">
  Underexposed film is pushed: more development. Overexposed film is pulled: less. Density against
  exposure, from the film’s curve; a stop of push moves its speed point by 0.05 and no more.
</p>
{#if data.curves.length > 0}
  <p class="mt-1 text-soft">
    It is
    <SlotChoice
      label="The film"
      bind:value={
        () => film,
        (chosen) => {
          film = chosen;
          replaceState(to(stops), {});
        }
      }
      options={[
        { id: '', name: 'a usual film' },
        ...data.curves.map((curve) => ({ id: curve.film, name: curve.film, more: 'by its test' })),
      ]}
    />.
  </p>
{/if}
<p class="flex flex-wrap gap-x-2" role="group" aria-label="Stops">
  {#each choices as choice (choice)}
    <a
      href={to(choice)}
      data-sveltekit-noscroll
      data-sveltekit-keepfocus
      class="flex min-h-14 min-w-14 items-center justify-center border-b-[3px] border-transparent text-soft aria-[current]:border-rim aria-[current]:font-[620] aria-[current]:text-ink"
      aria-current={choice === stops ? 'true' : undefined}
      >{choice === 0 ? 'normal' : `${choice > 0 ? 'push' : 'pull'} ${signedStops(choice)}`}</a
    >
  {/each}
</p>
<div class="mt-4 grid grid-cols-1 gap-x-14 gap-y-6 lg:grid-cols-[minmax(0,1fr)_380px]">
  <div class="h-[330px] pb-7 pl-10 pr-16">
    <svg class="size-full overflow-visible" role="img" aria-label={view.sentences.join(' ')}>
      <Axes up={view.up} />
      <text x="50%" y="100%" dy="22" text-anchor="middle" class="fill-soft text-[15px]"
        >more light →</text
      >
      <svg viewBox="0 0 100 100" preserveAspectRatio="none" class="overflow-visible" fill="none">
        <path
          d={view.normal}
          vector-effect="non-scaling-stroke"
          stroke-width="2"
          class="stroke-soft"
        />
        <path
          d={view.pushed}
          vector-effect="non-scaling-stroke"
          stroke-width="2.6"
          class="stroke-ink"
        />
      </svg>
      {#each view.places as place, index (index)}
        {#each place.dots as dot, index (index)}
          <circle
            cx="{dot.x}%"
            cy="{dot.y}%"
            r={dot.pushed ? 8 : 5}
            stroke-width="2"
            class={dot.pushed ? 'fill-rim stroke-rim' : 'fill-ground stroke-ink'}
          />
        {/each}
      {/each}
      {#each view.labels as label, index (index)}
        <text x="{label.x}%" y="{label.y}%" dx="10" dy="0.34em" class="fill-ink text-[15px]"
          >{label.text}</text
        >
      {/each}
    </svg>
  </div>
  <section aria-label="What it does" aria-live="polite">
    {#each view.sentences as sentence, index (index)}
      <p class={index === 0 ? 'text-lg font-[600]' : 'reason mt-3'}>{sentence}</p>
    {/each}
    <table class="mt-5 w-full text-right" aria-label="Densities">
      <thead class="text-[15px] text-soft">
        <tr>
          <th class="text-left font-normal">Density of the</th>
          <th class="font-normal">normal</th>
          <th class="font-normal">shot so</th>
          <th class="font-normal">and developed so</th>
        </tr>
      </thead>
      <tbody>
        {#each view.places as place, index (index)}
          <tr class="border-b border-hair">
            <th scope="row" class="py-1.5 text-left font-[560]">{place.name}</th>
            <td>{place.normal.toFixed(2)}</td>
            <td>{place.unchanged.toFixed(2)}</td>
            <td class="font-[620]">{place.pushed.toFixed(2)}</td>
          </tr>
        {/each}
      </tbody>
    </table>
    <p class="mt-4 text-[15px] text-soft">
      {#if own}
        By the film’s own curve, tested on {format(own.foundAtMs, 'd MMMM yyyy')}: base and fog {own.character.baseFog.toFixed(
          2,
        )}, slope {own.character.normalGradient.toFixed(2)} at the normal time.
      {:else}
        A model until a film is measured: base and fog 0.25, slope 0.6 at the normal time. Its own
        curve comes of the <a class="underline" href="/calibrate/film-densities"
          >test by densities</a
        >.
      {/if}
    </p>
  </section>
</div>
