import { Refusal, castStrengths, casts } from '@katachron/core';
import type { ColourPrintBody, ColourTest } from '../../../nouns/colour-print/contract.ts';
import { within } from '../../../kit/form.ts';
import { attempt } from '../../../words/attempt.ts';
import { ringPositions } from './ring-view.ts';

interface SeenForm {
  readonly picked: string;
  readonly light: string;
  readonly thought: string;
}
type Verdict = Omit<NonNullable<ColourTest['verdict']>, 'atMs'>;

/** The cast that a pick names; nothing for none. */
function castOf(picked: string): Verdict['cast'] {
  const [id, strength] = picked.split(' ');
  const cast = casts.find((one) => one.id === id);
  const strong = castStrengths.find((one) => one.id === strength);
  return cast && strong && { id: cast.id, strength: strong.id };
}

/**
 * What was seen on a sheet.
 * @throws Refusal with what to pick or type
 */
export function readVerdict(form: SeenForm, test: ColourTest | undefined): Verdict {
  const stops =
    form.light.trim() === ''
      ? 0
      : within(form.light, 'Type how much more light it is to get, stops, as ¼ or −⅙.', -5, 5);
  const common = { ...(stops !== 0 && { stops }), thought: form.thought.trim() };
  // What was picked of a sheet before it may still stand there: it says nothing of this one.
  if (test?.ring) {
    const picked = ringPositions(test.ring.patches).find(
      ({ position }) => String(position) === form.picked,
    );
    if (!picked) throw new Refusal('pick', '', 'Pick the patch that is right, or between two.');
    return { ...common, position: picked.position };
  }
  const cast = castOf(form.picked);
  if (!cast && form.picked !== 'none') {
    throw new Refusal('pick', '', 'Pick the cast that the print has, or none.');
  }
  return { ...common, ...(cast && { cast }) };
}

/** The print as it would be with what is picked already, so that the next pack stands there before it is kept. */
export function seenSoFar(
  body: ColourPrintBody,
  open: ColourTest,
  form: SeenForm,
): ColourPrintBody {
  const verdict = attempt(() => readVerdict(form, open)).value;
  if (!verdict) return body;
  return {
    ...body,
    tests: [...body.tests.slice(0, -1), { ...open, verdict: { ...verdict, atMs: 0 } }],
  };
}
