<script lang="ts">
  import GripVertical from '@lucide/svelte/icons/grip-vertical';
  import {
    agitationScheme,
    followSchool,
    stepKind,
    withStep,
    type StepKindId,
  } from '@katachron/core';
  import { tick } from 'svelte';
  import type * as Dragging from 'svelte-dnd-action';
  import type { FilmDraft } from './draft.ts';
  import type { Procedure } from '../../nouns/procedure/contract.ts';
  import Slot from '../../kit/Slot.svelte';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import { agitationKey, type AgitationOption } from '../../nouns/recipe/agitation-options.ts';
  import { OWN_AGITATION } from '../../nouns/recipe/form.ts';
  import OwnAgitation from './OwnAgitation.svelte';
  import SaveSteps from './SaveSteps.svelte';
  import StepTime from './StepTime.svelte';
  import { byProcedure, moved, type PlanLine, type PlanView } from './plan-view.ts';

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
  /** What drags comes when steps are to be moved. */
  let dragging = $state.raw<typeof Dragging>();
  async function change() {
    dragging ??= await import('svelte-dnd-action');
    changing = !changing;
  }
  let said = $state('');
  /** The step for which an agitation of its own is being written, for this run alone. */
  let ownOf = $state<StepKindId>();

  function chooseAgitation(kind: StepKindId, key: string) {
    ownOf = key === OWN_AGITATION ? kind : undefined;
    const line = lineOf(kind);
    const chosen = line && choicesFor(line).find((option) => option.id === key);
    if (chosen) draft.agitations = { ...draft.agitations, [kind]: chosen.agitation };
  }

  function useOwn(kind: StepKindId, agitation: AgitationOption['agitation']) {
    draft.agitations = { ...draft.agitations, [kind]: agitation };
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

  function onSaved(name: string) {
    said = `Saved as ${name}.`;
    saved();
  }
</script>

{#if !changing || !dragging}
  <ol>
    {#each plan.lines as line (line.kind)}
      <li class="flex min-h-[43px] items-center justify-between border-b border-hair font-[560]">
        <span>{line.name}</span>
        <StepTime {line} {draft} onremove={() => leaveOut(line.kind)} />
      </li>
    {/each}
  </ol>
{:else}
  <ol
    use:dragging.dragHandleZone={{
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
              use:dragging.dragHandle
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
            <span class="ml-auto"
              ><StepTime {line} {draft} onremove={() => leaveOut(line.kind)} /></span
            >
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
            <OwnAgitation {id} onuse={(agitation) => useOwn(id, agitation)} />
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
  <button class="slot-in py-1" aria-pressed={changing} onclick={() => void change()}
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
    · <SaveSteps {draft} {procedures} onsaved={onSaved} />
  {/if}
</p>
<p class="sr-only" aria-live="polite">{said}</p>
