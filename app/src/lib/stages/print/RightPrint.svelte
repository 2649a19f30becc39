<script lang="ts">
  import { tones, type ContrastSet } from '@katachron/core';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import type { ReadingsForm } from './read-places.ts';

  const { known, set }: { readonly known: ReadingsForm['known']; readonly set: ContrastSet } =
    $props();
</script>

<section aria-label="A print that was right here">
  <h2 class="font-[620]">A print that was right here</h2>
  <p class="mt-1 flex flex-wrap items-center gap-x-2 text-soft">
    A place that read
    <input
      class="field w-20 text-lg"
      inputmode="decimal"
      maxlength="10"
      aria-label="Reading of the known print"
      bind:value={known.reading}
    />
    became
    <SlotChoice
      label="Tone of the known print"
      bind:value={known.tone}
      options={tones.map(({ id, name, use }) => ({ id, name, more: use }))}
    />
    in
    <input
      class="field w-20 text-lg"
      inputmode="decimal"
      maxlength="10"
      aria-label="Seconds of the known print"
      bind:value={known.seconds}
    />
    s at {set.noun}
    <SlotChoice
      label="The {set.noun} of the known print"
      bind:value={known.settingId}
      options={set.settings}
    />.
  </p>
</section>
