<script lang="ts">
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import SlotOnLeave from '../../kit/SlotOnLeave.svelte';
  import type { Sheet } from '../../nouns/print/sheet.ts';

  interface Props {
    /** Which sheet it is, where there are several. */
    of: string;
    sheet: Sheet;
    /** So many copies there are to be, and the numbers that other sheets have. */
    edition: number | undefined;
    taken: readonly number[];
    onsay: (said: Partial<Record<'copy' | 'went' | 'toned', string | number | undefined>>) => void;
  }
  const { of, sheet, edition, taken, onsay }: Props = $props();

  const NONE = 'none';
  /** As many numbers as are offered to choose from. */
  const OFFERED = 12;
  const free = $derived(
    Array.from({ length: edition ?? 0 }, (_, n) => n + 1)
      .filter((number) => !taken.includes(number))
      .slice(0, OFFERED),
  );
  const numbers = $derived(
    [...new Set([...free, ...(sheet.copy === undefined ? [] : [sheet.copy])])].toSorted(
      (a, b) => a - b,
    ),
  );
  const orNothing = (text: string) => (text.trim() === '' ? undefined : text.trim());
</script>

<p class="text-soft">
  {#if edition !== undefined}
    Copy
    <SlotChoice
      label="Its number in the edition{of}"
      bind:value={
        () => String(sheet.copy ?? NONE),
        (id) => onsay({ copy: id === NONE ? undefined : Number(id) })
      }
      options={[
        { id: NONE, name: 'not numbered' },
        ...numbers.map((number) => ({ id: String(number), name: `${number} of ${edition}` })),
      ]}
    />;
  {/if}
  {edition === undefined ? 'Went' : 'went'} to
  <SlotOnLeave
    label="Where it went{of}"
    value={sheet.went ?? ''}
    empty="nowhere yet"
    maxlength={120}
    onset={(text) => onsay({ went: orNothing(text) })}
  />; toned
  <SlotOnLeave
    label="How it was toned{of}"
    value={sheet.toned ?? ''}
    empty="not"
    maxlength={80}
    onset={(text) => onsay({ toned: orNothing(text) })}
  />.
</p>
