<script lang="ts">
  import { goto } from '$app/navigation';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import VolumeSwitch from '$lib/bench/desk/VolumeSwitch.svelte';
  import DateField from '$lib/kit/DateField.svelte';
  import { keptState } from '$lib/kit/kept-state.svelte.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import SlotText from '$lib/kit/SlotText.svelte';
  import ChemistryPages from '$lib/stages/chemistry/ChemistryPages.svelte';
  import { mixView, mixWays, usualMix, type MixForm } from '$lib/stages/chemistry/mix-view.ts';
  import { retypeVolume } from '$lib/words/volume.ts';

  const { data } = $props();
  const desk = useDesk();
  const unit = $derived(desk.volumeUnit);
  const form = keptState<MixForm>('katachron-mix', usualMix);
  const view = $derived(mixView(form, data.vessels, unit, data.nowMs));
  const byParts = $derived(form.way === 'total' || form.way === 'rest');

  useKeys([{ key: 'Escape', does: 'to the film', run: () => void goto('/film') }]);
</script>

<svelte:head><title>Mix · Katachron</title></svelte:head>

<ChemistryPages />
<h1 class="heading">Mix</h1>
<p class="mt-2 text-lg leading-loose text-soft">
  Make
  <SlotChoice label="What is mixed" bind:value={form.way} options={mixWays} />:
  {#if form.way === 'rest'}
    <SlotText
      label="What is left of the concentrate"
      bind:value={form.rest}
      empty="how much is left"
      after=" {unit}"
      numeric
      maxlength={12}
      trouble={view.troubles.rest}
    />
    left of the concentrate, for
  {:else}
    <SlotText
      label="Volume"
      bind:value={form.volume}
      empty="how much"
      after=" {unit}"
      numeric
      maxlength={12}
      trouble={view.troubles.volume}
    />
    of
  {/if}
  {#if byParts}
    <SlotText
      label="Dilution"
      bind:value={form.dilution}
      empty="parts"
      maxlength={24}
      trouble={view.troubles.dilution}
      hint="With a plus: 1+31, 1+1+80. The last part is water."
    />.
  {:else if form.way === 'percent'}
    <SlotText
      label="Per cent wanted"
      bind:value={form.percent}
      empty="per cent"
      after=" %"
      numeric
      maxlength={8}
      trouble={view.troubles.percent}
    />
    from a stock of
    <SlotText
      label="Per cent of the stock"
      bind:value={form.stock}
      empty="per cent"
      after=" %"
      numeric
      maxlength={8}
      trouble={view.troubles.stock}
    />.
  {:else if form.way === 'powder'}
    stock.
  {:else}
    <SlotText
      label="Dilution now"
      bind:value={form.now}
      empty="parts"
      maxlength={24}
      trouble={view.troubles.now}
    />
    to become
    <SlotText
      label="Dilution wanted"
      bind:value={form.then}
      empty="parts"
      maxlength={24}
      trouble={view.troubles.then}
    />.
  {/if}
  Volumes <VolumeSwitch
    onswitch={(from, to) => {
      form.volume = retypeVolume(form.volume, from, to);
      form.rest = retypeVolume(form.rest, from, to);
    }}
  />
</p>
{#if form.way === 'powder'}
  <div class="max-w-[260px]">
    <DateField
      id="day"
      label="To be used on"
      bind:value={form.day}
      hint="It is made up the day before."
      trouble={view.troubles.day}
    />
  </div>
{/if}
{#if view.when}<p class="reason mt-2 font-[560]" data-testid="when">{view.when}</p>{/if}
{#each Object.values(view.troubles) as trouble, index (index)}
  <p class="reason mt-2 text-trouble" role="alert">{trouble}</p>
{/each}

<div class="mt-4 grid grid-cols-1 gap-x-14 gap-y-6 lg:grid-cols-[minmax(0,1fr)_440px]">
  <section aria-label="What to measure" aria-live="polite">
    <ul>
      {#each view.lines as { name, amount, how, doubtful }, index (index)}
        <li class="border-b border-hair py-3">
          <p class="flex flex-wrap items-baseline gap-x-4">
            <span class="numeral text-[64px] md:text-[84px]" data-testid="amount">{amount}</span>
            <span class="text-xl font-[560]">{name}</span>
          </p>
          {#if how}
            <p class="text-[17px] {doubtful ? 'text-caution' : 'text-soft'}">
              {doubtful ? 'Too little to be read well: ' : ''}{how}
            </p>
          {/if}
        </li>
      {:else}
        <li class="reason text-soft">Say how much of what: what to measure stands here then.</li>
      {/each}
    </ul>
    {#if view.total}
      <p class="mt-2 text-soft">In all <span class="font-[560]">{view.total}</span>.</p>
    {/if}
    {#if view.lines.length > 0 && data.vessels.length === 0}
      <p class="mt-2 text-[15px] text-soft">
        <a class="slot-in inline-flex min-h-11 items-center" href="/chemistry/vessels"
          >Write your graduates and syringes down</a
        >, and it says which one measures it, and how well.
      </p>
    {/if}
  </section>
  <section aria-label="How to pour">
    {#if view.remedies.length > 0}
      <h2 class="font-[620]">To measure it better</h2>
      <ul class="mb-4 mt-1 space-y-1.5">
        {#each view.remedies as remedy, index (index)}<li class="reason">{remedy}</li>{/each}
      </ul>
    {/if}
    {#if view.steps.length > 0}
      <h2 class="font-[620]">In this order</h2>
      <ol class="mt-1 list-decimal space-y-1.5 pl-6">
        {#each view.steps as step, index (index)}<li class="reason">{step}</li>{/each}
      </ol>
    {/if}
    <p class="mt-4 text-caution">
      Acid into water, never water into acid. Gloves and glasses; powders without raising dust, and
      the day before. Air the room, label every bottle, and keep all of it from children, food and
      drink.
    </p>
    <p class="mt-2 text-[15px] text-soft">
      The product’s safety data sheet and local rules say more, and are right where they say
      otherwise.
    </p>
  </section>
</div>
