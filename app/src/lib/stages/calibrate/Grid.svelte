<script lang="ts">
  import { cellsOf, textOf } from '../../nouns/calibration/fields/tables.ts';

  interface Line {
    readonly label: string;
    /** Ticked, not typed. */
    readonly tick?: boolean;
  }
  interface Props {
    id: string;
    label: string;
    /** Cells with tabs between them, lines under each other: as a spreadsheet copies them. */
    value: string;
    rows: readonly Line[];
    columns: readonly Line[];
    trouble?: string | undefined;
    /** An instrument that reads one cell after another. */
    instrument?: { readonly name: string; read(): Promise<number> } | undefined;
    /** Up to here nothing is read by it. */
    readFrom?: number;
    /** A block that is pasted may make so many columns of it. */
    mostColumns?: number;
  }
  let {
    id,
    label,
    value = $bindable(),
    rows,
    columns,
    trouble,
    instrument,
    readFrom = 0,
    mostColumns = 0,
  }: Props = $props();
  const cells = $derived(cellsOf(value));
  let table = $state<HTMLTableElement>();

  /** A cell or a block of them from there on, in columns of its own where it is wider; what lies outside of the table is left. */
  function write(row: number, column: number, block: readonly (readonly string[])[]) {
    const wide = column + Math.max(...block.map((line) => line.length));
    const across = Math.max(columns.length, Math.min(mostColumns, wide));
    // What the page does not show stays: a taller tablet may have been typed before.
    const grid = Array.from({ length: Math.max(rows.length, cells.length) }, (_, at) =>
      Array.from({ length: across }, (_column, place) => cells[at]?.[place] ?? ''),
    );
    block.forEach((line, down) =>
      line.forEach((text, place) => {
        const target = row + down < rows.length ? grid[row + down] : undefined;
        if (target && column + place < across) target[column + place] = text;
      }),
    );
    value = textOf(grid);
  }

  function paste(event: ClipboardEvent, row: number, column: number) {
    const text = event.clipboardData?.getData('text/plain') ?? '';
    const block = text
      .replace(/\r\n?/g, '\n')
      .replace(/\n$/, '')
      .split('\n')
      .map((line) => line.split('\t').map((cell) => cell.trim()));
    if (block.length < 2 && block[0]!.length < 2) return;
    event.preventDefault();
    write(row, column, block);
  }

  const focus = (row: number, column: number) =>
    table?.querySelector<HTMLElement>(`[data-cell="${row}-${column}"]`)?.focus();

  /** Reads the first cell that is still empty, column by column. */
  async function readNext() {
    const places = columns.flatMap((_, across) =>
      rows.map((_row, down) => ({ down, across })).filter(({ down }) => down >= readFrom),
    );
    const next = places.find(({ down, across }) => (cells[down]?.[across] ?? '').trim() === '');
    if (!instrument || !next) return;
    const density = await instrument.read();
    write(next.down, next.across, [[density.toFixed(2)]]);
  }

  function move(event: KeyboardEvent, row: number, column: number) {
    const by = { ArrowDown: 1, Enter: 1, ArrowUp: -1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    focus(row + by, column);
  }
</script>

<div class="overflow-x-auto" aria-describedby="{id}-told">
  <table bind:this={table} class="border-collapse" aria-label={label}>
    <thead>
      <tr>
        <td></td>
        {#each columns as column, across (across)}
          <th scope="col" class="px-1 pb-1 text-left text-[15px] font-normal text-soft"
            >{column.label}</th
          >
        {/each}
      </tr>
    </thead>
    <tbody>
      {#each rows as row, down (down)}
        <tr>
          <th scope="row" class="whitespace-nowrap pr-4 text-left text-[15px] font-normal text-soft"
            >{row.label}</th
          >
          {#each columns as column, across (across)}
            <td class="px-1">
              {#if column.tick}
                <label class="flex min-h-11 w-20 items-center">
                  <input
                    type="checkbox"
                    class="tick"
                    aria-label="{row.label}: {column.label}"
                    checked={cells[down]?.[across] === 'yes'}
                    onchange={({ currentTarget }) =>
                      write(down, across, [[currentTarget.checked ? 'yes' : '']])}
                  />
                </label>
              {:else}
                <input
                  class="field w-20 text-[17px] max-md:min-h-11"
                  inputmode="decimal"
                  maxlength="24"
                  autocomplete="off"
                  data-cell="{down}-{across}"
                  aria-label="{row.label}: {column.label}"
                  value={cells[down]?.[across] ?? ''}
                  oninput={({ currentTarget }) => write(down, across, [[currentTarget.value]])}
                  onpaste={(event) => paste(event, down, across)}
                  onkeydown={(event) => move(event, down, across)}
                />
              {/if}
            </td>
          {/each}
        </tr>
      {/each}
    </tbody>
  </table>
</div>
<p id="{id}-told" class="mt-1 text-[15px] {trouble ? 'text-trouble' : 'text-soft'}">
  {trouble ?? 'Enter goes down; a copied column or block is pasted whole.'}
</p>
{#if instrument}
  <button type="button" class="slot-in min-h-11 font-[600]" onclick={() => void readNext()}
    >Read the next one with the {instrument.name}</button
  >
{/if}
