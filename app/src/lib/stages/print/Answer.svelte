<script lang="ts">
  import { watchNumbers } from '../../kit/watch-numbers.ts';
  import Said from '../../kit/Said.svelte';
  import CurvePicture from './CurvePicture.svelte';
  import { plainStops, withinInWords } from '../../words/fraction.ts';
  import type { PrintInHand } from './print-in-hand.svelte.ts';

  const { print }: { print: PrintInHand } = $props();
  const view = $derived(print.view());
  const { reading } = $derived(print);
</script>

<section aria-label="The answer">
  {#if reading}
    <div class="flex gap-x-12 max-[359px]:flex-wrap" {@attach watchNumbers}>
      <div>
        <p class="numeral text-[84px] md:text-[112px]" data-testid="seconds">
          {view.dial}<span class="text-[0.36em]"> s</span>
        </p>
        <p class="mt-4 text-soft">
          within {withinInWords(view.withinStops ?? reading.withinStops)}{view.dryTakenStops !==
          undefined
            ? ', for the dry print'
            : ''}
        </p>
      </div>
      <div>
        <p class="numeral text-[84px] md:text-[112px]" data-testid="setting">
          {reading.setting.name}
        </p>
        <p class="mt-4 text-soft">
          {view.set.noun}{view.settingsWithin === undefined
            ? ', as on the strip'
            : `, within ${plainStops(view.settingsWithin)}`}
        </p>
      </div>
    </div>
    <p class="mt-3 text-[15px] text-soft">
      {view.bracket}
      <Said words={view.budget ?? ''} />
      <Said words={view.figures ?? ''} />
    </p>
    {#if view.plot}<div class="mt-3"><CurvePicture plot={view.plot} /></div>{/if}
  {:else if view.soFar}
    <div class="flex gap-x-12 text-soft" data-testid="so-far">
      <div>
        {#if view.soFar.dial}
          <p class="numeral text-[84px]">{view.soFar.dial}<span class="text-[0.36em]"> s</span></p>
          <p class="mt-4">so far, within {withinInWords(view.soFar.withinStops)}</p>
        {:else}
          <p class="numeral text-[84px]">?<span class="text-[0.36em]"> s</span></p>
          <p class="mt-4">the strip finds the time</p>
        {/if}
      </div>
      <div>
        <p class="numeral text-[84px]">{view.soFar.setting.name}</p>
        <p class="mt-4">
          {view.set.noun}{view.together?.contrastBy === 'readings' && !view.together.made
            ? ', by what was read'
            : ''}
        </p>
      </div>
    </div>
  {:else}
    <p class="reason text-soft">
      Expose the strip, develop it, look. Then say where the highlight is right and where the shadow
      is: touch the patches above, or use H and J.
    </p>
  {/if}
</section>
