<script lang="ts">
  import { page } from '$app/state';
  import BathsThrough from '../../nouns/bath/BathsThrough.svelte';
  import { paperSizes } from '../../nouns/paper/sizes.ts';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import { trayBaths, type TrayForm } from './tray-baths.ts';

  const { form }: { form: TrayForm } = $props();
  const trays = $derived(trayBaths(form, page.data.standing ?? []));
</script>

<div data-testid="tray-baths">
  <p class="mt-3 text-soft">
    A sheet of
    <SlotChoice
      label="Size of the paper"
      bind:value={() => trays.size, (id) => (form.size = id)}
      options={paperSizes}
    />{trays.placed.length > 0
      ? ': as much is booked on its baths once it was exposed, and what a strip takes of it.'
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
