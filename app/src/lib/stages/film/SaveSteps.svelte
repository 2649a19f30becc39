<script lang="ts">
  import { put } from '../../kit/client.ts';
  import { newId } from '../../kit/new-id.ts';
  import { onEnter } from '../../kit/on-enter.ts';
  import Slot from '../../kit/Slot.svelte';
  import type { Procedure } from '../../nouns/procedure/contract.ts';
  import type { FilmDraft } from './draft.ts';
  import { procedureOf } from './plan-view.ts';

  interface Props {
    draft: FilmDraft;
    procedures: readonly Procedure[];
    onsaved: (name: string) => void;
  }
  const { draft, procedures, onsaved }: Props = $props();
  let name = $state('');
  let problem = $state<string>();

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
    name = '';
    close();
    onsaved(trimmed);
  }
</script>

<Slot label="Save these steps" shown="save these steps">
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
