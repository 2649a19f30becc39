<script lang="ts">
  import { goto } from '$app/navigation';
  import { filmFormat, filmFormats } from '@katachron/core';
  import type { Holder } from '../../nouns/holder/contract.ts';
  import type { Roll } from '../../nouns/roll/contract.ts';
  import DateField from '../../kit/DateField.svelte';
  import Field from '../../kit/Field.svelte';
  import Fields from '../../kit/Fields.svelte';
  import SaveRow from '../../kit/SaveRow.svelte';
  import { useKeys } from '../../kit/keys/keys.svelte.ts';
  import { shelfForm } from '../../kit/shelf-form.svelte.ts';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import { attempt } from '../../words/attempt.ts';
  import { pushSentence } from '../../words/push.ts';
  import Notches from '../../nouns/holder/Notches.svelte';
  import {
    emptyRollForm,
    readRoll,
    rollForm,
    type RollForm as RollFormValues,
  } from '../../nouns/roll/form.ts';

  interface Props {
    title: string;
    /** The roll that is changed; without it a new one is written down. */
    changing?: Roll;
    holders: readonly Holder[];
    nowMs: number;
    /** What is known of a new one already. */
    begun?: Partial<RollFormValues>;
  }
  const { title, changing, holders, nowMs, begun = {} }: Props = $props();

  const shelf = shelfForm({
    api: '/api/v1/rolls',
    back: '/film/rolls',
    kept: () => changing,
    // The form is its own from here on.
    // svelte-ignore state_referenced_locally
    initial: changing?.exposed
      ? rollForm({ ...changing, exposed: changing.exposed })
      : { ...emptyRollForm(nowMs), ...begun },
    read(values) {
      const { troubles, ...body } = readRoll(values);
      const rest = changing && kept(changing);
      return troubles
        ? { troubles, body: undefined }
        : { body: { madeAtMs: Date.now(), ...rest, ...body } };
    },
  });
  const form = shelf.fields;
  const troubles = $derived(shelf.troubles);
  const read = $derived(readRoll(form));
  const sheet = $derived(filmFormat(form.format).sheet);
  const fitting = $derived(holders.filter((holder) => holder.format === form.format));
  const push = $derived(
    read.troubles
      ? undefined
      : attempt(() => pushSentence(read.exposed.boxSpeed, read.exposureIndex)).value,
  );

  const lines = [
    { name: 'title', label: 'Name or number', hint: 'As R-122, cooling racks.', maxlength: 120 },
    { name: 'film', label: 'Film', hint: 'As on the box.' },
    { name: 'boxSpeed', label: 'Box speed, ISO', hint: '400', numeric: true, maxlength: 12 },
    {
      name: 'exposureIndex',
      label: 'Shot at, EI',
      hint: 'Left empty: the box speed.',
      numeric: true,
      maxlength: 12,
    },
    { name: 'camera', label: 'Camera', hint: 'Which one.' },
    { name: 'subject', label: 'Subject', hint: 'What, where, in what light.', maxlength: 200 },
  ] as const;

  useKeys([{ key: 'Escape', does: 'back to the rolls', run: () => void goto('/film/rolls') }]);

  /** What of a roll this form does not touch. */
  function kept(roll: Roll) {
    const { id: _i, version: _v, state: _s, startedAtMs: _a, finishedAtMs: _f, ...body } = roll;
    return body;
  }
</script>

<h1 class="heading">{title}</h1>
{#if form.test !== ''}
  <p class="reason mt-1 text-soft">
    It was exposed for a test: once it is developed, its page in the logbook leads on to what is
    seen.
  </p>
{/if}
<form class="mt-6" onsubmit={shelf.submit} novalidate>
  <div class="grid gap-x-12 gap-y-5 md:grid-cols-2 lg:grid-cols-3">
    <Fields
      {lines}
      typed={(name) => form[name]}
      ontyped={(name, text) => (form[name] = text)}
      {troubles}
    />
    <DateField
      id="exposedOn"
      label="Day"
      hint="When it was exposed; day, month and year."
      bind:value={form.exposedOn}
      trouble={troubles.exposedOn}
    />
    <div>
      <Field
        id="frames"
        label={sheet
          ? 'Sheets, a line each: holder/side, then what is on it'
          : 'Frames, a line each'}
        hint={sheet
          ? 'As F3/a Ilse gathering.'
          : 'As 14 the marver, close. Only those worth a word.'}
        maxlength={6000}
        rows={4}
        bind:value={form.frames}
        trouble={troubles.frames}
      />
      {#if sheet && fitting.length > 0}
        <p class="mt-1 flex flex-wrap items-center gap-x-4 text-[15px] text-soft">
          {#each fitting as holder (holder.id)}
            <button
              type="button"
              class="inline-flex min-h-11 items-center gap-2"
              onclick={() =>
                (form.frames = `${form.frames.trimEnd()}${form.frames.trim() ? '\n' : ''}${holder.name}/`)}
              ><Notches notches={holder.notches} /> {holder.name}</button
            >
          {/each}
        </p>
      {/if}
    </div>
    <p class="text-lg leading-loose text-soft">
      It is a
      <SlotChoice label="Film format" bind:value={form.format} options={filmFormats} />{push
        ? `, ${push}`
        : ''}.
    </p>
  </div>
  <SaveRow back="/film/rolls" problem={shelf.problem}>
    {#if changing}
      <a
        class="inline-flex min-h-14 items-center rounded-xl border-2 border-hair px-6 font-[600]"
        href="/api/v1/rolls/{changing.id}/label.pdf"
        download>Label for a lab (PDF)</a
      >
    {/if}
  </SaveRow>
</form>
