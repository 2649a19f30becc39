<script lang="ts">
  import { goto } from '$app/navigation';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import ShelfList from '$lib/kit/ShelfList.svelte';
  import { vesselLine } from '$lib/nouns/vessel/form.ts';
  import ChemistryPages from '$lib/stages/chemistry/ChemistryPages.svelte';

  const { data } = $props();
  const desk = useDesk();

  useKeys([
    { key: ' ', does: 'write a vessel down', run: () => void goto('/chemistry/vessels/new') },
    { key: 'Escape', does: 'back to the mix', run: () => void goto('/chemistry') },
  ]);
</script>

<svelte:head><title>Graduates and syringes · Katachron</title></svelte:head>

<ChemistryPages />
<ShelfList
  heading="Graduates and syringes"
  level={1}
  things={data.vessels}
  api="/api/v1/vessels"
  href="/chemistry/vessels"
  line={(vessel) => vesselLine(vessel, desk.volumeUnit)}
  make="New vessel"
  keyHint="Space"
  main
>
  {#snippet empty()}
    No vessel yet. With what each holds and its lines, a mix says which one measures what, and how
    well.
  {/snippet}
</ShelfList>
