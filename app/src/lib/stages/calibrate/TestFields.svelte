<script lang="ts">
  import Field from '../../kit/Field.svelte';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import {
    labelIn,
    rowsBy,
    type FieldSet,
    type Shape,
  } from '../../nouns/calibration/fields/field.ts';
  import type { TestForm } from '../../nouns/calibration/given.ts';
  import type { Unit } from '../../words/temperature.ts';
  import type { scanFields } from '../../nouns/calibration/kinds/tablet.ts';
  import { isTable } from './grid-shape.ts';
  import TestTable from './TestTable.svelte';

  interface Props {
    fields: FieldSet;
    form: TestForm;
    unit: Unit;
    troubles: Readonly<Record<string, string>>;
    ontyped: (name: string, text: string) => void;
  }
  const { fields, form, unit, troubles, ontyped }: Props = $props();
  const SCAN_FIELD = 'scanWithin' satisfies keyof typeof scanFields;
  const choices = $derived(
    Object.entries(fields).flatMap(([name, field]) =>
      field.shape.is === 'choice'
        ? [{ name, label: field.label, options: field.shape.options }]
        : [],
    ),
  );
  /** A table has as many rows as the form says. */
  const shownOf = (shape: Extract<Shape, { is: 'rows' | 'columns' }>) =>
    shape.is === 'columns' ? { ...shape, rows: rowsBy(shape, form) } : shape;
  const plain = $derived(
    Object.entries(fields).filter(([, { shape }]) => !isTable(shape) && shape.is !== 'choice'),
  );
  const tables = $derived(
    Object.entries(fields).flatMap(([name, field]) =>
      isTable(field.shape) ? [{ name, field, shape: shownOf(field.shape) }] : [],
    ),
  );
</script>

{#if choices.length > 0}
  <div class="flex flex-wrap gap-x-4 text-lg leading-loose text-soft">
    {#each choices as { name, label, options } (name)}
      <span>
        {label}
        <SlotChoice
          {label}
          bind:value={() => form[name] ?? '', (chosen) => ontyped(name, chosen)}
          {options}
        />
      </span>
    {/each}
  </div>
{/if}
<div class="mt-2 grid grid-cols-1 gap-x-10 gap-y-4 md:grid-cols-2">
  {#each plain as [name, field] (name)}
    <Field
      id={name}
      label={labelIn(field, unit)}
      hint={field.hint}
      numeric={field.shape.is === 'number'}
      maxlength={field.shape.is === 'text' ? field.shape.most : 16}
      bind:value={() => form[name] ?? '', (text) => ontyped(name, text)}
      trouble={troubles[name]}
    />
  {/each}
</div>
{#each tables as { name, field, shape } (name)}
  <TestTable
    {name}
    {field}
    {shape}
    {unit}
    text={form[name] ?? ''}
    trouble={troubles[name]}
    ontyped={(text) => ontyped(name, text)}
    onscanned={(within) => {
      // Of two scans the worse one counts.
      if (SCAN_FIELD in fields && !(Number(form[SCAN_FIELD]) > Number(within)))
        ontyped(SCAN_FIELD, within);
    }}
  />
{/each}
