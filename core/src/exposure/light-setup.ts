import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { timeAtAperture, timeAtDistance, timeAtMagnification, timeOnPaper } from './convert.ts';
import { longTimeIn, type LongExposureLoss } from './long-exposure.ts';

/** Everything about a set-up that moves an exposure. What nobody measured is left out. */
export interface LightSetup {
  /** As the column's scale reads; a change of it alone says only that the size changed. */
  readonly head: string;
  readonly paper: string;
  /** A length on the negative and the same on the paper, mm. */
  readonly negativeLength?: number;
  readonly printLength?: number;
  /** f-number. */
  readonly aperture?: number;
  /** Of the lamp, cm, where there is no enlarger's lens between. */
  readonly distance?: number;
  /** ISO 6846 P. */
  readonly paperSpeed?: number;
  /** What no law converts, each under any word that stands for it. */
  readonly enlarger?: string;
  readonly lens?: string;
  readonly developer?: string;
}

/** A part of a set-up. */
export type SetupPart =
  'size' | 'aperture' | 'distance' | 'paper' | 'enlarger' | 'developer' | 'long-time';

/** One thing that changed, and what it does to a time; no factor where a number for it is missing. */
export interface SetupChange {
  readonly part: SetupPart;
  readonly factor?: number;
}

/** What a change of set-up does to answers already found. */
export interface SetupConversion {
  /** What a time is multiplied by; of the changes whose numbers are known. */
  readonly factor: number;
  /** How far the conversion itself may be out, one standard deviation, stops. */
  readonly doubtStops: number;
  readonly changes: readonly SetupChange[];
  /** Every change has its number; otherwise the old answers say nothing about the new set-up. */
  readonly whole: boolean;
}

/** How far each law is trusted before a check strip, one standard deviation, stops. */
const DOUBT: Record<SetupPart, number> = {
  size: 1 / 12,
  aperture: 1 / 8,
  distance: 1 / 12,
  paper: 1 / 4,
  enlarger: 0,
  developer: 0,
  'long-time': 1 / 8,
};

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** Two words that were both said, and are not the same; a thing that is named only later was there before. */
const differs = (a = '', b = '') => a !== '' && b !== '' && !same(a, b);

type Found = number | 'unknown' | undefined;

/** No answer where nothing changed. */
const laws: Record<Exclude<SetupPart, 'long-time'>, (from: LightSetup, to: LightSetup) => Found> = {
  size: (from, to) => {
    const lengths = [from.negativeLength, from.printLength, to.negativeLength, to.printLength];
    const [n1, p1, n2, p2] = lengths;
    // Written down for the first time, the head was there before.
    const moved = differs(from.head, to.head);
    if (p1 === p2 && n1 === n2) return moved ? 'unknown' : undefined;
    if (n1 === undefined || p1 === undefined || n2 === undefined || p2 === undefined) {
      return moved || (p1 !== undefined && p2 !== undefined && p1 !== p2) ? 'unknown' : undefined;
    }
    return timeAtMagnification(1, p1 / n1, p2 / n2);
  },
  aperture: ({ aperture: a }, { aperture: b }) =>
    a === b ? undefined : a && b ? timeAtAperture(1, a, b) : undefined,
  distance: ({ distance: a }, { distance: b }) =>
    a === b ? undefined : a && b ? timeAtDistance(1, a, b) : undefined,
  paper: (from, to) => {
    if (same(from.paper, to.paper) || from.paper.trim() === '' || to.paper.trim() === '')
      return undefined;
    const { paperSpeed: a } = from;
    const { paperSpeed: b } = to;
    return a && b ? timeOnPaper(1, a, b) : 'unknown';
  },
  enlarger: (from, to) =>
    differs(from.enlarger, to.enlarger) || differs(from.lens, to.lens) ? 'unknown' : undefined,
  developer: (from, to) => (differs(from.developer, to.developer) ? 'unknown' : undefined),
};

/** A time that was right in the set-up it was found in, s, and what the paper loses in long ones. */
export interface LongTime {
  readonly seconds: number;
  readonly loss: LongExposureLoss;
}

/** A loss smaller than this is none, as a share. */
const NONE = 0.005;

/** A law that has no answer for such numbers says nothing, as one does whose number is missing. */
function reached(law: () => Found): Found {
  try {
    return law();
  } catch (cause) {
    if (cause instanceof Refusal) return 'unknown';
    throw cause;
  }
}

/** What a time loses more, or less, than in the light it was found in. */
function longTimeLaw(factor: number, { seconds, loss }: LongTime): Found {
  const lost = longTimeIn(seconds, factor, loss) / (seconds * factor);
  return Math.abs(lost - 1) > NONE ? lost : undefined;
}

function changeOf(part: SetupPart, law: () => Found): SetupChange[] {
  const found = reached(law);
  if (found === undefined) return [];
  return found === 'unknown' ? [{ part }] : [{ part, factor: found }];
}

/**
 * What a change of set-up does to the times found so far: size by the lens law, aperture by its square, a lamp's distance by
 * the inverse square, paper by its speed with contrast by equal R; and what a long time loses more or less in another light.
 * @param from the set-up in which a time was found: lengths in mm, f-number, distance in cm, ISO P
 * @param to the set-up of now
 * @param long the time that is carried over, s, and what the paper loses in long ones; nothing lost unless said
 * @returns the factor on times, how far it may be out in stops, and each change; `whole` is false when a number is missing
 * @source the laws of `timeAtMagnification`, `timeAtAperture`, `timeAtDistance`, `timeOnPaper` and `longTimeIn`
 * @example
 * convertSetup({ head: "41", paper: "", aperture: 8 }, { head: "41", paper: "", aperture: 11 }).factor // ≈ 2
 */
export function convertSetup(from: LightSetup, to: LightSetup, long?: LongTime): SetupConversion {
  const byLaws = (Object.keys(laws) as (keyof typeof laws)[]).flatMap((part) =>
    changeOf(part, () => laws[part](from, to)),
  );
  const whole = byLaws.every(({ factor }) => factor !== undefined);
  const factor = byLaws.reduce((product, { factor: one = 1 }) => product * one, 1);
  // Of a light that is not known nobody can say what it loses.
  const lost =
    long && whole && byLaws.length > 0
      ? changeOf('long-time', () => longTimeLaw(factor, long))
      : [];
  const changes = [...byLaws, ...lost];
  const known = changes.filter((change) => change.factor !== undefined);
  return sound({
    factor: known.reduce((product, { factor }) => product * factor!, 1),
    doubtStops: Math.hypot(...known.map(({ part }) => DOUBT[part]), 0),
    changes,
    whole: known.length === changes.length,
  });
}
