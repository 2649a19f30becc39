<script lang="ts" generics="Name extends string">
  import type { Snippet } from 'svelte';
  import type { Answered } from './asked.ts';
  import type { FieldLine } from './field-line.ts';
  import Fields from './Fields.svelte';

  /** A part of a page that asks for some numbers and answers beside them, the answer first to be seen. */
  interface Props {
    id: string;
    name: string;
    lines: readonly FieldLine<Name>[];
    form: Record<Name, string>;
    troubles: Partial<Record<Name, string>>;
    said: Answered;
    /** What stands there while nothing is typed. */
    empty: string;
    children?: Snippet;
  }
  const { id, name, lines, form, troubles, said, empty, children }: Props = $props();
</script>

<section class="mt-6 border-t border-hair pt-4" aria-label={name}>
  <h2 class="text-xl font-[620]">{name}</h2>
  <div class="mt-2 grid grid-cols-1 gap-x-14 gap-y-4 lg:grid-cols-[minmax(0,1fr)_440px]">
    <div class="grid grid-cols-2 content-start gap-x-6 gap-y-3 md:grid-cols-3">
      <Fields
        lines={lines.map((line) => ({ ...line, maxlength: 12 }))}
        typed={(field) => form[field]}
        ontyped={(field, text) => (form[field] = text)}
        {troubles}
      />
    </div>
    <div aria-live="polite">
      {#if said.big}<p class="numeral text-[64px]" data-testid={id}>{said.big}</p>{/if}
      {#each said.sentences as sentence, index (index)}
        <p class="reason mt-1">{sentence}</p>
      {:else}
        <p class="reason text-soft">{empty}</p>
      {/each}
      {@render children?.()}
      {#each said.cautions as caution, index (index)}
        <p class="mt-2 text-caution">{caution}</p>
      {/each}
    </div>
  </div>
</section>
