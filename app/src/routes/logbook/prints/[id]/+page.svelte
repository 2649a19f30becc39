<script lang="ts">
  import { watchNumbers } from '$lib/kit/watch-numbers.ts';
  import { goto } from '$app/navigation';
  import { refresh } from '$lib/kit/refresh.ts';
  import { contrastSet, planTools } from '@katachron/core';
  import { format } from 'date-fns';
  import { put } from '$lib/kit/client.ts';
  import Button from '$lib/kit/Button.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { newId } from '$lib/kit/new-id.ts';
  import { putInHand } from '$lib/nouns/in-hand/held.svelte.ts';
  import type { PrintDraft } from '$lib/nouns/in-hand/draft.ts';
  import { paperSize } from '$lib/nouns/paper/sizes.ts';
  import { latestVersion } from '$lib/nouns/print/latest.ts';
  import type { PrintBody } from '$lib/nouns/print/contract.ts';
  import { addedChange } from '$lib/nouns/print/next-change.ts';
  import { areaWords, settingWords } from '$lib/stages/logbook/line.ts';
  import Thumb from '$lib/nouns/picture/Thumb.svelte';
  import Tags from '$lib/stages/logbook/Tags.svelte';
  import LogbookSheets from '$lib/stages/logbook/LogbookSheets.svelte';
  import { readPlacesWords } from '$lib/nouns/print/read-words.ts';
  import { stripLines } from '$lib/stages/logbook/strip-log.ts';
  import { copyOf, draftFrom } from '$lib/stages/print/from-record.ts';
  import { versionChange } from '$lib/stages/print/version-words.ts';
  import { areaSeconds } from '$lib/words/area.ts';
  import { capital } from '$lib/words/capital.ts';
  import { enlargerSeconds } from '$lib/words/duration.ts';
  import { signedStops, withinInWords } from '$lib/words/fraction.ts';

  const { data } = $props();
  const print = $derived(data.print);
  const setup = $derived(print.setup);
  const version = $derived(latestVersion(print));
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
      setup.paperSize && paperSize(setup.paperSize).name,
      `timer in ${setup.lamp.timerStepSeconds} s`,
      `lamp ${setup.lamp.lagSeconds} s late`,
    ]
      .filter((words) => words)
      .join(', '),
  );
  let problem = $state<string>();

  /** What was said of a sheet that is dry, or of all its copies; what a verdict says teaches the next print on this paper. */
  async function write(said: { [Part in keyof PrintBody]?: PrintBody[Part] | undefined }) {
    const { id, version: basedOn, ...body } = print;
    const outcome = await put(`/api/v1/prints/${id}`, { ...body, ...said }, basedOn);
    problem = outcome.problem?.detail;
    await refresh();
  }

  /** In another filter, or with the lens opened, it took other seconds: those stand in the sheet’s firings. */
  function secondsWords({ stops, settingId, widerStops }: (typeof version.areas)[number]): string {
    const asTheBase = [undefined, version.settingId].includes(settingId) && !widerStops;
    return asTheBase ? areaSeconds(version.seconds, stops, setup.lamp.timerStepSeconds) : '';
  }

  /** ", cut mask, filter 00": where an area was given another way than usual. */
  function howWords({ tool, settingId }: (typeof version.areas)[number]): string {
    const how = [
      planTools.find(({ id }) => id === tool)?.name,
      settingId && settingWords(print, { ...version, settingId }),
    ].filter(Boolean);
    return how.length > 0 ? `, ${how.join(', ')}` : '';
  }

  /** All that was kept of it, from the bench where it still lies, or from the record. */
  const kept = $derived<PrintDraft>(data.inHand?.draft ?? draftFrom(print));

  async function onTheBench(id: string, draft: PrintDraft, page = '', basedOn?: number) {
    const outcome = await putInHand(id, draft, basedOn);
    problem = outcome.problem?.detail;
    if (outcome.value) await goto(`/print/${id}${page}`);
  }
  const again = (change: Partial<PrintDraft> = {}) =>
    onTheBench(print.id, { ...kept, takenUpAtMs: Date.now(), ...change }, '', data.inHand?.version);
  const copy = (page = '') => onTheBench(newId(), copyOf(kept), page);

  useKeys([
    { key: ' ', does: 'print it again', run: () => void again() },
    { key: 'c', does: 'a copy of it', run: () => void copy() },
    {
      key: 's',
      does: 'another size',
      run: () => void copy(`/convert?seconds=${version.seconds}`),
    },
    { key: 'Escape', does: 'back to the logbook', run: () => void goto('/logbook') },
  ]);
</script>

<svelte:head><title>{print.title} · Katachron</title></svelte:head>

<p class="not-printed"><a class="slot-in text-soft" href="/logbook">Logbook</a></p>
<h1 class="heading mt-2 break-words">{print.title}</h1>
<p class="mt-1 text-[17px] text-soft">
  {capital(sentence)}. {format(print.madeAtMs, 'd MMMM yyyy')}.
  {#if data.roll}Of <a class="slot-in break-words" href="/logbook/rolls/{data.roll.id}"
      >{data.roll.title}</a
    >.{/if}
</p>
<Tags tags={print.tags ?? []} ontags={(tags) => void write({ tags })} />
{#if problem}<p class="mt-2 text-trouble" role="alert">{problem}</p>{/if}

<div
  class="mt-6 grid grid-cols-1 gap-x-14 gap-y-8 lg:grid-cols-[minmax(330px,auto)_minmax(0,1fr)_minmax(0,1fr)]"
>
  <section aria-label="The exposure">
    <p class="numeral text-[112px]" {@attach watchNumbers}>
      {shown(version.seconds)}<span class="text-[0.36em]"> s</span>
    </p>
    <p class="mt-4 text-lg">{settingWords(print)}, R {version.range}</p>
    <p class="text-soft">
      within {withinInWords(version.withinStops)}{version.dryDown
        ? ', dry-down taken off'
        : ''}{version.split
        ? `, in two: ${version.split
            .map(
              ({ settingId, seconds }) =>
                `${shown(seconds)} s at ${settingWords(print, { ...version, settingId })}`,
            )
            .join(', ')}`
        : ''}{version.flashShare === undefined
        ? ''
        : `, flashed with ${Math.round(version.flashShare * 100)} % of the threshold`}
    </p>
    {#if print.note}<p class="reason mt-4">{print.note}</p>{/if}
    {#if data.picture}<Thumb of={data.picture} class="mt-4" alt="The print" />{/if}
    <div class="not-printed mt-4 flex flex-wrap gap-3">
      <Button main keyHint="Space" answer="{shown(version.seconds)} s" onclick={() => void again()}
        >Print again</Button
      >
      <Button keyHint="C" onclick={() => void copy()}>Copy</Button>
      <Button keyHint="S" onclick={() => void copy(`/convert?seconds=${version.seconds}`)}
        >Another size</Button
      >
    </div>
  </section>

  <div>
    <section aria-label="Burns and dodges">
      <h2 class="font-[620]">Burns and dodges</h2>
      {#if version.areas.length === 0}<p class="mt-1 text-soft">Straight.</p>{/if}
      <ul class="mt-1">
        {#each version.areas as area, index (index)}
          <li class="flex justify-between gap-4 border-b border-hair py-2">
            <span class="min-w-0 break-words"
              >{area.name} <b class="font-[620]">{signedStops(area.stops)}</b>{howWords(area)}</span
            >
            <span class="text-soft">
              {secondsWords(area)}
            </span>
          </li>
        {/each}
      </ul>
    </section>
    {#if print.versions.length > 1}
      <section aria-label="Versions" class="mt-6">
        <h2 class="font-[620]">Versions</h2>
        {#each print.versions as one, index (one.number)}
          {@const before = print.versions[index - 1]}
          <p class="border-b border-hair py-2">
            <b class="font-[620]">{one.number}</b>
            {before
              ? `${versionChange(before, one, contrastSet(setup.contrastSetId))} against ${before.number}`
              : areaWords(one)}
          </p>
        {/each}
      </section>
    {/if}
    <LogbookSheets
      {print}
      {shown}
      trays={data.trays}
      onsheet={(sheet) =>
        void write({ sheets: print.sheets.map((one) => (one.id === sheet.id ? sheet : one)) })}
      onedition={(edition) => void write({ edition })}
      onnext={(asked, mark) => void again({ change: addedChange(version.change, asked, mark) })}
    />
  </div>

  <section aria-label="Strips">
    {#if print.readings}
      <p class="border-b border-hair pb-3">
        <span class="font-[620]">Read before the first strip.</span>
        {readPlacesWords(print.readings)}.
      </p>
    {/if}
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
