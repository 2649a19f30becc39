<script lang="ts">
  import Axes from '$lib/kit/Axes.svelte';
  import { goto } from '$app/navigation';
  import FilmPages from '$lib/stages/film/FilmPages.svelte';
  import {
    money,
    packetInUnit,
    packetView,
    usualPacket,
    type PacketForm,
  } from '$lib/stages/film/packet-view.ts';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import type { FieldLine } from '$lib/kit/field-line.ts';
  import Fields from '$lib/kit/Fields.svelte';
  import VolumeSwitch from '$lib/bench/desk/VolumeSwitch.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { clockTime } from '$lib/words/duration.ts';

  const desk = useDesk();
  const unit = $derived(desk.volumeUnit);
  // The form is its own from here on.
  /* svelte-ignore state_referenced_locally */
  const form = $state<PacketForm>(usualPacket(unit));
  const view = $derived(packetView(form, unit));

  type Line = FieldLine<keyof PacketForm>;
  const packet: readonly Line[] = $derived([
    { name: 'price', label: 'The packet cost', hint: 'In your money.' },
    { name: 'stock', label: `It makes stock, ${unit}`, hint: 'Or concentrate.' },
    { name: 'perRoll', label: `A roll stands in, ${unit}`, hint: 'Of what is in the tank.' },
  ]);
  const reused: readonly Line[] = [
    { name: 'stockTime', label: 'First time', hint: 'As 7:30.' },
    { name: 'percent', label: 'Longer by, %', hint: 'For each batch.' },
    { name: 'batch', label: 'A batch is, rolls', hint: 'As 5.' },
    { name: 'capacity', label: 'Good for, rolls', hint: 'By its data sheet.' },
  ];
  const diluted: readonly Line[] = $derived([
    { name: 'dilution', label: 'Dilution', hint: 'As 1+1.' },
    { name: 'dilutedTime', label: 'Time', hint: 'As 10:30.' },
    { name: 'minimum', label: `Least stock a roll, ${unit}`, hint: 'Left empty: none.' },
  ]);

  useKeys([{ key: 'Escape', does: 'back to the film', run: () => void goto('/film') }]);
</script>

<svelte:head><title>A packet of developer · Katachron</title></svelte:head>

{#snippet fields(lines: readonly Line[])}
  <Fields
    lines={lines.map((line) => ({ ...line, maxlength: 12 }))}
    typed={(name) => form[name]}
    ontyped={(name, text) => (form[name] = text)}
    troubles={view.troubles}
  />
{/snippet}

<FilmPages />
<h1 class="heading">What a packet comes to</h1>
<p class="reason mt-2 text-soft">
  The same packet used as stock again and again, or diluted once and thrown away: rolls, money and
  minutes.
</p>
<p class="mt-1 text-soft">
  Volumes <VolumeSwitch
    onswitch={(from, to) => Object.assign(form, packetInUnit(form, from, to))}
  />
</p>
<div class="mt-5 grid grid-cols-1 gap-x-14 gap-y-8 lg:grid-cols-[420px_minmax(0,1fr)]">
  <div class="grid grid-cols-2 gap-x-6 gap-y-3">
    {@render fields(packet)}
    <h2 class="col-span-2 mt-2 font-[600]">Stock, reused</h2>
    {@render fields(reused)}
    <h2 class="col-span-2 mt-2 font-[600]">Diluted, once</h2>
    {@render fields(diluted)}
  </div>
  <section aria-label="What it comes to" aria-live="polite">
    {#if view.reused && view.diluted && view.chart}
      <table class="w-full text-right">
        <thead class="text-[15px] text-soft">
          <tr>
            <th class="text-left font-normal"><span class="sr-only">Way</span></th>
            <th class="font-normal">rolls</th>
            <th class="font-normal">cost per roll</th>
            <th class="font-normal">time a roll</th>
            <th class="font-normal">last roll</th>
          </tr>
        </thead>
        <tbody>
          {#each [{ name: 'Stock, reused', cost: view.reused }, { name: 'Diluted, once', cost: view.diluted }] as { name, cost } (name)}
            <tr class="border-b border-hair">
              <th scope="row" class="py-2 text-left font-[560]">{name}</th>
              <td class="numeral text-[34px]">{cost.rolls}</td>
              <td class="numeral text-[34px]">{money(cost.pricePerRoll)}</td>
              <td>{clockTime(cost.meanSeconds)}</td>
              <td>{clockTime(cost.secondsOfRoll.at(-1) ?? 0)}</td>
            </tr>
          {/each}
        </tbody>
      </table>
      <p class="reason mt-4">{view.sentence}</p>
      <div class="mt-6 h-[240px] max-w-2xl pb-7 pl-12 pr-16">
        <svg
          class="size-full overflow-visible"
          role="img"
          aria-label="Development time of each roll, reused and diluted"
        >
          <Axes up={view.chart.up} across={view.chart.across} />
          <svg
            viewBox="0 0 100 100"
            preserveAspectRatio="none"
            class="overflow-visible"
            fill="none"
          >
            <path
              d={view.chart.reused}
              vector-effect="non-scaling-stroke"
              stroke-width="2.2"
              class="stroke-ink"
            />
            <path
              d={view.chart.diluted}
              vector-effect="non-scaling-stroke"
              stroke-width="2"
              stroke-dasharray="2 5"
              stroke-linecap="round"
              class="stroke-soft"
            />
          </svg>
          {#each view.chart.ends as end, index (index)}
            <text x="{end.x}%" y="{end.y}%" dx="8" dy="0.34em" class="fill-ink text-[15px]"
              >{end.label}</text
            >
          {/each}
        </svg>
      </div>
    {/if}
  </section>
</div>
