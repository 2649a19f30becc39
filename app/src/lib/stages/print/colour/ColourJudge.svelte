<script lang="ts">
  import type { ColourHead } from '@katachron/core';
  import Field from '../../../kit/Field.svelte';
  import type { ColourTest } from '../../../nouns/colour-print/contract.ts';
  import PictureFile from '../../../nouns/picture/PictureFile.svelte';
  import CastViewer from './CastViewer.svelte';
  import { ringPositions } from './ring-view.ts';

  interface Props {
    test: ColourTest;
    head: ColourHead;
    form: { picked: string; light: string; thought: string };
    trouble: string | undefined;
    onpicture: (id: string) => void;
  }
  const { test, head, form, trouble, onpicture }: Props = $props();
  let problem = $state<string>();
  const positions = $derived(test.ring ? ringPositions(test.ring.patches) : []);
</script>

<section aria-label="The last sheet, dry">
  <h2 class="text-xl font-[620]">Judge the last sheet</h2>
  <p class="reason text-soft">Dry first: colours move as it dries.</p>
  {#if test.ring}
    <p class="mt-2" id="ring-pick">Which patch is right? Between two counts.</p>
    <div class="mt-1 flex flex-wrap gap-2" role="group" aria-labelledby="ring-pick">
      {#each positions as { position, name, mark } (position)}
        <button
          type="button"
          class="min-h-14 min-w-14 rounded-xl border-2 border-hair px-2 font-[600] aria-pressed:border-rim aria-pressed:bg-rim aria-pressed:text-on-rim"
          data-leaves-space
          aria-label={name}
          aria-pressed={form.picked === String(position)}
          onclick={() => (form.picked = String(position))}>{mark}</button
        >
      {/each}
    </div>
  {:else}
    <CastViewer
      {head}
      picture={test.picture}
      picked={form.picked}
      onpick={(picked) => (form.picked = picked)}
    />
  {/if}
  <div class="mt-3 grid max-w-2xl grid-cols-1 gap-x-10 gap-y-2 md:grid-cols-2">
    <Field
      id="more-light"
      label="More light, stops"
      hint="As ¼, or −⅙ where it is too dark; empty: it is right."
      numeric
      maxlength={8}
      bind:value={form.light}
    />
    <Field
      id="thought"
      label="What was thought"
      hint="For the lab book."
      maxlength={500}
      bind:value={form.thought}
    />
  </div>
  <p class="text-[15px]">
    <PictureFile
      words={test.picture ? 'Another picture of it' : 'Put a picture of the dry print to it'}
      inColour
      bind:problem
      onput={({ id }) => onpicture(id)}
    />
  </p>
  {#if problem}<p class="text-trouble" role="alert">{problem}</p>{/if}
  {#if trouble}<p class="text-trouble" role="alert">{trouble}</p>{/if}
</section>
