<script lang="ts">
  import { goto } from '$app/navigation';
  import { useDesk } from '$lib/bench/desk/desk.svelte.ts';
  import VolumeSwitch from '$lib/bench/desk/VolumeSwitch.svelte';
  import Field from '$lib/kit/Field.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';
  import SaveRow from '$lib/kit/SaveRow.svelte';
  import { shelfForm } from '$lib/kit/shelf-form.svelte.ts';
  import { readVessel, vesselForm, vesselInUnit } from '$lib/nouns/vessel/form.ts';
  import ChemistryPages from '$lib/stages/chemistry/ChemistryPages.svelte';

  const BACK = '/chemistry/vessels';
  const { data } = $props();
  const desk = useDesk();
  const shelf = shelfForm({
    api: '/api/v1/vessels',
    back: BACK,
    kept: () => data.vessel,
    // The form is its own from here on.
    // svelte-ignore state_referenced_locally
    initial: vesselForm(data.vessel, desk.volumeUnit),
    read: (form) => readVessel(form, desk.volumeUnit, data.vessel),
  });
  const form = shelf.fields;

  useKeys([{ key: 'Escape', does: 'back to the vessels', run: () => void goto(BACK) }]);
</script>

<svelte:head><title>{data.vessel?.name ?? 'A vessel'} · Katachron</title></svelte:head>

<ChemistryPages />
<h1 class="heading">{data.vessel?.name ?? 'New vessel'}</h1>
<p class="mt-1 text-soft">
  Volumes <VolumeSwitch
    onswitch={(from, to) => Object.assign(form, vesselInUnit(form, from, to, data.vessel))}
  />
</p>
<form class="mt-6" onsubmit={shelf.submit} novalidate>
  <div class="grid grid-cols-1 gap-x-12 gap-y-5 md:grid-cols-3">
    <Field
      id="name"
      label="Name"
      hint="As Small graduate."
      bind:value={form.name}
      trouble={shelf.troubles.name}
    />
    <Field
      id="holds"
      label="It holds, {desk.volumeUnit}"
      hint="To its highest line."
      maxlength={12}
      numeric
      bind:value={form.holds}
      trouble={shelf.troubles.holds}
    />
    <Field
      id="division"
      label="From line to line, {desk.volumeUnit}"
      hint="The finest lines that it has."
      maxlength={12}
      numeric
      bind:value={form.division}
      trouble={shelf.troubles.division}
    />
  </div>
  <SaveRow back={BACK} problem={shelf.problem} />
</form>
