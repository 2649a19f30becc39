<script lang="ts">
  import DateField from '../../kit/DateField.svelte';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import { entryKinds, type Asked, type Narrowing } from '../../nouns/logbook/asked.ts';
  import { settingName, sizeName } from './narrow-words.ts';
  import type { LogbookValues } from './values.server.ts';

  interface Props {
    asked: Asked;
    values: LogbookValues;
    onnarrow: (change: { [Part in keyof Narrowing]: Narrowing[Part] }) => void;
  }
  const { asked, values, onnarrow }: Props = $props();

  const ANY = '';
  type Listed = 'on' | 'setting' | 'size' | 'tag';
  /** The lists that are chosen from; one without anything in it is left out. */
  const lists: readonly {
    readonly part: Listed;
    readonly label: string;
    readonly any: string;
    readonly name: (value: string) => string;
  }[] = [
    { part: 'on', label: 'Film or paper', any: 'any film and paper', name: (value) => value },
    { part: 'setting', label: 'Setting', any: 'any setting', name: settingName },
    { part: 'size', label: 'Size', any: 'any size', name: sizeName },
    { part: 'tag', label: 'Tag', any: 'any tag', name: (value) => value },
  ];
  const options = (part: Listed, any: string, name: (value: string) => string) => [
    { id: ANY, name: any },
    // What it is narrowed to stays in the list, whatever else is there.
    ...[...new Set([...values[part], ...(asked[part] ? [asked[part]] : [])])].map((id) => ({
      id,
      name: name(id),
    })),
  ];
</script>

<div class="not-printed mt-2 border-l-2 border-hair pl-4">
  <p class="leading-[2.6]">
    <SlotChoice
      label="Rolls or prints"
      bind:value={
        () => asked.kind ?? ANY, (kind) => onnarrow({ kind: kind === ANY ? undefined : kind })
      }
      options={[{ id: ANY, name: 'rolls and prints' }, ...entryKinds]}
      class="mr-4"
    />
    {#each lists as { part, label, any, name } (part)}
      {#if values[part].length > 0 || asked[part]}
        <SlotChoice
          {label}
          bind:value={() => asked[part] ?? ANY, (value) => onnarrow({ [part]: value })}
          options={options(part, any, name)}
          class="mr-4"
        />
      {/if}
    {/each}
  </p>
  <div class="flex flex-wrap gap-x-8">
    <div class="w-44">
      <DateField
        id="from"
        label="From"
        bind:value={() => asked.from ?? '', (from) => onnarrow({ from })}
      />
    </div>
    <div class="w-44">
      <DateField id="to" label="To" bind:value={() => asked.to ?? '', (to) => onnarrow({ to })} />
    </div>
  </div>
</div>
