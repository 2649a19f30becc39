import { ratioInStops } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';
import { stripKinds, type StripKindId } from './strip-kinds/index.ts';
import { stripMethods, type StripMethodId } from './strip-methods/index.ts';

/** Most patches a strip may have. */
export const MOST_PATCHES = 15;

/** No patch is exposed for longer than this, s: what comes to more is a step that was mistyped. */
const MOST_SECONDS = 1e15;

/** A strip as somebody asks for it. */
export interface StripChoices {
  readonly kind: StripKindId;
  readonly method: StripMethodId;
  /** Exposure of the lightest patch, s. */
  readonly firstSeconds: number;
  /** Seconds or stops, as the kind has it. */
  readonly step: number;
  readonly patches: number;
}

/** What the timer and the lamp do to a firing. */
export interface Lamp {
  /** Light lost (positive) or gained (negative) at each firing, s. */
  readonly lagSeconds: number;
  /** The smallest step that can be dialled, s. */
  readonly timerStepSeconds: number;
}

/** One switching-on of the lamp. */
export interface Firing {
  /** What to dial, s. */
  readonly dialSeconds: number;
  /** Patches already covered, or done, before this firing. */
  readonly covered: number;
  readonly hands: string;
}

/** One exposure on the strip. */
export interface Patch {
  readonly wantedSeconds: number;
  /** What the paper really gets, lag and rounding counted, s. */
  readonly givenSeconds: number;
  readonly errorStops: number;
}

/** A strip worked out. */
export interface Strip {
  readonly patches: readonly Patch[];
  readonly firings: readonly Firing[];
}

/**
 * Plans a test strip. The timer's figure is the light wanted plus the lag, rounded to what it can dial;
 * where exposures add up, each rounding error is carried into the next firing.
 * @param choices kind, method, first exposure in s, step, number of patches
 * @param lamp lag and timer step, s
 * @returns patches with what they really get, and the firings to dial
 * @throws Refusal on `/firstSeconds`, `/step`, `/patches` or `/timerStepSeconds` out of reason, and
 *   `step-too-small` when a firing would be shorter than the timer's smallest step
 * @source cover up, never uncover; dial = light + δ
 * @example
 * planStrip({ kind: "stops", method: "cover-up", firstSeconds: 4, step: 0.5, patches: 7 }, { lagSeconds: 0.18, timerStepSeconds: 0.1 }).firings.map((firing) => firing.dialSeconds) // = [4.2, 1.8, 2.5, 3.5, 4.9, 6.8, 9.6]
 */
export function planStrip(choices: StripChoices, lamp: Lamp): Strip {
  check(choices, lamp);
  const kind = stripKinds.find(({ id }) => id === choices.kind)!;
  const method = stripMethods.find(({ id }) => id === choices.method)!;
  const patches: Patch[] = [];
  const firings: Firing[] = [];
  for (let index = 0; index < choices.patches; index += 1) {
    const wantedSeconds = kind.seconds(choices.firstSeconds, choices.step, index);
    if (!(wantedSeconds <= MOST_SECONDS)) {
      throw new Refusal(
        'step',
        '/step',
        `Patch ${index + 1} would be exposed for ages. Take a smaller step, or fewer patches.`,
      );
    }
    const before = method.addsUp ? (patches.at(-1)?.givenSeconds ?? 0) : 0;
    const dialSeconds = roundTo(wantedSeconds - before + lamp.lagSeconds, lamp.timerStepSeconds);
    const light = dialSeconds - lamp.lagSeconds;
    if (dialSeconds < lamp.timerStepSeconds / 2 || light <= 0) {
      throw new Refusal(
        'step-too-small',
        '/step',
        `Firing ${index + 1} would be shorter than the timer can dial. Stop the lens down, or take a larger step.`,
      );
    }
    const givenSeconds = before + light;
    patches.push({
      wantedSeconds,
      givenSeconds,
      errorStops: ratioInStops(givenSeconds / wantedSeconds),
    });
    firings.push({ dialSeconds, covered: index, hands: method.hands(index, choices.patches) });
  }
  return { patches, firings };
}

function check(choices: StripChoices, lamp: Lamp): void {
  if (!(choices.firstSeconds > 0 && choices.firstSeconds <= 3600)) {
    throw new Refusal(
      'first-exposure',
      '/firstSeconds',
      'The first exposure is more than zero and at most an hour.',
    );
  }
  if (!(choices.step > 0 && choices.step <= 600)) {
    throw new Refusal('step', '/step', 'The step between patches is more than zero.');
  }
  if (!Number.isInteger(choices.patches) || choices.patches < 1 || choices.patches > MOST_PATCHES) {
    throw new Refusal('patches', '/patches', `A strip has from 1 to ${MOST_PATCHES} patches.`);
  }
  if (!(lamp.timerStepSeconds > 0 && lamp.timerStepSeconds <= 10)) {
    throw new Refusal(
      'timer-step',
      '/timerStepSeconds',
      'The timer’s smallest step is more than zero, usually 0.1 s.',
    );
  }
  if (!(Math.abs(lamp.lagSeconds) <= 5)) {
    throw new Refusal('lag', '/lagSeconds', 'A lamp’s lag is at most 5 s either way.');
  }
}

/** Rounds to a step, then drops the binary dust so that 4.2 prints as 4.2. */
function roundTo(seconds: number, step: number): number {
  return Number((Math.round(seconds / step) * step).toFixed(6));
}
