<script lang="ts">
  import { capital } from '$lib/words/capital.ts';
  import { goto, invalidateAll } from '$app/navigation';
  import { format } from 'date-fns';
  import { put } from '$lib/kit/client.ts';
  import { settingWords } from '$lib/stages/logbook/line.ts';
  import { stripLines } from '$lib/stages/logbook/strip-log.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import { areaSeconds } from '$lib/words/area.ts';
  import { enlargerSeconds } from '$lib/words/duration.ts';
  import { signedStops, stopsInWords } from '$lib/words/fraction.ts';

  const { data } = $props();
  const print = $derived(data.print);
  const setup = $derived(print.setup);
  const shown = $derived((seconds: number) =>
    enlargerSeconds(seconds, setup.lamp.timerStepSeconds),
  );
  const strips = $derived(stripLines(print));
  const sentence = $derived(
    [
      setup.negative && `negative ${setup.negative}`,
      setup.enlarger && `in ${setup.enlarger}`,
      setup.lens,
      setup.head && `head ${setup.head}`,
      setup.paper && `on ${setup.paper}`,
      `timer in ${setup.lamp.timerStepSeconds} s`,
      `lamp ${setup.lamp.lagSeconds} s late`,
    ]
      .filter((words) => words !== '')
      .join(', '),
  );

  let problem = $state<string>();
  const NOT_JUDGED = 'none';
  const twelfths = [-4, -3, -2, -1, 0, 1, 2, 3, 4, 6];
  const verdicts = [
    { id: NOT_JUDGED, name: 'not judged yet' },
    ...twelfths.map((n) => ({
      id: String(n),
      name: n === 0 ? 'as it should be' : `${stopsInWords(n / 12)} too ${n > 0 ? 'dark' : 'light'}`,
    })),
  ];
  const verdict = $derived(
    print.dryStops === undefined ? NOT_JUDGED : String(Math.round(print.dryStops * 12)),
  );

  /** What it looks like dry teaches the next print on this paper. */
  async function judge(chosen: string) {
    const { id, version, dryStops: _before, ...body } = print;
    const dryStops = chosen === NOT_JUDGED ? {} : { dryStops: Number(chosen) / 12 };
    const outcome = await put(`/api/v1/prints/${id}`, { ...body, ...dryStops }, version);
    problem = outcome.problem?.detail;
    await invalidateAll();
  }

  useKeys([{ key: 'Escape', does: 'back to the logbook', run: () => void goto('/logbook') }]);
</script>

<svelte:head><title>{print.title} · Katachron</title></svelte:head>

<p class="not-printed"><a class="slot-in text-soft" href="/logbook">Logbook</a></p>
<h1 class="heading mt-2 break-words">{print.title}</h1>
<p class="mt-1 text-[17px] text-soft">
  {capital(sentence)}. {format(print.madeAtMs, 'd MMMM yyyy')}.
</p>

<div
  class="mt-8 grid grid-cols-1 gap-x-14 gap-y-8 lg:grid-cols-[minmax(330px,auto)_minmax(0,1fr)_minmax(0,1fr)]"
>
  <section aria-label="The exposure">
    <p class="numeral text-[112px]">{shown(print.seconds)}<span class="text-[0.36em]"> s</span></p>
    <p class="mt-4 text-lg">{settingWords(print)}, R {print.range}</p>
    <p class="text-soft">within {stopsInWords(print.withinStops)}</p>
    {#if print.note}<p class="reason mt-4">{print.note}</p>{/if}
    <p class="mt-3 text-soft">
      Dry, its highlight is
      <SlotChoice
        label="The dry verdict"
        bind:value={() => verdict, (chosen) => void judge(chosen)}
        options={verdicts}
      />.
    </p>
    {#if problem}<p class="mt-2 text-trouble" role="alert">{problem}</p>{/if}
    <p class="not-printed mt-4">
      <a
        class="slot-in inline-flex min-h-11 items-center"
        href="/print/convert?seconds={print.seconds}">At another size, aperture or paper</a
      >
    </p>
  </section>

  <section aria-label="Burns and dodges">
    <h2 class="font-[620]">Burns and dodges</h2>
    {#if print.areas.length === 0}<p class="mt-1 text-soft">Straight.</p>{/if}
    <ul class="mt-1">
      {#each print.areas as area, index (index)}
        <li class="flex justify-between gap-4 border-b border-hair py-2">
          <span class="min-w-0 break-words"
            >{area.name} <b class="font-[620]">{signedStops(area.stops)}</b></span
          >
          <span class="text-soft">
            {areaSeconds(print.seconds, area.stops, setup.lamp.timerStepSeconds)}
          </span>
        </li>
      {/each}
    </ul>
  </section>

  <section aria-label="Strips">
    {#each strips as strip, index (index)}
      <div class="border-b border-hair pb-3 pt-1 first:pt-0">
        <h2 class="font-[620]">{strip.heading}</h2>
        <p class="text-[15px] text-soft">{strip.made}</p>
        <p class="mt-1">{strip.patches} s</p>
        {#each strip.seen as words, index (index)}<p>{words}</p>{/each}
      </div>
    {/each}
  </section>
</div>
