import { sound } from '../quantity/sound.ts';
import { firedPatches } from './fired-patch.ts';
import { advisePrint, afterStrip, gapOf } from './next-strip.ts';
import type { PrintSession, SessionStrip } from './print-session.ts';
import { believed } from './read-print.ts';
import { inOrder } from './session-belief.ts';

/** On coarser patches a second look falls on the patch of the first, stops. */
const FINE_STEP = 0.51;
/** Looked at again, what is left open may be so many times what was asked for: then it may do, and a strip can still follow. */
const NEARLY = 1.25;

/**
 * Whether a fresh look at strips that lie there should make a print as sure as was asked for: it costs no paper.
 * @param session as for `readPrint`
 * @param looked strips of it that were looked at once
 * @returns true where it should; false where another strip tells more, or nothing is missing
 * @throws Refusal as `readPrint`
 * @source the advice after looks where they are expected, each an eye's error of its own
 * @example
 * lookAgainReaches({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 }, strips: [{ settingId: "2", choices: { kind: "stops", method: "separate", firstSeconds: 4, step: 0.5, patches: 7 }, lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 }, highlight: 3, shadow: 3 }], earlier: [], wanted: { stops: 0.5, range: 40 }, mostParts: 1 }, []) // = false
 */
export function lookAgainReaches(session: PrintSession, looked: readonly SessionStrip[]): boolean {
  sound(session);
  const [first] = inOrder(session.strips);
  if (!first || looked.length === 0) return false;
  const { wanted, lamp, mostParts } = session;
  const belief = believed(session, first.patches);
  const { best, dialSeconds, end } = advisePrint(belief, wanted, lamp, mostParts);
  if (end !== null) return false;
  const parts = looked.map(({ settingId, choices, lamp: own }) => {
    const patches = firedPatches(choices, own);
    const [from, to] = [patches[0]!.dialSeconds, patches.at(-1)!.dialSeconds];
    const stepStops = Math.abs(Math.log2(to / from)) / Math.max(1, patches.length - 1);
    return { settingId, firstSeconds: from, stepStops, patches: patches.length };
  });
  if (parts.some(({ stepStops }) => stepStops > FINE_STEP)) return false;
  const separately = looked.every(({ choices }) => choices.method !== 'cover-up');
  const after = afterStrip(belief, parts, separately);
  return gapOf(after, best.setting.id, dialSeconds, wanted) <= NEARLY;
}
