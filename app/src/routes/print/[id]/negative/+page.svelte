<script lang="ts">
  import { goto } from '$app/navigation';
  import { untrack } from 'svelte';
  import Button from '$lib/kit/Button.svelte';
  import { put } from '$lib/kit/client.ts';
  import Field from '$lib/kit/Field.svelte';
  import Fields from '$lib/kit/Fields.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import { keptForm } from '$lib/kit/kept-form.svelte.ts';
  import { newId } from '$lib/kit/new-id.ts';
  import SlotChoice from '$lib/kit/SlotChoice.svelte';
  import type { NegativeBody } from '$lib/nouns/negative/kept.ts';
  import { negativeKinds } from '$lib/nouns/negative/kinds.ts';
  import { sameName } from '$lib/words/same-name.ts';
  import { negativeForm, readNegative } from '$lib/stages/print/negative-facts.ts';
  import NegativeSlot from '$lib/stages/print/NegativeSlot.svelte';
  import { usePrint } from '$lib/stages/print/print-in-hand.svelte.ts';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';

  const print = usePrint();
  const name = $derived(print.draft.negative.trim());
  const kept = $derived(print.bench.negatives.find((one) => sameName(one.name, name)));
  let told = $state<string>();
  const facts = keptForm({
    // The form is its own from here on; another negative has another one.
    // svelte-ignore state_referenced_locally
    initial: negativeForm(name, kept),
    read: (values) => readNegative(name, values),
    async keep(body: NegativeBody) {
      const id = kept?.id ?? newId();
      const outcome = await put(`/api/v1/negatives/${id}`, body, kept?.version);
      if (outcome.problem) return outcome.problem.detail;
      await print.askAnew();
      print.onNegative(name);
      told = 'Kept. Every print of this negative knows it now.';
      return undefined;
    },
  });
  const form = facts.fields;
  // svelte-ignore state_referenced_locally
  let shownFor = name;
  $effect.pre(() => {
    if (name === shownFor) return;
    shownFor = name;
    told = undefined;
    untrack(() => facts.begin(negativeForm(name, kept)));
  });

  const numbers = (
    [
      ['long', 'Long side of the picture, mm'],
      ['short', 'Short side, mm'],
      ['highlight', 'Density at the highlight'],
      ['shadow', 'Density at the shadow'],
    ] as const
  ).map(([field, label]) => ({ name: field, label, numeric: true, maxlength: 8 }));

  useKeys([
    { key: ' ', does: 'keep what is known of the negative', run: () => void keep() },
    { key: 'Escape', does: 'back to the strips', run: () => void goto(print.path) },
  ]);

  async function keep() {
    told = undefined;
    if (name !== '') await facts.submit();
  }
</script>

<svelte:head><title>Negative · Katachron</title></svelte:head>

<PrintPages of={print.path} />
<h1 class="heading break-words">{name || 'No negative yet'}</h1>
<p class="reason mt-1 text-soft">
  The negative is
  <NegativeSlot value={print.draft.negative} onchoose={(chosen) => print.onNegative(chosen)} />,
  <SlotChoice label="Where it comes from" bind:value={form.kind} options={negativeKinds} />. Its
  format gives the length for another size; its densities stand under Readings by themselves.
</p>
{#if name === ''}
  <p class="reason mt-3">Choose a negative first; what is known of it stands here then.</p>
{:else}
  <div class="mt-4 grid max-w-3xl grid-cols-1 gap-x-8 md:grid-cols-2">
    <Fields
      lines={numbers}
      typed={(field) => form[field]}
      ontyped={(field, text) => (form[field] = text)}
      troubles={facts.troubles}
    />
    <div class="md:col-span-2">
      <Field id="note" label="Note" rows={2} maxlength={2000} bind:value={form.note} />
    </div>
  </div>
  <div class="mt-2"><Button main keyHint="Space" onclick={() => void keep()}>Keep it</Button></div>
{/if}
{#if facts.problem}<p class="mt-3 text-trouble" role="alert">{facts.problem}</p>{/if}
{#if told}<p class="mt-3" role="status">{told}</p>{/if}
