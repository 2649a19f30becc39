<script lang="ts">
  import { afterNavigate } from '$app/navigation';
  import { useWetSide } from '$lib/bench/clock/wet-side.svelte.ts';
  import type { StandingBath } from '$lib/nouns/bath/standing.ts';
  import EmptySink from './EmptySink.svelte';
  import { PHONE, watchRoom } from './room.ts';
  import SheetHands from './SheetHands.svelte';
  import SinkLine from './SinkLine.svelte';
  import TrayBath from './TrayBath.svelte';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import { degrees } from '$lib/words/temperature.ts';
  import { countdown } from '$lib/words/duration.ts';
  import {
    bathIn,
    fresh,
    inTray,
    lastTemperature,
    lyingAt,
    mayBeLookedAt,
    nearest,
    sinks,
    trayCaution,
    trayWord,
    type Lying,
    type SinkKind,
    type Tray,
  } from './trays.ts';

  /** A window lower than this has no room for trays, px; in one lower still nothing stays. */
  const LOW = { desk: 460, phone: 600 };
  const LOWEST = 300;

  interface Props {
    kind: SinkKind;
    /** The last temperature in the record, when nothing newer was read here. */
    recorded: { temperatureC: number; atMs: number } | null;
    /** The baths that stand mixed. */
    standing: readonly StandingBath[];
    /** A page of the desk: an empty sink is not there. */
    quiet: boolean;
  }
  const { kind, recorded, standing, quiet }: Props = $props();
  const wetSide = useWetSide();
  const desk = useDesk();

  const all = $derived(lyingAt(wetSide.runs, wetSide.sheets, wetSide.nowMs));
  const lying = $derived(all.filter((one) => !one.forgotten));
  const forgotten = $derived(all.filter((one) => one.forgotten && one.run));
  let height = $state(0);
  let windowHeight = $state(Infinity);
  let windowWidth = $state(Infinity);
  /** So little is left of the window that the sink gives way. */
  const zoomed = $derived(windowHeight < LOWEST);
  let crowded = $state(false);
  /** Opened by hand it stays open, on this page. */
  let opened = $state(false);
  $effect(() => {
    if (lying.length > 0) return watchRoom((needed) => (crowded = needed));
    return undefined;
  });
  afterNavigate(() => {
    opened = false;
  });

  // Other parts of the page keep clear of it.
  $effect(() => {
    const taken = zoomed ? 0 : height;
    document.documentElement.style.setProperty('--sink', `${taken}px`);
  });
  /** The trays of this page, and any tray of the other process in which something lies. */
  const trays = $derived([
    ...sinks[kind].filter((tray) => !tray.onlyWhenUsed || inTray(tray, lying).length > 0),
    ...sinks[kind === 'film' ? 'print' : 'film'].filter(
      (tray) => !sinks[kind].includes(tray) && inTray(tray, lying).length > 0,
    ),
  ]);
  /** More lies in the trays than they can show: on a phone there is one of them. */
  const tight = $derived(
    windowWidth < PHONE
      ? lying.length > 2 || trays.filter((tray) => inTray(tray, lying).length > 0).length > 1
      : lying.length > 4,
  );
  /** One line of clocks, where the page needs the room. */
  const folded = $derived(
    (crowded || tight || windowHeight <= LOW[windowWidth < PHONE ? 'phone' : 'desk']) && !opened,
  );
  /** The more lies in a tray, the more of the sink it has. */
  const room = (sheets: number) =>
    ['flex-[1]', 'flex-[2]', 'flex-[3]', 'flex-[4]'][Math.min(3, sheets)];
  /** A tray of the other process says whose it is. */
  const trayName = (tray: Tray) =>
    sinks[kind].includes(tray) ? tray.name : `${tray.name}, ${kind === 'film' ? 'print' : 'film'}`;
  /** The usual trays’ cautions are on the wall; what stands there for once says its own. */
  const cautionOf = (tray: Tray, sheets: readonly Lying[]) =>
    tray.onlyWhenUsed ? trayCaution(sheets) : '';
  const lineCaution = $derived(
    lying.some(mayBeLookedAt)
      ? 'Paper box shut, then white light.'
      : (trays.map((tray) => cautionOf(tray, inTray(tray, lying))).find(Boolean) ?? ''),
  );
  const first = $derived(nearest(lying));
  const temperature = $derived(
    fresh(
      lastTemperature(wetSide.runs, { kinds: ['developer'] }) ?? recorded ?? undefined,
      wetSide.nowMs,
    ),
  );
  /** What a tray's bath reads, in a run or by its own ledger, whichever is newer; a film developer's is shown large. */
  const reads = (tray: Tray, bath: StandingBath | undefined) => {
    const inRun = tray.showsTemperature ? undefined : lastTemperature(wetSide.runs, tray);
    const [newest] = [inRun, bath?.read]
      .flatMap((read) => read ?? [])
      .toSorted((a, b) => b.atMs - a.atMs);
    return fresh(newest, wetSide.nowMs);
  };
  /** On a phone there is room for one: the tray with the nearest clock. */
  const shownOnPhone = $derived(
    trays.find((tray) => first && inTray(tray, [first]).length > 0) ??
      trays.find(({ showsTemperature }) => showsTemperature),
  );
</script>

{#snippet clock({ moment }: Lying)}
  {@const words = countdown(moment.current!.remainingSeconds)}
  <!-- In one line, however long it has been over. -->
  <span class="numeral-narrow whitespace-nowrap {words.length > 5 ? 'text-[22px]' : 'text-[32px]'}"
    >{words}</span
  >
{/snippet}

<svelte:window bind:innerHeight={windowHeight} bind:innerWidth={windowWidth} />
<footer
  bind:clientHeight={height}
  class="not-printed z-10 bg-ground px-3 md:px-8 {zoomed ? '' : 'sticky bottom-0'} {lying.length >
    0 && !folded
    ? 'pb-3 pt-2 md:pb-[22px]'
    : ''}"
  class:hidden={lying.length === 0 && forgotten.length === 0 && quiet}
  aria-label="The sink"
>
  {#if forgotten.length > 0}
    <p class="truncate py-1 text-[15px]">
      <a class="slot-in" href="/film/run/{forgotten[0]?.id}">{forgotten[0]?.name}</a>
      {forgotten.length > 1 ? `and ${forgotten.length - 1} more were` : 'was'} begun and never ended.
    </p>
  {/if}
  {#if lying.length === 0}
    <EmptySink temperatureC={temperature?.temperatureC} />
  {:else if folded}
    <SinkLine
      {lying}
      caution={lineCaution}
      onmove={(sheet) => wetSide.moveOn(sheet)}
      onopen={() => (opened = true)}
    />
  {:else}
    {#if opened}
      <button
        class="min-h-11 text-[15px] font-[600] underline decoration-hair underline-offset-4"
        aria-expanded="true"
        onclick={() => (opened = false)}>Fold the sink</button
      >
    {/if}
    <ul class="flex gap-3">
      {#each trays as tray (tray.kinds[0])}
        {@const sheets = inTray(tray, lying)}
        {@const bath = bathIn(tray, lying, standing)}
        <li
          class="relative min-h-[84px] min-w-0 {room(
            sheets.length,
          )} rounded-b-[22px] rounded-t-md border-[3px] border-rim bg-enamel px-3.5 py-2.5 md:min-h-[112px]"
          class:max-md:hidden={tray !== shownOnPhone}
        >
          <div class="flex h-full gap-2">
            <div class="min-w-[52px] flex-1 overflow-hidden">
              <p class="truncate font-[600]">{trayName(tray)}</p>
              <p class="text-[15px] leading-tight text-soft">{trayWord(sheets)}</p>
              <TrayBath {bath} temperatureC={reads(tray, bath)?.temperatureC} />
              {#if cautionOf(tray, sheets)}
                <p class="mt-1 text-[14px] leading-tight text-caution max-md:truncate">
                  {cautionOf(tray, sheets)}
                </p>
              {/if}
              {#if sheets.some(mayBeLookedAt)}
                <p class="mt-1 text-[14px] leading-tight" role="status">
                  Paper box shut, then white light. Touch it to go on with the fix; a strip that was
                  read may go.
                </p>
              {/if}
            </div>
            {#if tray.showsTemperature && temperature && sheets.length === 0}
              <p class="numeral pt-2 text-[30px]" title="last temperature read">
                {degrees(temperature.temperatureC, desk.preferences.unit)}
              </p>
            {/if}
            <div
              class="flex min-w-0 shrink-0 gap-2 overflow-x-auto"
              class:max-w-[70%]={sheets.length > 1}
            >
              {#each sheets as item (item.id)}
                <div
                  class="flex shrink-0 {sheets.length > 1
                    ? 'flex-col items-end'
                    : 'flex-row-reverse items-start gap-2'}"
                >
                  {#if item.run}
                    <a
                      href="/film/run/{item.id}"
                      class="flex min-h-14 max-w-[96px] flex-col justify-center rounded-sm bg-sheet px-2 py-1.5 text-on-sheet"
                    >
                      {@render clock(item)}
                      <span class="truncate text-[14px]">{item.name}</span>
                    </a>
                  {:else if item.sheet}
                    {@const sheet = item.sheet}
                    <button
                      class="flex min-h-14 max-w-[96px] flex-col justify-center rounded-sm bg-sheet px-2 py-1.5 text-left text-on-sheet"
                      aria-label="{item.name}, {countdown(
                        item.moment.current!.remainingSeconds,
                      )} left. {item.moment.next ? 'Move on to the next tray' : 'Take out'}"
                      onclick={() => wetSide.moveOn(sheet)}
                    >
                      {@render clock(item)}
                      <span class="truncate text-[14px]">{item.name}</span>
                    </button>
                    <SheetHands {item} {sheet} upright={sheets.length === 1} />
                  {/if}
                </div>
              {/each}
            </div>
          </div>
        </li>
      {/each}
    </ul>
  {/if}
</footer>
