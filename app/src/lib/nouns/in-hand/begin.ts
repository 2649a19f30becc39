import { typedStrip } from '../strip/typed.ts';
import { usualStrip } from '../strip/usual.ts';
import type { PrintDraft } from './draft.ts';

/** Nothing typed yet. */
const emptyDraft = (): PrintDraft => ({
  title: '',
  negative: '',
  enlarger: '',
  lens: '',
  head: '',
  paper: '',
  contrastSetId: 'filters',
  settingId: '2',
  lag: '0',
  timerStep: '0.1',
  ...typedStrip(usualStrip),
  highlight: null,
  highlightTone: 'VIII',
  shadow: null,
  shadowTone: 'II',
  certainty: 'work-print',
  sideBySide: true,
  earlier: [],
  areas: [],
});

/** What one print's set-up and habits leave to the next one. */
const LEFT_TO_THE_NEXT = [
  ...(['enlarger', 'lens', 'head', 'paper', 'developer', 'negativeLength', 'printLength'] as const),
  ...(['aperture', 'distance', 'contrastSetId', 'settingId', 'lag', 'timerStep'] as const),
  ...(['kind', 'method', 'first', 'step', 'patches', 'highlightTone', 'shadowTone'] as const),
  ...([
    'certainty',
    'sideBySide',
    'lookedAt',
    'dryDown',
    'lampBy',
    'asFired',
    'forgetBeforeMs',
    'paperSize',
    'through',
    'also',
  ] as const),
] as const;

/** The first strip of a print as it was typed: a later one was closed in on that negative alone. */
function firstStripOf({ earlier: [first] }: PrintDraft): Partial<PrintDraft> {
  return first ? { settingId: first.settingId, ...typedStrip(first.choices) } : {};
}

/** A print that is begun: in the set-up of the last one, with its first strip, where there was one. */
export function newDraft(last?: PrintDraft): PrintDraft {
  const left = LEFT_TO_THE_NEXT.flatMap((part) =>
    last?.[part] === undefined ? [] : [[part, last[part]]],
  );
  return { ...emptyDraft(), ...Object.fromEntries(left), ...(last && firstStripOf(last)) };
}
