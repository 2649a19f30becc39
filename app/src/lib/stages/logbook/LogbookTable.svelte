<script lang="ts">
  import { createTable, rowSortingFeature, tableFeatures } from '@tanstack/svelte-table';
  import { format } from 'date-fns';
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import type { Asked } from '../../nouns/logbook/asked.ts';
  import { sortById, sorts, type SortId } from '../../nouns/logbook/sorts.ts';
  import Thumb from '../../nouns/picture/Thumb.svelte';
  import type { Part } from '../../nouns/picture/part.ts';
  import type { LogbookLine } from './line.ts';

  interface Props {
    lines: readonly LogbookLine[];
    asked: Asked;
    /** Small pictures, by the id of their line. */
    pictures: Record<string, Part>;
    /** Prints that are to be compared, while two are looked for. */
    picked: readonly string[] | undefined;
    onpick: (id: string, on: boolean) => void;
    onsort: (sort: SortId, descending: boolean) => void;
  }
  const { lines, asked, pictures, picked, onpick, onsort }: Props = $props();

  const features = tableFeatures({ rowSortingFeature });
  const columns = sorts.map(({ id, name, descending }) => ({
    ...{ id, header: name, sortDescFirst: descending },
    accessorFn: (line: LogbookLine) => line.id,
  }));
  // The database sorts: what is shown is a page of it.
  const table = createTable({
    ...{ features, columns, manualSorting: true, enableSortingRemoval: false },
    getRowId: ({ kind, id }) => `${kind} ${id}`,
    get data() {
      return [...lines];
    },
    state: {
      get sorting() {
        return [{ id: asked.sort, desc: asked.descending }];
      },
    },
    onSortingChange: (change) => {
      const now = [{ id: asked.sort as string, desc: asked.descending }];
      const [next] = typeof change === 'function' ? change(now) : change;
      if (next) onsort(next.id as SortId, next.desc);
    },
  });
  const heads = $derived(
    table.getFlatHeaders().map((header) => ({
      ...{ id: header.id, name: String(header.column.columnDef.header) },
      sort: header.column.getToggleSortingHandler(),
    })),
  );
  const ways: Record<string, { readonly up: string; readonly down: string }> = {
    instant: { up: 'oldest first', down: 'newest first' },
    text: { up: 'from A', down: 'from Z' },
    number: { up: 'least first', down: 'most first' },
  };
  const way = $derived(ways[sortById(asked.sort).of]!);

  const GRID = 'md:grid-cols-[104px_minmax(0,1.5fr)_minmax(0,1fr)_minmax(0,1.5fr)_72px]';
</script>

<p class="not-printed mt-3 text-[15px] leading-[2.6] text-soft md:hidden">
  Sorted by
  <SlotChoice
    label="Sorted by"
    bind:value={() => asked.sort, (id) => onsort(id, sortById(id).descending)}
    options={sorts}
  />,
  <SlotChoice
    label="Which way"
    bind:value={() => (asked.descending ? 'down' : 'up'), (id) => onsort(asked.sort, id === 'down')}
    options={[
      { id: 'up', name: way.up },
      { id: 'down', name: way.down },
    ]}
  />.
</p>
<div class="mt-1 block" role="table" aria-label="Entries">
  <div class="hidden md:block" role="rowgroup">
    <div
      class="grid gap-x-4 border-b-2 border-hair text-left text-[15px] text-soft {GRID}"
      role="row"
    >
      {#each heads as { id, name, sort } (id)}
        {@const on = asked.sort === id}
        <div
          role="columnheader"
          class="font-normal"
          aria-sort={on ? (asked.descending ? 'descending' : 'ascending') : 'none'}
        >
          <button
            type="button"
            class="min-h-11 text-left {on ? 'font-[620] text-ink' : ''}"
            onclick={sort}
            >{name}{#if on}<span aria-hidden="true">{asked.descending ? ' ↓' : ' ↑'}</span
              >{/if}</button
          >
        </div>
      {/each}
    </div>
  </div>
  <div class="block" role="rowgroup">
    {#each table.getRowModel().rows as row (row.id)}
      {@const line = row.original}
      {@const picture = pictures[line.id]}
      <div
        class="relative flex flex-wrap gap-x-4 gap-y-0.5 border-b border-hair py-2.5 hover:bg-enamel md:grid {GRID}"
        role="row"
      >
        <div role="cell" class="text-soft">
          {#if picked && line.kind === 'print'}
            <label class="relative z-10 -my-2 mr-2 inline-flex min-h-11 min-w-11 items-center"
              ><input
                type="checkbox"
                class="tick"
                aria-label="Compare {line.title}"
                bind:checked={() => picked.includes(line.id), (on) => onpick(line.id, on)}
              /></label
            >
          {/if}<time datetime={new Date(line.atMs).toISOString()}
            >{format(line.atMs, 'd MMM yyyy')}</time
          >
        </div>
        <div role="cell" class="order-3 flex min-w-0 basis-full items-start gap-3 md:order-none">
          {#if picture}<Thumb of={picture} class="h-12 w-16 shrink-0 text-center" />{/if}
          <div class="min-w-0">
            <a
              href={line.href}
              class="block truncate font-[620] after:absolute after:inset-0 after:content-['']"
              >{line.title}</a
            >
            <span class="block truncate text-soft">{line.under}</span>
            {#if line.tags.length > 0}<span class="block truncate text-[15px] text-soft"
                >{line.tags.join(', ')}</span
              >{/if}
          </div>
        </div>
        <div role="cell" class="order-4 min-w-0 break-words md:order-none">{line.on}</div>
        <div role="cell" class="order-5 min-w-0 basis-full break-words md:order-none">
          <span class="font-[620]">{line.answer}</span>
          <span class="text-soft">{line.detail}</span>
        </div>
        <div role="cell" class="order-2 ml-auto text-soft md:order-none md:ml-0">{line.count}</div>
      </div>
    {/each}
  </div>
</div>
