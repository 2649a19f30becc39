import { advisePrint, type Certainty, type PrintAdvice } from './print-advice.ts';
import {
  EYE_STOPS,
  beginBelief,
  nextNegative,
  seePick,
  surprise,
  type FiredPatch,
  type Look,
  type PrintBelief,
  type PrintPrior,
} from './print-belief.ts';

/** A strip of a print session, with what was picked on it. */
export interface SessionStrip {
  readonly settingId: string;
  readonly patches: readonly FiredPatch[];
  readonly highlight?: number;
  readonly shadow?: number;
  /** Where the set-up was changed since: how far the conversion may be out, one standard deviation, stops. */
  readonly doubtStops?: number;
}

/** Two strips that cannot both be right. */
export interface Contradiction {
  readonly place: Look['place'];
  /** How much more (positive) or less light the newer strip asks for, stops. */
  readonly stops: number;
}

/** What all strips of a session say together. */
export interface SessionReading {
  readonly advice: PrintAdvice;
  readonly belief: PrintBelief;
  /** The newest strip against those before it; the answer then rests on the newest alone. */
  readonly contradiction?: Contradiction;
}

/** A look this far from what was believed is no error of the eye, standard deviations. */
const CONTRADICTS = 3;
/** Less than this is no contradiction whatever was believed, stops. */
const LEAST_CONTRADICTION = 1 / 3;

function looksAt({ settingId, patches, highlight, shadow }: SessionStrip): Look[] {
  const look = (place: Look['place'], position: number | undefined): Look[] =>
    position === undefined ? [] : [{ settingId, patches, place, position }];
  return [...look('highlight', highlight), ...look('shadow', shadow)];
}

/** The eye's error, and that of a conversion where there was one. */
const errorOf = ({ doubtStops = 0 }: SessionStrip) => Math.hypot(EYE_STOPS, doubtStops);

const see = (belief: PrintBelief, strip: SessionStrip) =>
  looksAt(strip).reduce((seen, look) => seePick(seen, look, errorOf(strip)), belief);

/**
 * Reads all strips of a session together. A strip that contradicts those before it is said so and never averaged in: then the
 * answer rests on it alone, and on what was believed before the session.
 * @param begun what was believed before the session
 * @param strips in the order in which they were made, at least one with a pick
 * @param wanted how sure to be, stops and R
 * @param mostParts contrasts on one strip, 1 or 2
 * @returns the advice, the belief, and a contradiction where there is one
 * @throws Refusal as `seePick`
 * @source the belief, look by look
 * @example
 * readSession(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), [{ settingId: "2", patches: [8, 10, 12.5].map((dialSeconds) => ({ dialSeconds, firings: 1 })), highlight: 1, shadow: 1 }], certainties[1]).advice.best.setting.id // = "2"
 */
export function readSession(
  begun: PrintBelief,
  strips: readonly SessionStrip[],
  wanted: Pick<Certainty, 'stops' | 'range'>,
  mostParts = 2,
): SessionReading {
  let belief = begun;
  let contradiction: Contradiction | undefined;
  for (const [index, strip] of strips.entries()) {
    const before = belief;
    const odd =
      index > 0
        ? looksAt(strip)
            .map((look) => ({ place: look.place, ...surprise(before, look, errorOf(strip)) }))
            .find(
              ({ stops, deviations }) =>
                deviations > CONTRADICTS && Math.abs(stops) > LEAST_CONTRADICTION,
            )
        : undefined;
    contradiction = odd && { place: odd.place, stops: odd.stops };
    belief = see(odd ? begun : before, strip);
  }
  return {
    advice: advisePrint(belief, wanted, mostParts),
    belief,
    ...(contradiction && { contradiction }),
  };
}

/** A print made before in the same set-up: its own guess and tones, and its strips. */
export interface EarlierSession {
  readonly prior: PrintPrior;
  readonly strips: readonly SessionStrip[];
}

/**
 * What earlier prints in a set-up teach for the next one.
 * @param sessions oldest first
 * @param prior of the next print
 * @returns the belief to begin with
 * @throws Refusal as `seePick` and `nextNegative`
 * @source every strip is evidence of lamp, paper and settings; its negative is not
 * @example
 * settingsKnown(learnFrom([], { paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 })).stopsSd // ≈ 0.2
 */
export function learnFrom(sessions: readonly EarlierSession[], prior: PrintPrior): PrintBelief {
  const learned = sessions.reduce<PrintBelief | undefined>((belief, session) => {
    const begun = belief ? nextNegative(belief, session.prior) : beginBelief(session.prior);
    return session.strips.reduce(see, begun);
  }, undefined);
  return learned ? nextNegative(learned, prior) : beginBelief(prior);
}
