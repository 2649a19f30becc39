<script lang="ts">
  import { newId } from '../../kit/new-id.ts';
  import GripVertical from '@lucide/svelte/icons/grip-vertical';
  import {
    agitationScheme,
    followSchool,
    stepKind,
    withStep,
    type StepKindId,
  } from '@katachron/core';
  import { tick } from 'svelte';
  import { dragHandle, dragHandleZone } from 'svelte-dnd-action';
  import { put } from '../../kit/client.ts';
  import type { FilmDraft } from './draft.ts';
  import type { Procedure } from '../../nouns/procedure/contract.ts';
  import Field from '../../kit/Field.svelte';
  import { onEnter } from '../../kit/on-enter.ts';
  import Slot from '../../kit/Slot.svelte';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import { agitationKey, type AgitationOption } from '../../nouns/recipe/agitation-options.ts';
  import {
    ownAgitationFields,
    readOwnAgitation,
    usualOwnAgitation,
  } from '../../nouns/agitation/form.ts';
  import { OWN_AGITATION } from '../../nouns/recipe/form.ts';
  import { byProcedure, moved, procedureOf, type PlanLine, type PlanView } from './plan-view.ts';

  interface Props {
    draft: FilmDraft;
    plan: PlanView;
    agitations: readonly AgitationOption[];
    procedures: readonly Procedure[];
    /** A house procedure was saved. */
    saved: () => void;
  }
  const { draft, plan, agitations, procedures, saved }: Props = $props();

  let changing = $state(false);
  let name = $state('');
  let said = $state('');
  let problem = $state<string>();
  /** The step for which an agitation of its own is being written, for this run alone. */
  let ownOf = $state<StepKindId>();
  let own = $state({ ...usualOwnAgitation, ownName: 'of this run' });
  const readOwn = $derived(readOwnAgitation(own));

  function chooseAgitation(kind: StepKindId, key: string) {
    ownOf = key === OWN_AGITATION ? kind : undefined;
    const line = lineOf(kind);
    const chosen = line && choicesFor(line).find((option) => option.id === key);
    if (chosen) draft.agitations = { ...draft.agitations, [kind]: chosen.agitation };
  }

  function useOwn() {
    if (!ownOf || !readOwn.value) return;
    draft.agitations = { ...draft.agitations, [ownOf]: readOwn.value };
    ownOf = undefined;
  }

  /** What a step may be chosen to be moved like: the ways that are known, and the one that it has. */
  function choicesFor({ agitation }: PlanLine): AgitationOption[] {
    const id = agitationKey(agitation);
    const known = agitations.some((option) => option.id === id);
    return known
      ? [...agitations]
      : [...agitations, { id, name: agitationScheme(agitation).name, agitation }];
  }

  /** The order while a step is being dragged. */
  let dragged = $state<{ id: StepKindId }[]>();
  const items = $derived(dragged ?? plan.kinds.map((id) => ({ id })));
  const lineOf = (id: StepKindId) => plan.lines.find(({ kind }) => kind === id);

  /** A step is moved with its row focused; the focus goes with it. */
  async function move(kind: StepKindId, by: number) {
    draft.kinds = moved(plan.kinds, kind, by);
    said = `${stepKind(kind).name} is now step ${draft.kinds.indexOf(kind) + 1} of ${draft.kinds.length}.`;
    await tick();
    document.querySelector<HTMLElement>(`[data-step="${kind}"] button`)?.focus();
  }

  function keys(event: KeyboardEvent, kind: StepKindId) {
    if (!event.altKey || !['ArrowUp', 'ArrowDown'].includes(event.key)) return;
    event.preventDefault();
    void move(kind, event.key === 'ArrowUp' ? -1 : 1);
  }

  function leaveOut(kind: StepKindId) {
    draft.kinds = plan.kinds.filter((other) => other !== kind);
  }

  function use(id: string) {
    const procedure = procedures.find((one) => one.id === id);
    if (procedure) Object.assign(draft, byProcedure(procedure));
  }

  async function save(close: () => void) {
    const trimmed = name.trim();
    problem = trimmed === '' ? 'Give it a name.' : undefined;
    if (problem) return;
    const known = procedures.find((one) => one.name === trimmed);
    const outcome = await put<Procedure>(
      `/api/v1/procedures/${known?.id ?? newId()}`,
      procedureOf(trimmed, draft),
      known?.version,
    );
    problem = outcome.problem?.detail;
    if (outcome.problem) return;
    said = `Saved as ${trimmed}.`;
    name = '';
    close();
    saved();
  }
</script>

{#snippet time(line: PlanLine)}
  {#if line.fromRecipe}
    <span class="font-[620]">{line.shown}</span>
  {:else}
    <Slot
      label="{line.name}, time"
      shown={line.shown}
      trouble={line.trouble !== undefined}
      class="min-h-9 border-transparent font-[620]"
    >
      {#snippet children(close)}
        <label class="block text-soft" for="time-{line.kind}">{line.name}, time</label>
        <input
          id="time-{line.kind}"
          class="field w-full text-xl"
          bind:value={
            () => draft.times[line.kind] ?? line.shown, (typed) => (draft.times[line.kind] = typed)
          }
          inputmode="text"
          maxlength="12"
          autocomplete="off"
          onkeydown={onEnter(close)}
        />
        <p class="mt-2 text-[15px] {line.trouble ? 'text-trouble' : 'text-soft'}">
          {line.trouble ?? 'As 3:30, or in seconds.'}
        </p>
        <button
          class="mt-2 min-h-11 font-[600] underline decoration-hair"
          onclick={() => {
            leaveOut(line.kind);
            close();
          }}>Remove</button
        >
      {/snippet}
    </Slot>
  {/if}
{/snippet}

{#if !changing}
  <ol>
    {#each plan.lines as line (line.kind)}
      <li class="flex min-h-[43px] items-center justify-between border-b border-hair font-[560]">
        <span>{line.name}</span>
        {@render time(line)}
      </li>
    {/each}
  </ol>
{:else}
  <ol
    use:dragHandleZone={{
      items,
      flipDurationMs: 0,
      dropTargetStyle: {},
      autoAriaDisabled: true,
      zoneTabIndex: -1,
      zoneItemTabIndex: -1,
    }}
    onconsider={({ detail }) => (dragged = detail.items)}
    onfinalize={({ detail }) => {
      draft.kinds = detail.items.map(({ id }) => id as StepKindId);
      dragged = undefined;
    }}
  >
    {#each items as { id } (id)}
      {@const line = lineOf(id)}
      <li class="border-b border-hair py-1" data-step={id}>
        {#if line}
          <div class="flex items-center gap-2 font-[560]">
            <span
              use:dragHandle
              class="flex size-9 items-center"
              role="button"
              tabindex="0"
              aria-label="Drag {line.name}"><GripVertical size={18} class="text-soft" /></span
            >
            <Slot
              label="{line.name}, place"
              shown={line.name}
              class="min-h-9 border-transparent"
              onkeydown={(event) => keys(event, id)}
            >
              {#snippet children(close)}
                <p class="text-soft">{line.name}</p>
                <div class="mt-2 flex flex-wrap gap-x-6">
                  <button class="min-h-11 font-[600]" onclick={() => void move(id, -1)}
                    >Earlier</button
                  >
                  <button class="min-h-11 font-[600]" onclick={() => void move(id, 1)}>Later</button
                  >
                  {#if !line.fromRecipe}
                    <button
                      class="min-h-11 font-[600]"
                      onclick={() => {
                        leaveOut(id);
                        close();
                      }}>Remove</button
                    >
                  {/if}
                </div>
                <p class="text-[15px] text-soft">By keyboard: Alt with ↑ and ↓ on its name.</p>
              {/snippet}
            </Slot>
            <span class="ml-auto">{@render time(line)}</span>
          </div>
          <p class="pl-11 text-[15px] leading-snug text-soft">
            <SlotChoice
              label="{line.name}, agitation"
              bind:value={
                () => (ownOf === id ? OWN_AGITATION : agitationKey(line.agitation)),
                (key) => chooseAgitation(id, key)
              }
              options={[...choicesFor(line), { id: OWN_AGITATION, name: 'one of its own' }]}
            />;
            <SlotChoice
              label="{line.name}, afterwards"
              bind:value={
                () => line.afterwards,
                (value) => (draft.afterwards = { ...draft.afterwards, [id]: value })
              }
              options={[
                { id: 'keep', name: 'kept' },
                { id: 'pour away', name: 'poured away' },
              ]}
            />
          </p>
          {#if ownOf === id}
            <div class="grid grid-cols-2 gap-x-6 gap-y-2 py-2 pl-11">
              {#each ownAgitationFields as { name: field, label, hint } (field)}
                <Field
                  id="{id}-{field}"
                  {label}
                  {hint}
                  bind:value={own[field]}
                  trouble={readOwn.fields[field]?.trouble}
                />
              {/each}
              <p class="col-span-2">
                <button class="min-h-11 font-[600]" onclick={useOwn} disabled={!readOwn.value}
                  >Use it for this run</button
                >
              </p>
            </div>
          {/if}
        {/if}
      </li>
    {/each}
  </ol>
  <p class="mt-3 leading-relaxed text-soft">
    {#each plan.schools as school (school.id)}
      {school.name}:
      <SlotChoice
        label={school.name}
        bind:value={
          () => school.way, (way) => (draft.kinds = followSchool(plan.kinds, school.id, way))
        }
        options={school.ways}
        shown={school.ways.find(({ id }) => id === school.way)?.name ?? 'its own way'}
      />.
    {/each}
    The film lies in
    <SlotChoice
      label="What the film lies in"
      bind:value={() => draft.vessel ?? 'tank', (vessel) => (draft.vessel = vessel)}
      options={[
        { id: 'tank', name: 'a closed tank' },
        { id: 'trays', name: 'trays, in the dark' },
      ]}
    />.
  </p>
{/if}
{#if plan.caution}<p class="mt-2 text-caution">{plan.caution}</p>{/if}
<p class="mt-2 text-[15px] text-soft">
  {#each plan.others as { kind, name: other }, index (kind)}
    {index === 0 ? 'Add ' : ', '}<button
      class="slot-in py-1"
      onclick={() => (draft.kinds = withStep(plan.kinds, kind))}>{other.toLowerCase()}</button
    >
  {/each}
  ·
  <button class="slot-in py-1" aria-pressed={changing} onclick={() => (changing = !changing)}
    >{changing ? 'done' : 'edit the steps'}</button
  >
  {#if procedures.length > 0}
    · <SlotChoice
      label="Saved steps"
      bind:value={() => '', use}
      options={procedures.map((one) => ({ id: one.id, name: one.name }))}
      shown="saved steps"
    />
  {/if}
  {#if changing}
    · <Slot label="Save these steps" shown="save these steps">
      {#snippet children(close)}
        <label class="block text-soft" for="procedure">Name of these steps</label>
        <input
          id="procedure"
          class="field w-full text-xl"
          bind:value={name}
          maxlength="80"
          autocomplete="off"
          aria-invalid={problem !== undefined}
          onkeydown={onEnter(() => void save(close))}
        />
        <p class="mt-2 text-[15px] {problem ? 'text-trouble' : 'text-soft'}">
          {problem ?? 'Used again with any recipe. A name that is there already is replaced.'}
        </p>
        <button class="mt-2 min-h-11 font-[600]" onclick={() => void save(close)}>Save</button>
      {/snippet}
    </Slot>
  {/if}
</p>
<p class="sr-only" aria-live="polite">{said}</p>
