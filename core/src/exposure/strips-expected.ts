import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { advisePrint, afterStrip } from './next-strip.ts';
import type { PrintBelief } from './print-belief.ts';
import type { PrintSession } from './print-session.ts';
import { believed, contrastToldBy, newestSeen } from './read-print.ts';
import { inOrder, seenOn } from './session-belief.ts';

/** More strips than this nobody plans for. */
const MOST_EXPECTED = 4;

/**
 * How many strips a print is expected to take until it is as sure as was asked for, or no strip brings it nearer.
 * @param session as for `readPrint`; its first strip need not have been looked at
 * @returns 0 where the print is next; at most 4
 * @throws Refusal as `readPrint`, and `no-strip` without any strip
 * @source the advice, followed: each strip looked at where it is expected, and advice asked again
 * @example
 * stripsExpected({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 }, strips: [{ settingId: "2", choices: { kind: "stops", method: "separate", firstSeconds: 4, step: 0.5, patches: 7 }, lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 } }], earlier: [], wanted: certainties[1], mostParts: 1 }) // = 2
 */
export function stripsExpected(session: PrintSession): number {
  sound(session);
  const { strips, wanted, lamp, mostParts } = session;
  const first = inOrder(strips)[0] ?? (strips[0] && seenOn(strips[0], 0));
  if (!first) throw new Refusal('no-strip', '/strips', 'Plan a strip first.');
  // Until both tones were seen one strip, wherever it is made, tells the contrast.
  const only = contrastToldBy(session) ? undefined : newestSeen(session)?.settingId;
  let belief: PrintBelief = believed(session, first.patches);
  for (let count = 0; count < MOST_EXPECTED; count += 1) {
    const at = count === 0 ? only : undefined;
    const { end, strip, separately } = advisePrint(belief, wanted, lamp, mostParts, at);
    if (end !== null || !strip) return count;
    belief = afterStrip(belief, strip, separately ?? false);
  }
  return MOST_EXPECTED;
}
