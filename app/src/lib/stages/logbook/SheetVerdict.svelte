<script lang="ts">
  import SlotChoice from '../../kit/SlotChoice.svelte';
  import SlotOnLeave from '../../kit/SlotOnLeave.svelte';
  import type { Verdict } from '../../nouns/print/sheet.ts';
  import { stopsInWords } from '../../words/fraction.ts';

  interface Props {
    /** Which sheet it is, where there are several. */
    of: string;
    verdict: Verdict;
    onjudge: (verdict: Verdict) => void;
  }
  const { of, verdict, onjudge }: Props = $props();

  const NOT_JUDGED = 'none';
  const unjudged = { id: NOT_JUDGED, name: 'not judged yet' };
  const twelfths = [-4, -3, -2, -1, 0, 1, 2, 3, 4, 6];
  const highlights = [
    unjudged,
    ...twelfths.map((n) => ({
      id: String(n),
      name: n === 0 ? 'as it should be' : `${stopsInWords(n / 12)} too ${n > 0 ? 'dark' : 'light'}`,
    })),
  ];
  const blacks = [
    unjudged,
    { id: 'full', name: 'full' },
    { id: 'thin', name: 'thin', more: 'no true black' },
    { id: 'blocked', name: 'blocked up', more: 'detail is lost in them' },
  ];
  const contrasts = [
    unjudged,
    { id: 'right', name: 'right' },
    { id: 'too-soft', name: 'too soft' },
    { id: 'too-hard', name: 'too hard' },
  ];
  const highlight = $derived(
    verdict.highlightStops === undefined
      ? NOT_JUDGED
      : String(Math.round(verdict.highlightStops * 12)),
  );

  /** What was chosen takes the place of what stood there; "not judged yet" takes it away. */
  function judge<Part extends keyof Verdict>(part: Part, value: Verdict[Part]) {
    const { [part]: _before, ...rest } = verdict;
    onjudge(value === undefined ? rest : { ...rest, [part]: value });
  }
  const chosen = (id: string) => (id === NOT_JUDGED ? undefined : id);
</script>

<p class="text-soft">
  Dry, its highlight is
  <SlotChoice
    label="The dry verdict{of}"
    bind:value={
      () => highlight,
      (id) => judge('highlightStops', chosen(id) === undefined ? undefined : Number(id) / 12)
    }
    options={highlights}
  />, its blacks are
  <SlotChoice
    label="The blacks{of}"
    bind:value={
      () => verdict.blacks ?? NOT_JUDGED, (id) => judge('blacks', chosen(id) as Verdict['blacks'])
    }
    options={blacks}
  />, its contrast is
  <SlotChoice
    label="The contrast{of}"
    bind:value={
      () => verdict.contrast ?? NOT_JUDGED,
      (id) => judge('contrast', chosen(id) as Verdict['contrast'])
    }
    options={contrasts}
  />; marks:
  <SlotOnLeave
    label="Marks{of}"
    value={verdict.marks ?? ''}
    empty="none"
    maxlength={500}
    onset={(text) => judge('marks', text.trim() === '' ? undefined : text.trim())}
  />.
</p>
