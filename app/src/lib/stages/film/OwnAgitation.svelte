<script lang="ts">
  import Field from '../../kit/Field.svelte';
  import {
    ownAgitationFields,
    readOwnAgitation,
    usualOwnAgitation,
  } from '../../nouns/agitation/form.ts';

  type Agitation = NonNullable<ReturnType<typeof readOwnAgitation>['value']>;
  interface Props {
    /** Of the step for which it is written, for this run alone. */
    id: string;
    onuse: (agitation: Agitation) => void;
  }
  const { id, onuse }: Props = $props();
  let own = $state({ ...usualOwnAgitation, ownName: 'of this run' });
  const read = $derived(readOwnAgitation(own));
</script>

<div class="grid grid-cols-2 gap-x-6 gap-y-2 py-2 pl-11">
  {#each ownAgitationFields as { name: field, label, hint } (field)}
    <Field
      id="{id}-{field}"
      {label}
      {hint}
      bind:value={own[field]}
      trouble={read.fields[field]?.trouble}
    />
  {/each}
  <p class="col-span-2">
    <button
      class="min-h-11 font-[600]"
      onclick={() => read.value && onuse(read.value)}
      disabled={!read.value}>Use it for this run</button
    >
  </p>
</div>
