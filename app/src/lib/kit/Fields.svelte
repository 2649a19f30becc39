<script lang="ts" generics="Name extends string">
  import Field from './Field.svelte';
  import type { FieldLine } from './field-line.ts';

  interface Props {
    lines: readonly FieldLine<Name>[];
    /** What stands in a field, and what becomes of it when something else is typed. */
    typed: (name: Name) => string;
    ontyped: (name: Name, text: string) => void;
    troubles?: Partial<Record<Name, string>>;
  }
  const { lines, typed, ontyped, troubles = {} }: Props = $props();
</script>

{#each lines as { name, ...line } (name)}
  <Field
    id={name}
    bind:value={() => typed(name), (text) => ontyped(name, text)}
    trouble={troubles[name]}
    {...line}
  />
{/each}
