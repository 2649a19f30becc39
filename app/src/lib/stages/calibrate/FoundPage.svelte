<script lang="ts">
  import { goto } from '$app/navigation';
  import { refresh } from '../../kit/refresh.ts';
  import { format } from 'date-fns';
  import { useDesk } from '../../bench/desk/desk.svelte.ts';
  import Button from '../../kit/Button.svelte';
  import { put, remove } from '../../kit/client.ts';
  import { useKeys } from '../../kit/keys/keys.svelte.ts';
  import { newId } from '../../kit/new-id.ts';
  import { bodyOf, type Change, type Things } from '../../nouns/calibration/changes.ts';
  import type { Calibration, CalibrationBody } from '../../nouns/calibration/contract.ts';
  import { typedTest } from '../../nouns/calibration/given.ts';
  import { hangsOn, type DeskChange, type TestKind } from '../../nouns/calibration/kinds/kind.ts';
  import { plainList } from '../../words/list.ts';
  import CalibratePages from './CalibratePages.svelte';
  import { doubtOf } from './doubt.ts';
  import TestAnswer from './TestAnswer.svelte';
  import TestChart from './TestChart.svelte';
  import TestFields from './TestFields.svelte';
  import { testInHand } from './test-in-hand.svelte.ts';

  interface Props {
    kind: TestKind;
    found: Calibration;
    things: Things;
    nowMs: number;
  }
  const { kind, found, things, nowMs }: Props = $props();
  const desk = useDesk();
  const unit = $derived(desk.preferences.unit);
  const kept = $derived(typedTest(kind.fields, found.given, unit));
  /** What was corrected since; nothing while it stands as it was kept. */
  let corrected = $state.raw<Readonly<Record<string, string>>>({});
  const form = $derived({ ...kept, ...corrected });
  const edited = $derived(Object.entries(corrected).some(([name, text]) => kept[name] !== text));
  const test = testInHand({ kind: () => kind, form: () => form, unit: () => unit });
  const doubt = $derived(doubtOf(found, nowMs));
  const changes = $derived(
    edited || test.result === undefined || !test.given
      ? []
      : (kind.changes?.(test.result as never, test.given as never, things) ?? []),
  );
  const deskChange = $derived(
    edited || test.result === undefined || !test.given
      ? undefined
      : kind.desk?.(test.result as never, test.given as never),
  );
  const written = (change: Change) =>
    found.wrote.some(
      ({ shelf, id, name }) =>
        shelf === change.shelf && (id === change.thing?.id || name === change.name),
    );
  const open = $derived(changes.filter((change) => !written(change)));
  const hasDensities = $derived(
    Object.values(kind.fields).some(({ shape }) => shape.is === 'columns'),
  );
  let problem = $state<string>();
  let said = $state<string>();
  let removed = $state.raw<Calibration>();
  /** Ids of what is written anew, so that it is there once however often it is sent. */
  const newIds: Record<string, string> = {};

  const main = $derived(
    edited
      ? { words: 'Save the correction', run: saveCorrection }
      : open[0]
        ? { words: open[0].label, run: () => write(open[0]!) }
        : doubt.asks
          ? { words: 'It still holds', run: stillHolds }
          : undefined,
  );

  useKeys([
    { key: ' ', does: 'the big button', run: () => void (main ? main.run() : again()) },
    { key: 'Escape', does: 'back to the tests', run: () => void goto('/calibrate') },
  ]);

  const again = () => goto(`/calibrate/${kind.id}`);

  function goBy({ clockFactor, done }: DeskChange) {
    desk.set({ clockFactor });
    said = done;
  }

  async function keep(body: CalibrationBody): Promise<boolean> {
    const outcome = await put<Calibration>(`/api/v1/calibrations/${found.id}`, body, found.version);
    problem = outcome.problem?.detail;
    if (outcome.value) await refresh();
    return outcome.value !== undefined;
  }

  async function saveCorrection() {
    if (!test.given || test.result === undefined) {
      problem = test.trouble ?? 'Some of what was seen is still missing: see the fields.';
      return;
    }
    const name = kind.nameOf(test.given as never);
    if (await keep({ ...bodyOf(found), name, given: test.given })) corrected = {};
  }

  async function write(change: Change) {
    const id = change.thing?.id ?? (newIds[change.name] ??= newId());
    const outcome = await put(`/api/v1/${change.shelf}/${id}`, change.body, change.thing?.version);
    problem = outcome.problem?.detail;
    if (!outcome.value) return;
    said = change.done;
    const others = found.wrote.filter((one) => one.id !== id);
    await keep({
      ...bodyOf(found),
      wrote: [...others, { shelf: change.shelf, id, name: change.name }],
    });
  }

  async function stillHolds() {
    const { doubted: _doubted, ...body } = bodyOf(found);
    if (await keep({ ...body, checkedAtMs: Date.now() })) said = 'Checked today: it still holds.';
  }

  async function takeOff() {
    const outcome = await remove<Calibration>(`/api/v1/calibrations/${found.id}`, found.version);
    problem = outcome.problem?.detail;
    if (outcome.value) removed = found;
  }

  async function putBack() {
    if (!removed) return;
    const outcome = await put(`/api/v1/calibrations/${removed.id}`, bodyOf(removed));
    problem = outcome.problem?.detail;
    if (!outcome.value) return;
    removed = undefined;
    await refresh();
  }
</script>

<CalibratePages />
<h1 class="heading break-words">{kind.name}: {found.name}</h1>
<p class="reason mt-1 text-soft">
  Found on {format(found.foundAtMs, 'd MMMM yyyy')}{#if found.checkedAtMs}, checked on
    {format(found.checkedAtMs, 'd MMMM yyyy')}{/if}.
  <span class={doubt.asks ? 'text-caution' : ''} data-testid="doubt">{doubt.sentence}</span>
</p>
{#if doubt.asks}
  <p class="reason mt-2"><strong>The short check:</strong> {kind.shortCheck}</p>
{/if}
{#if found.runs}
  <p class="reason mt-1 break-words text-soft">
    Developed in
    {#each found.runs as { id, name }, at (id)}
      {at > 0 ? ', ' : ''}<a class="underline" href="/logbook/rolls/{id}">{name}</a>{/each}.
  </p>
{/if}
{#if removed}
  <p class="mt-3" role="status">
    It was deleted.
    <button class="slot-in min-h-11 font-[600]" onclick={() => void putBack()}>Undo</button>
  </p>
{/if}
<div class="mt-4 grid grid-cols-1 gap-x-14 gap-y-6 lg:grid-cols-[460px_minmax(0,1fr)]">
  <div>
    <TestAnswer {test} chart={false} />
  </div>
  <div>
    {#if test.chart}<div class="mb-6"><TestChart chart={test.chart} /></div>{/if}
    <section aria-label="What it changes">
      <h2 class="text-xl font-[620]">What it changes</h2>
      {#if found.wrote.length > 0}
        <ul class="mt-1">
          {#each found.wrote as { id, name } (id)}
            <li class="border-b border-hair py-1.5 break-words">Written on {name}.</li>
          {/each}
        </ul>
      {/if}
      {#each open.slice(edited ? 0 : 1) as change (change.label)}
        <div class="mt-3"><Button onclick={() => void write(change)}>{change.label}</Button></div>
      {/each}
      {#if deskChange}
        <div class="mt-3"><Button onclick={() => goBy(deskChange)}>{deskChange.label}</Button></div>
      {/if}
      {#if said}<p class="mt-3" role="status">{said}</p>{/if}
      {#if found.wrote.length === 0 && open.length === 0 && !edited && !deskChange}
        <p class="reason mt-1 text-soft">
          {#if kind.changes && kind.group === 'film'}
            There is no recipe of this film yet.
            <a class="underline" href="/film/recipes/new?test={found.id}">Write one</a>, and this
            becomes its speed and time.
          {:else if kind.changes}
            Nothing on the shelves has this name, so it stands here to be looked up.
          {:else}{kind.usedBy ?? 'It stands here to be looked up.'}{/if}
        </p>
      {/if}
      <p class="mt-3 text-[15px] text-soft">
        To be doubted with {plainList(
          kind.hangsOn.map((one) => hangsOn[one]),
          'or',
        )}. Then the short check: {kind.shortCheck}
      </p>
    </section>
    {#if hasDensities}
      <p class="mt-4 flex flex-wrap gap-x-5">
        {#each [{ form: 'csv', words: 'Densities as CSV' }, { form: 'txt', words: 'The first as CGATS.17' }] as { form: as, words } (as)}
          <a
            class="slot-in flex min-h-11 items-center font-[600]"
            href="/api/v1/calibrations/{found.id}/densities.{as}"
            download>{words}</a
          >
        {/each}
      </p>
    {/if}
    <details class="mt-3">
      <summary class="min-h-11 cursor-pointer py-2 font-[600]">What was seen</summary>
      <TestFields
        fields={kind.fields}
        {form}
        {unit}
        troubles={test.troubles}
        ontyped={(name, text) => (corrected = { ...corrected, [name]: text })}
      />
    </details>
  </div>
</div>
<div class="in-sight mt-6">
  {#if problem}<p class="mb-3 text-trouble" role="alert">{problem}</p>{/if}
  <div class="flex flex-wrap gap-3">
    {#if main}
      <Button main keyHint="Space" answer={test.shown} onclick={() => void main.run()}
        >{main.words}</Button
      >
      <Button href="/calibrate/{kind.id}">Test again</Button>
    {:else}
      <Button main keyHint="Space" answer={test.shown} onclick={() => void again()}
        >Test again</Button
      >
    {/if}
    {#if edited}
      <Button onclick={() => (corrected = {})}>Leave it as it was</Button>
    {:else if !removed}
      <Button onclick={() => void takeOff()}>Delete</Button>
    {/if}
  </div>
</div>
