<script lang="ts">
  import { page } from '$app/state';
  import BathsThrough from '../../nouns/bath/BathsThrough.svelte';
  import { paperSizes } from '../../nouns/paper/sizes.ts';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import { keptState } from '../../kit/kept-state.svelte.ts';
  import type { PaperThrough } from '../../nouns/bath/through.ts';
  import { emptyTrays, trayBaths, type TrayForm } from './tray-baths.ts';

  interface Props {
    /** What is booked besides, as ", a grid as half of it". */
    also?: string;
    /** What is booked for a sheet. */
    sheet?: PaperThrough | undefined;
  }
  let { also = '', sheet = $bindable() }: Props = $props();
  /** What is fired finds it there. */
  const form = keptState('katachron-trays', emptyTrays());
  const trays = $derived(trayBaths(form, page.data.standing ?? []));
  $effect(() => {
    sheet = trays.sheet;
  });
</script>

<div data-testid="tray-baths">
  <p class="mt-3 text-soft">
    A sheet of
    <SlotChoice
      label="Size of the paper"
      bind:value={() => trays.size, (id) => (form.size = id)}
      options={paperSizes}
    />{trays.placed.length > 0
      ? `: as much is booked on its baths once it was exposed${also}.`
      : '.'}
  </p>
  <BathsThrough
    placed={trays.placed}
    cautions={trays.cautions}
    choose={(place, id) => {
      if (place in form) form[place as keyof TrayForm] = id;
    }}
  />
</div>
