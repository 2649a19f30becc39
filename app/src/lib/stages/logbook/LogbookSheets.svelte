<script lang="ts">
  import { contrastSet } from '@katachron/core';
  import { format } from 'date-fns';
  import BathLinks from '../../nouns/bath/BathLinks.svelte';
  import type { Print } from '../../nouns/print/contract.ts';
  import { givenWords } from '../../nouns/print/given-words.ts';
  import { latestVersion } from '../../nouns/print/latest.ts';
  import { MOST_EDITION } from '../../nouns/print/limits.ts';
  import { markOf } from '../../nouns/print/mark.ts';
  import { changeAsked, changeWords } from '../../nouns/print/next-change.ts';
  import type { Change, Sheet, Verdict } from '../../nouns/print/sheet.ts';
  import SlotOnLeave from '../../kit/SlotOnLeave.svelte';
  import { areaWords, settingWords } from './line.ts';
  import SheetFate from './SheetFate.svelte';
  import SheetVerdict from './SheetVerdict.svelte';

  interface Props {
    print: Print;
    /** What happened to a sheet in the trays, in words. */
    trays: Readonly<Record<string, string>>;
    shown: (seconds: number) => string;
    /** A sheet of the record becomes another; or the size of the edition. */
    onsheet: (sheet: Sheet) => void;
    onedition: (edition: number | undefined) => void;
    /** The next version is wanted otherwise than the sheet of a mark. */
    onnext: (asked: Pick<Change, 'stops' | 'settings'>, mark: string) => void;
  }
  const { print, trays, shown, onsheet, onedition, onnext }: Props = $props();
  const set = $derived(contrastSet(print.setup.contrastSetId));
  const latest = $derived(latestVersion(print));
  const taken = $derived(print.sheets.flatMap(({ copy }) => copy ?? []));
  let trouble = $state<string>();

  /** What was said takes the place of what stood there; nothing takes it away. */
  function say(sheet: Sheet, said: object) {
    const all = Object.entries({ ...sheet, ...said });
    onsheet(Object.fromEntries(all.filter(([, value]) => value !== undefined)) as Sheet);
  }

  const judge = (sheet: Sheet, verdict: Verdict) =>
    say(sheet, { verdict: Object.keys(verdict).length > 0 ? verdict : undefined });

  function setEdition(text: string) {
    const size = Number(text);
    const most = Math.max(0, ...taken);
    const sound = Number.isInteger(size) && size >= most && size <= MOST_EDITION;
    trouble = sound
      ? undefined
      : `Type how many copies there are to be, ${Math.max(1, most)} to ${MOST_EDITION}.`;
    if (sound) onedition(size === 0 ? undefined : size);
  }
</script>

<section aria-label="Sheets" class="mt-6">
  <h2 class="font-[620]">Sheets</h2>
  {#if print.sheets.length > 0}
    <p class="not-printed text-soft">
      An edition of
      <SlotOnLeave
        label="How many copies there are to be"
        value={String(print.edition ?? '')}
        empty="no fixed number"
        maxlength={3}
        {trouble}
        onset={setEdition}
      />.
    </p>
  {/if}
  {#each [...print.sheets].reverse() as sheet (sheet.id)}
    {@const of = print.sheets.length > 1 ? ` of sheet ${print.sheets.indexOf(sheet) + 1}` : ''}
    {@const its = print.versions.find(({ number }) => number === sheet.version)}
    {@const mark = markOf(sheet, print.sheets)}
    {@const asked =
      sheet.version === latest.number && sheet.verdict ? changeAsked(sheet.verdict) : undefined}
    <div class="border-b border-hair py-2">
      <p>
        Sheet {print.sheets.indexOf(sheet) + 1}, marked {mark}{sheet.copy === undefined
          ? ''
          : `, copy ${sheet.copy} of ${print.edition ?? '?'}`}{print.versions.length > 1
          ? `, version ${sheet.version}`
          : ''}, {format(
          sheet.exposedAtMs,
          'd MMMM yyyy, HH:mm',
        )}{#if its && print.versions.length > 1}:
          {shown(its.seconds)} s, {settingWords(print, its)}, {areaWords(its)}{/if}.
      </p>
      {#if sheet.firings.length > 0}
        <p class="text-[15px] text-soft">
          {givenWords(sheet, shown)}
        </p>
      {/if}
      {#if sheet.baths}
        <p class="text-[15px] text-soft">
          {sheet.baths.widthCm} × {sheet.baths.heightCm} cm, through
          <BathLinks through={sheet.baths.baths} />.
        </p>
      {/if}
      {#if trays[sheet.id]}
        <p class="text-[15px] text-soft">In the trays: {trays[sheet.id]}.</p>
      {/if}
      <SheetVerdict
        {of}
        verdict={sheet.verdict ?? {}}
        onjudge={(verdict) => judge(sheet, verdict)}
      />
      <SheetFate {of} {sheet} edition={print.edition} {taken} onsay={(said) => say(sheet, said)} />
      {#if asked}
        <button class="not-printed slot-in min-h-11" onclick={() => onnext(asked, mark)}
          >Next version: {changeWords(asked, set.noun)}</button
        >
      {/if}
    </div>
  {:else}
    <p class="mt-1 text-soft">None yet.</p>
  {/each}
</section>
