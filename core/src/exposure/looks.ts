import { sound } from '../quantity/sound.ts';
import {
  observeWithin,
  spreadOf,
  type Gaussian,
  type Weighted,
  type Weights,
} from '../numeric/gaussian.ts';
import { Refusal } from '../refusal.ts';
import { patchWords } from './pick.ts';
import { lightOfPatch, patchAt, type FiredPatch } from './fired-patch.ts';
import { timesOf, type Case, type PrintBelief } from './print-belief.ts';
import type { WayOfLookingId } from './ways-of-looking.ts';
import { LAG, indexOfSetting, lookAt, needAt, type Place, type PrintPrior } from './print-prior.ts';

/** A look at a strip: which patch, or place between two, is right for a place of the picture. */
export interface Look {
  readonly settingId: string;
  readonly place: Place;
  readonly patches: readonly FiredPatch[];
  /** Index from 0; a half is between two patches. On a strip of one patch a word of `patchWords`. */
  readonly position: number;
  /** What it is out by besides the eye, as where the set-up was changed since: one standard deviation, stops. */
  readonly doubtStops?: number;
  /** By eye unless said. */
  readonly way?: WayOfLookingId;
}

/** A pick is no finer than this much of a patch, either way. */
const PICK_WITHIN = 0.25;
/** So many looks in 100 are slips: the wrong patch, the wrong place, a word misheard. */
const SLIPS = 0.02;
/** A case less probable than this beside the best is let go. */
const LEAST = 3e-3;
/** More cases than this tell nothing. */
const MOST_CASES = 8;

/** By how many times the usual a look errs in each way. */
type Times = Readonly<Record<WayOfLookingId, number>>;

interface Bounds {
  readonly weights: Weights;
  readonly eyeVariance: (times: Times) => number;
  readonly low: number;
  readonly high: number;
}

/** Between which bounds a look puts which sum of what is believed. */
function boundsOf(prior: PrintPrior, lag: number, look: Look): Bounds {
  const { patches, position } = look;
  const last = patches.length - 1;
  const { way = 'eye', doubtStops = 0 } = look;
  const index = indexOfSetting(prior, look.settingId);
  const usual = lookAt(prior, index, look.place, way);
  const eyeVariance = (times: Times) => doubtStops ** 2 + (times[way] * usual) ** 2;
  const { weights, offset } = needAt(prior, index, look.place);
  const picked = patchAt(patches, position);
  // The lag is known only roughly: a second more of it is so many stops less of light.
  const perLag = (picked.firings * (picked.worth ?? 1)) / (lightOfPatch(picked, lag) * Math.LN2);
  weights.set(LAG, perLag);
  const at = (patch: FiredPatch) => Math.log2(lightOfPatch(patch, lag)) - offset + perLag * lag;
  if (last === 0) {
    const word = patchWords.find((one) => one.position === position)!;
    return { weights, eyeVariance, low: at(picked) + word.from, high: at(picked) + word.to };
  }
  return {
    weights,
    eyeVariance,
    low: position === 0 ? -Infinity : at(patchAt(patches, position - PICK_WITHIN)),
    high: position === last ? Infinity : at(patchAt(patches, position + PICK_WITHIN)),
  };
}

/** Two looks further apart than so many standard deviations speak against one another. */
const APART = 1.5;

/** Do two looks at one place put it where both can hardly be right? What the negative wants is the same for both. */
function speakAgainst(before: Gaussian, times: Times, a: Bounds, b: Bounds): boolean {
  const apart = new Map(a.weights);
  for (const [index, weight] of b.weights) apart.set(index, (apart.get(index) ?? 0) - weight);
  const { mean, variance } = spreadOf(before, apart);
  const slack = APART * Math.sqrt(variance + a.eyeVariance(times) + b.eyeVariance(times));
  return mean < a.low - b.high - slack || mean > a.high - b.low + slack;
}

function check({ patches, position }: Look): void {
  const last = patches.length - 1;
  const there =
    last === 0
      ? patchWords.some((word) => word.position === position)
      : Number.isInteger(position * 2) && position >= 0 && position <= last;
  if (!there) {
    throw new Refusal(
      'pick-outside',
      '/position',
      `The strip has patches 1 to ${patches.length}; pick one, or between two.`,
    );
  }
}

/** A slip may have picked anything. */
const anything = ({ patches }: Look) =>
  1 / (patches.length === 1 ? patchWords.length : 2 * patches.length - 1);

/**
 * The belief after looks at strips. A pick at the end of a strip says only that the right exposure lies there or beyond; and
 * any look may be a slip.
 * @param belief before
 * @param looks setting, place of the picture, patches as fired (s), and the patch picked
 * @returns the belief after; each case names its slips by their place among the looks
 * @throws Refusal `pick-outside` when a strip has no such patch, `setting` for an unknown setting
 * @source assumed-density filtering of "the right exposure lies between these two, by an eye that errs", with two in a hundred
 *   looks as slips
 * @example
 * Math.round(settingOutlook(seeLooks(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), [{ settingId: "2", place: "highlight", patches: [10, 12.6, 15.9].map((dialSeconds) => ({ dialSeconds, firings: 1 })), position: 1 }]), "2").dialSeconds * 10) // = 126
 */
export function seeLooks({ prior, cases }: PrintBelief, looks: readonly Look[]): PrintBelief {
  sound(looks);
  looks.forEach(check);
  const { state: before } = cases[0]!.of;
  const belief = { prior, cases };
  const times = { eye: timesOf(belief, 'eye'), card: timesOf(belief, 'card') };
  const bounds = looks.map((look) => boundsOf(prior, before.mean[LAG]!, look));
  // What nothing speaks against is no slip: what somebody says is what is answered, however unusual the negative.
  const doubted = looks.map((look, a) =>
    looks.some(
      (other, b) =>
        a !== b &&
        other.place === look.place &&
        speakAgainst(before, times, bounds[a]!, bounds[b]!),
    ),
  );
  const ofPlace = (place: Place) => looks.filter((look) => look.place === place).length;
  const most = { highlight: ofPlace('highlight') - 1, shadow: ofPlace('shadow') - 1 };
  let seen = cases;
  looks.forEach((look, index) => {
    const after: Weighted<Case>[] = [];
    for (const { weight, of } of seen) {
      const { weights, low, high, eyeVariance } = boundsOf(prior, of.state.mean[LAG]!, look);
      const { mass, ...state } = observeWithin(of.state, weights, low, high, eyeVariance(of));
      after.push({ weight: weight * (1 - SLIPS) * mass, of: { ...of, state } });
      // Of all looks at a place at least one is right.
      const slipped = of.slips.filter((one) => looks[one]!.place === look.place).length;
      if (!doubted[index] || slipped === most[look.place]) continue;
      after.push({
        weight: weight * SLIPS * anything(look),
        of: { ...of, slips: [...of.slips, index] },
      });
    }
    seen = likely(after);
  });
  return { prior, cases: seen };
}

function likely(cases: readonly Weighted<Case>[]): readonly Weighted<Case>[] {
  const ordered = [...cases].sort((a, b) => b.weight - a.weight);
  const least = LEAST * ordered[0]!.weight;
  const kept = ordered.filter(({ weight }, index) => index < MOST_CASES && weight >= least);
  const sum = kept.reduce((total, { weight }) => total + weight, 0);
  return kept.map(({ weight, of }) => ({ weight: weight / sum, of }));
}

/**
 * How probable it is that a look was a slip.
 * @param belief after the looks
 * @param index the look's place among them
 * @returns 0 to 1
 * @source sum over the cases
 * @example
 * slipOf(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), 0) // = 0
 */
export const slipOf = ({ cases }: PrintBelief, index: number): number =>
  cases.reduce((sum, { weight, of }) => sum + (of.slips.includes(index) ? weight : 0), 0);
