import { Refusal } from '../refusal.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { densityAt, logExposureAt } from './curve.ts';
import { nearestSetting, settingOf } from './contrast-sets/index.ts';
import type { ContrastSet, ContrastSetting } from './contrast-sets/set.ts';
import { solveContrast } from './contrast.ts';
import type { Paper } from './paper.ts';
import { curveForRange, logFromSpeedPoint } from './range.ts';

/** A place of the picture that was read, and the tone wanted there. */
export interface Spot {
  /** log10 of the light on the baseboard, on the probe's own scale; minus the density for a reading of the negative. */
  readonly logLight: number;
  /** Density above paper white that is wanted. */
  readonly netDensity: number;
}

/** A print that was right: what its place read, and what it got. */
export interface KnownPrint extends Spot {
  readonly seconds: number;
  readonly settingId: string;
}

/** What a place becomes at the answer. */
export interface SpotOutcome {
  /** Above paper white. */
  readonly netDensity: number;
  /** What it lacks (burn) or has too much (dodge, negative) for its tone, stops. */
  readonly missStops: number;
}

export interface ReadingsAnswer {
  /** R that spans highlight and shadow. */
  readonly range: number;
  readonly setting: ContrastSetting;
  readonly beyond: 'too-hard' | 'too-soft' | null;
  /** s; only where a print was right before. */
  readonly seconds?: number;
  /** Highlight, shadow, and every further place, in order. */
  readonly spots: readonly SpotOutcome[];
}

/** Any setting does to ask the question from. */
const ASKED_AT = 110;

/**
 * The contrast and the time from readings instead of a strip. Highlight and shadow can both be met; what further places miss
 * is for the hands.
 * @param paper layers
 * @param set contrast settings
 * @param readings highlight, shadow and others: log10 of light with the density wanted; a print that was right, in s; and the
 *   setting to print at, where it is not to be the nearest one
 * @returns R, setting, time in s where a print is known, and what every place becomes
 * @throws Refusal `tones` as `solveContrast` and for a highlight that is no denser than the shadow, `setting` for an unknown setting
 * @source r(R′) = 100·(Ls − Lh); time from the known print through the paper's curve
 * @example
 * readSpots(defaultPaper, contrastSet("filters"), { highlight: { logLight: -1.2, netDensity: 0.1 }, shadow: { logLight: -0.4, netDensity: 1.72 }, others: [] }).setting.id // = "2.5"
 */
export function readSpots(
  paper: Paper,
  set: ContrastSet,
  readings: {
    readonly highlight: Spot;
    readonly shadow: Spot;
    readonly others: readonly Spot[];
    readonly known?: KnownPrint;
    readonly settingId?: string;
  },
): ReadingsAnswer {
  const { highlight, shadow, others, known, settingId } = readings;
  if (highlight.netDensity < shadow.netDensity && highlight.logLight >= shadow.logLight) {
    throw new Refusal(
      'tones',
      '/highlight',
      'The highlight lets more light through than the shadow: on a negative it is the denser one. Are the two readings swapped?',
    );
  }
  const asked = curveForRange(paper, ASKED_AT);
  const deepest = paper.dMax - paper.dMin;
  for (const { netDensity } of [...others, ...(known ? [known] : [])]) {
    if (!(netDensity > 0 && netDensity < deepest)) {
      throw new Refusal(
        'tones',
        '/others',
        `The paper shows densities up to ${deepest.toFixed(2)} above its white.`,
      );
    }
  }
  const secondsFor = ({ logLight, netDensity }: Spot) =>
    10 ** (logFromSpeedPoint(asked, netDensity) - logLight);
  const { range, beyond } = solveContrast(paper, {
    range: ASKED_AT,
    highlightSeconds: secondsFor(highlight),
    shadowSeconds: secondsFor(shadow),
    highlightDensity: highlight.netDensity,
    shadowDensity: shadow.netDensity,
  });
  const setting = settingId === undefined ? nearestSetting(set, range) : settingOf(set, settingId);
  const curve = curveForRange(paper, setting.range);
  const speedPoint = logExposureAt(curve, paper.dMin + 0.6);
  const right = logFromSpeedPoint(curve, highlight.netDensity);
  const outcome = ({ logLight, netDensity }: Spot): SpotOutcome => {
    const logH = right + logLight - highlight.logLight;
    return {
      netDensity: densityAt(curve, logH + speedPoint) - paper.dMin,
      missStops: (logFromSpeedPoint(curve, netDensity) - logH) / STOP_IN_LOG,
    };
  };
  return {
    range,
    setting,
    beyond,
    ...(known && { seconds: timeFrom(paper, set, known, setting, highlight) }),
    spots: [highlight, shadow, ...others].map(outcome),
  };
}

function timeFrom(
  paper: Paper,
  set: ContrastSet,
  known: KnownPrint,
  setting: ContrastSetting,
  highlight: Spot,
): number {
  const then = settingOf(set, known.settingId);
  /** log10 of light times seconds that a tone needs at a setting. */
  const need = ({ range, speedStops }: ContrastSetting, netDensity: number) =>
    logFromSpeedPoint(curveForRange(paper, range), netDensity) - speedStops * STOP_IN_LOG;
  const change = need(setting, highlight.netDensity) - need(then, known.netDensity);
  return known.seconds * 10 ** (change + known.logLight - highlight.logLight);
}
