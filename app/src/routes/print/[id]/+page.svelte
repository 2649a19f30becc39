<script lang="ts">
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import Aims from '$lib/stages/print/Aims.svelte';
  import Answer from '$lib/stages/print/Answer.svelte';
  import Areas from '$lib/stages/print/Areas.svelte';
  import Dial from '$lib/stages/print/Dial.svelte';
  import Learned from '$lib/stages/print/Learned.svelte';
  import LookAgain from '$lib/stages/print/LookAgain.svelte';
  import NextStep from '$lib/stages/print/NextStep.svelte';
  import { usePrint } from '$lib/stages/print/print-in-hand.svelte.ts';
  import PrintBaths from '$lib/stages/print/PrintBaths.svelte';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';
  import PrintSetup from '$lib/stages/print/PrintSetup.svelte';
  import Rulers from '$lib/stages/print/Rulers.svelte';
  import SplitAndFlash from '$lib/stages/print/SplitAndFlash.svelte';
  import StripChoice from '$lib/stages/print/StripChoice.svelte';

  const print = usePrint();
  let learned = $state<Learned>();

  useKeys([
    {
      key: ' ',
      does: 'the big button: fire the strip, one more strip, fire the print, or to its record',
      run: () => print.bigButton(),
    },
    { key: 'h', does: 'place the highlight pick', run: () => print.place('highlight') },
    { key: 'j', does: 'place the shadow pick', run: () => print.place('shadow') },
    { key: 'y', does: 'the highlight beside it', run: () => print.place('highlight', 'beside') },
    { key: 'i', does: 'the shadow beside it', run: () => print.place('shadow', 'beside') },
    { key: 'u', does: 'take the last pick back', run: () => print.unpick() },
    {
      key: 'p',
      does: 'write the print down, and to its record',
      run: () => void print.keepPrint(),
    },
    { key: 'f', does: 'fire the strip from this screen', run: () => print.fire('strip') },
    { key: 'g', does: 'fire the print', run: () => print.reading && print.fire('print') },
    { key: 'b', does: 'strip into the developer', run: () => print.layIn() },
    { key: 'z', does: 'back to the strip before', run: () => print.back() },
  ]);
</script>

<svelte:head><title>Print · Katachron</title></svelte:head>

<PrintPages of={print.path} />
<PrintSetup {print} />
<StripChoice {print} />
{#if !print.fresh.isNow}<Rulers {print} />{/if}

<div class="mt-2 grid grid-cols-1 gap-x-12 gap-y-6 lg:grid-cols-[400px_minmax(0,1fr)_250px]">
  {#if print.fresh.isNow}
    <p class="reason">What was picked and found is out of sight while you look.</p>
  {:else}
    <Answer {print} />
  {/if}
  <section aria-label="Why, and what next">
    <NextStep {print} onforget={() => void learned?.forget()} />
    <LookAgain {print} />
    <Aims {print} />
    <Learned bind:this={learned} {print} />
    <p class="mt-2 flex flex-wrap gap-x-5 text-[15px] text-soft">
      {#if print.before.length > 0}
        <button class="min-h-11 underline decoration-hair" onclick={() => print.back()}
          >Back to the strip before</button
        >
      {/if}
      {#if print.draft.change}
        <button class="min-h-11 underline decoration-hair" onclick={() => delete print.draft.change}
          >As the strips say, without the change</button
        >
      {/if}
      {#if print.draft.earlier.length > 0 || print.reading}
        <button class="min-h-11 underline decoration-hair" onclick={() => print.startOver()}
          >Start over</button
        >
      {/if}
    </p>
    <SplitAndFlash {print} />
    <Areas {print} />
    <PrintBaths {print} />
  </section>
  <Dial {print} />
</div>
