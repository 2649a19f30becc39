<script lang="ts">
  import { goto } from '$app/navigation';
  import { onMount } from 'svelte';
  import { useDesk } from '../../bench/desk/desk.svelte.ts';
  import Button from '../../kit/Button.svelte';
  import { put } from '../../kit/client.ts';
  import { keptState } from '../../kit/kept-state.svelte.ts';
  import { useKeys } from '../../kit/keys/keys.svelte.ts';
  import { newId } from '../../kit/new-id.ts';
  import type { Calibration, CalibrationBody } from '../../nouns/calibration/contract.ts';
  import { emptyTest, type TestForm } from '../../nouns/calibration/given.ts';
  import type { TestKind } from '../../nouns/calibration/kinds/kind.ts';
  import type { OwnCurve } from '../../nouns/calibration/own-curves.ts';
  import type { TestRun } from '../../nouns/roll/test-runs.server.ts';
  import type { Unit } from '../../words/temperature.ts';
  import Beeps from './Beeps.svelte';
  import CalibratePages from './CalibratePages.svelte';
  import Evening from './Evening.svelte';
  import TestAnswer from './TestAnswer.svelte';
  import TestFields from './TestFields.svelte';
  import TestRuns from './TestRuns.svelte';
  import { withRunTime } from './test-runs.ts';
  import { testInHand } from './test-in-hand.svelte.ts';

  interface Props {
    kind: TestKind;
    /** What other tests found that this one can use. */
    found: readonly Calibration[];
    /** Where its film was developed, or may be. */
    runs: readonly TestRun[];
    /** Films whose own curve a test told. */
    curves: readonly OwnCurve[];
    /** The roll that it is to be read from. */
    fromRoll: string | null;
  }
  const { kind, found, runs, curves, fromRoll }: Props = $props();
  const desk = useDesk();
  // A page shows one test; another one is another page.
  // svelte-ignore state_referenced_locally
  const usual = emptyTest(kind.fields);
  // svelte-ignore state_referenced_locally
  const form: TestForm = keptState<TestForm>(`katachron-test-${kind.id}`, {
    ...{ ...usual, unit: '', runs: '' },
  });
  /** What is typed stays in the unit that it was begun in. */
  const unit: Unit = $derived((form.unit || desk.preferences.unit) as Unit);
  /** What other tests say of what is left empty here. */
  const known = $derived(kind.known?.(form, curves));
  const test = testInHand({
    kind: () => kind,
    form: () => ({ ...form, ...known?.fields }),
    unit: () => unit,
  });
  /** The rolls that it is read from, by their ids. */
  const taken = $derived((form.runs ?? '').split(' ').filter(Boolean));
  let problem = $state<string>();
  let tried = $state(false);
  /** What was sent and not answered: typed the same, it is sent again as it was, so that it is there once. */
  let sent:
    { readonly id: string; readonly typed: string; readonly body: CalibrationBody } | undefined;

  useKeys([
    { key: ' ', does: 'save what was found', run: () => void save() },
    { key: 'Escape', does: 'back to the tests', run: () => void goto('/calibrate') },
  ]);

  function type(name: string, text: string) {
    form.unit = unit;
    form[name] = text;
    problem = undefined;
  }

  function take(run: TestRun) {
    const { developedInto } = kind;
    if (!developedInto || !run.developed) return;
    if ((form.film ?? '').trim() === '') type('film', run.film);
    if ('exposedAt' in kind.fields && (form.exposedAt ?? '').trim() === '') {
      type('exposedAt', String(run.exposureIndex));
    }
    type(developedInto, withRunTime(kind, form[developedInto] ?? '', run.developed.seconds));
    form.runs = [...taken, run.id].join(' ');
  }
  const leave = (run: TestRun) => (form.runs = taken.filter((id) => id !== run.id).join(' '));

  onMount(() => {
    const run = runs.find(({ id }) => id === fromRoll);
    if (run && !taken.includes(run.id)) take(run);
  });

  async function save() {
    tried = true;
    problem = undefined;
    if (!test.given || test.result === undefined) {
      problem = test.solving
        ? 'It is still being fitted; press again in a moment.'
        : (test.trouble ?? 'Some of what was seen is still missing: see the fields.');
      setTimeout(() => document.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus());
      return;
    }
    const readFrom = runs.filter(({ id }) => taken.includes(id));
    const typed = JSON.stringify([test.given, form.runs]);
    if (sent?.typed !== typed) {
      const name = kind.nameOf(test.given as never);
      const body = {
        ...{ name, kind: kind.id, foundAtMs: Date.now(), given: test.given, wrote: [] },
        ...(readFrom.length > 0 && {
          runs: readFrom.map(({ id, title }) => ({ id, name: title })),
        }),
      };
      sent = { id: newId(), typed, body };
    }
    const { id, body } = sent;
    const outcome = await put(`/api/v1/calibrations/${id}`, body);
    problem = outcome.problem?.detail;
    if (!outcome.value) return;
    Object.assign(form, usual, { unit: '', runs: '' });
    await goto(`/calibrate/found/${id}`);
  }

  function clear() {
    Object.assign(form, usual, { unit: '', runs: '' });
    tried = false;
    problem = undefined;
  }
</script>

<CalibratePages />
<h1 class="heading">{kind.name}</h1>
<p class="reason mt-1 text-soft">{kind.question}</p>
<Evening {kind} given={test.partly} {unit} open={test.untouched} {found} />
<div class="mt-3 grid grid-cols-1 gap-x-14 gap-y-6 lg:grid-cols-[minmax(0,1fr)_460px]">
  <section aria-label="What was seen">
    <TestFields
      fields={kind.fields}
      {form}
      {unit}
      troubles={tried ? test.troubles : {}}
      ontyped={type}
    />
    {#if known}<p class="reason mt-2" data-testid="known">{known.sentence}</p>{/if}
    {#if kind.developedInto}
      <TestRuns
        {kind}
        film={form.film ?? ''}
        exposureIndex={form.exposedAt ?? ''}
        {runs}
        {taken}
        ontaken={take}
        onleft={leave}
      />
    {/if}
    {#if kind.beepsInto}
      <Beeps onstopped={(count) => type(kind.beepsInto!, String(count))} />
    {/if}
  </section>
  <div class={test.told ? 'max-lg:order-first' : ''}>
    <TestAnswer {test} caution={kind.caution} />
  </div>
</div>
<div class="in-sight mt-6">
  {#if problem}<p class="mb-3 text-trouble" role="alert">{problem}</p>{/if}
  <div class="flex flex-wrap gap-3">
    <Button main keyHint="Space" answer={test.shown} onclick={() => void save()}
      >Save what was found</Button
    >
    {#if !test.untouched}<Button onclick={clear}>Clear</Button>{/if}
  </div>
</div>
