<script lang="ts">
  import { SimulatedDensitometer } from '../../bench/devices/simulated-densitometer.ts';
  import { labelIn, type AnyField, type Shape } from '../../nouns/calibration/fields/field.ts';
  import { attempt } from '../../words/attempt.ts';
  import type { Unit } from '../../words/temperature.ts';
  import DensityFile from './DensityFile.svelte';
  import TabletScan from './TabletScan.svelte';
  import Grid from './Grid.svelte';
  import { gridShape, withDensities, withFewer, withMore, type ReadColumn } from './grid-shape.ts';

  interface Props {
    name: string;
    field: AnyField;
    shape: Extract<Shape, { is: 'rows' | 'columns' }>;
    text: string;
    unit: Unit;
    trouble: string | undefined;
    ontyped: (text: string) => void;
    /** A scan was read to so much. */
    onscanned: (within: string) => void;
  }
  const { name, field, shape, text, unit, trouble, ontyped, onscanned }: Props = $props();
  const grid = $derived(gridShape(shape, text, unit));
  const densitometer = new SimulatedDensitometer();
  const heads = $derived(shape.is === 'columns' ? Object.keys(shape.heads).length : 0);
  let problem = $state<string>();
  let scanning = $state(false);

  function take(columns: readonly ReadColumn[]) {
    if (shape.is !== 'columns') return;
    const taken = attempt(() => withDensities(shape, text, columns, unit));
    problem = taken.trouble;
    if (taken.value !== undefined) ontyped(taken.value);
  }
</script>

<fieldset class="mt-5">
  <legend class="text-soft">{labelIn(field, unit)}</legend>
  {#if field.hint}<p class="text-[15px] text-soft">{field.hint}</p>{/if}
  {#if shape.is === 'columns'}
    <div class="flex flex-wrap gap-x-5">
      <DensityFile onread={take} bind:problem />
      <button
        type="button"
        class="slot-in min-h-11 font-[600]"
        aria-expanded={scanning}
        onclick={() => (scanning = !scanning)}>From a scan or a photo</button
      >
    </div>
  {/if}
  {#if problem}<p class="text-trouble" role="alert">{problem}</p>{/if}
  {#if scanning && shape.is === 'columns'}
    <TabletScan
      patches={shape.rows}
      ontaken={(values, within) => {
        take([{ values }]);
        onscanned(within);
        scanning = false;
      }}
    />
  {/if}
  <Grid
    id={name}
    label={field.label}
    rows={grid.rows}
    columns={grid.columns}
    bind:value={() => text, ontyped}
    {trouble}
    instrument={shape.is === 'columns' ? densitometer : undefined}
    readFrom={Math.max(0, heads - 1)}
    mostColumns={shape.is === 'columns' ? shape.most : 0}
  />
  <div class="flex flex-wrap gap-x-5">
    {#if grid.more}
      <button
        type="button"
        class="slot-in min-h-11 font-[600]"
        onclick={() => ontyped(withMore(shape, text, grid))}>Add {grid.more}</button
      >
    {/if}
    {#if grid.fewer}
      <button
        type="button"
        class="slot-in min-h-11 font-[600]"
        onclick={() => ontyped(withFewer(shape, text, grid))}>Remove the last</button
      >
    {/if}
  </div>
</fieldset>
