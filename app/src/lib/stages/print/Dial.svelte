<script lang="ts">
  import { toneFactors } from '@katachron/core';
  import Button from '../../kit/Button.svelte';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import { clockTime } from '../../words/duration.ts';
  import { useDesk } from '../../bench/desk/desk.svelte.ts';
  import { watchNumbers } from '../../kit/watch-numbers.ts';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  const BY_CLOCK = 'clock';
  const { print }: { print: PrintInHand } = $props();
  const desk = useDesk();
  const view = $derived(print.view());
  const { reading } = $derived(print);
</script>

<section aria-label="Firings to dial" class={reading ? '' : 'max-lg:order-first'}>
  {#if view.firings.length > 0}
    <h2 class="font-[620]">Dial</h2>
    <ol class="mt-1" {@attach reading ? undefined : watchNumbers}>
      {#each view.firings as firing, index (index)}
        <li class="flex min-h-7 items-baseline justify-between gap-3 border-b border-hair">
          <span class="text-[15px] text-soft">{firing.hands}</span>
          <span class="font-[620] whitespace-nowrap">{firing.dial} s</span>
        </li>
      {/each}
    </ol>
    {#if view.beside}
      <h3 class="mt-2 text-[15px] font-[600]">
        Beside it, {view.set.noun}
        {view.beside.setting.name}
      </h3>
      <p class="text-[15px] text-soft">
        {view.beside.firings.map(({ dial }) => dial).join(', ')} s
      </p>
    {/if}
    <p class="mt-2 text-[15px] text-soft">
      Focus lamp off, filter in, stopped down, paper box shut, top marked on the back. Dry hands.
      Developer
      <SlotChoice
        label="Developer"
        bind:value={
          () => String(desk.preferences.toneFactor ?? BY_CLOCK),
          (chosen) => desk.setToneFactor(toneFactors.find((factor) => String(factor) === chosen))
        }
        options={[
          {
            id: BY_CLOCK,
            name: `by the clock, ${clockTime(print.developerSeconds)}`,
            more: 'Pulled out early a sheet is mottled and lacks black; left in much longer it fogs. Strip and print get the same.',
          },
          ...toneFactors.map((factor) => ({
            id: String(factor),
            name: `by the first tone × ${factor}`,
            more: 'touch “first tone” in the sink when it shows',
          })),
        ]}
      />.
    </p>
    <div class="mt-3 flex flex-wrap gap-3 {reading ? '' : 'in-sight-desk'}">
      <Button
        main={!reading}
        keyHint={reading ? 'F' : 'Space'}
        answer={view.firings[0] && `${view.firings[0].dial} s first`}
        onclick={() => print.fire('strip')}
      >
        Fire the strip
      </Button>
    </div>
    <div class="mt-3 flex">
      <Button keyHint="B" onclick={() => print.layIn()}>Strip into the developer</Button>
    </div>
  {/if}
</section>
