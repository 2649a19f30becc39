import { sound, soundTime } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

function positive(value: number, field: string, sentence: string): void {
  if (!(value > 0)) throw new Refusal('convert', field, sentence);
}

/**
 * A time at another size of print, by the lens law.
 * @param seconds at the first size
 * @param fromMagnification length on the print by length on the negative
 * @param toMagnification the same at the other size
 * @returns seconds
 * @throws Refusal `convert` unless both are more than zero
 * @source t2 = t1·((1 + m2)/(1 + m1))², same negative and aperture
 * @example
 * timeAtMagnification(13.5, 190 / 60, 410 / 60) // ≈ 47.7
 */
export function timeAtMagnification(
  seconds: number,
  fromMagnification: number,
  toMagnification: number,
): number {
  positive(fromMagnification, '/from', 'The first size is more than zero.');
  positive(toMagnification, '/to', 'The other size is more than zero.');
  return soundTime(seconds * ((1 + toMagnification) / (1 + fromMagnification)) ** 2);
}

/**
 * A time at another size by the lengths alone, as many work it out; it overshoots when the print is small.
 * @param seconds at the first size
 * @param fromLength on the print, in any unit
 * @param toLength in the same unit
 * @returns seconds
 * @throws Refusal `convert` unless both are more than zero
 * @source t2 = t1·(l2/l1)²
 * @example
 * timeByLengths(13.5, 190, 410) // ≈ 62.9
 */
export function timeByLengths(seconds: number, fromLength: number, toLength: number): number {
  positive(fromLength, '/from', 'The first length is more than zero.');
  positive(toLength, '/to', 'The other length is more than zero.');
  return soundTime(seconds * (toLength / fromLength) ** 2);
}

/** Marks of a ring are twelfths of a doubling of the f-number, or fewer: full, half and third stops all lie on them. */
const MARKS_A_DOUBLING = 12;

/**
 * The f-number that a mark on the ring stands for: marks are rounded for the eye, 11 is 11.31 and 5.6 is 5.66.
 * @param mark as it is engraved
 * @returns f-number, √2 apart from full stop to full stop
 * @throws Refusal `convert` unless it is more than zero
 * @source 2^(k/12), k = round(12·log2 N): right for every full, half and third mark
 * @example
 * markedAperture(6.7) // ≈ 6.727
 */
export function markedAperture(mark: number): number {
  positive(mark, '/mark', 'An f-number is more than zero.');
  return sound(2 ** (Math.round(MARKS_A_DOUBLING * Math.log2(mark)) / MARKS_A_DOUBLING));
}

/**
 * A time at another aperture.
 * @param seconds at the first aperture
 * @param fromNumber as marked, 8
 * @param toNumber as marked, 11
 * @returns seconds
 * @throws Refusal `convert` unless both are more than zero
 * @source ×(N2/N1)², by what the marks stand for
 * @example
 * timeAtAperture(10, 8, 11) // ≈ 20
 */
export function timeAtAperture(seconds: number, fromNumber: number, toNumber: number): number {
  positive(fromNumber, '/from', 'The first f-number is more than zero.');
  positive(toNumber, '/to', 'The other f-number is more than zero.');
  return soundTime(seconds * (markedAperture(toNumber) / markedAperture(fromNumber)) ** 2);
}

/**
 * A time on another paper, contrast by equal R.
 * @param seconds on the first paper
 * @param fromSpeed ISO 6846 P
 * @param toSpeed ISO 6846 P
 * @returns seconds
 * @throws Refusal `convert` unless both are more than zero
 * @source t2 = t1·P1/P2
 * @example
 * timeOnPaper(10, 400, 200) // = 20
 */
export function timeOnPaper(seconds: number, fromSpeed: number, toSpeed: number): number {
  positive(fromSpeed, '/from', 'The first paper speed is more than zero.');
  positive(toSpeed, '/to', 'The other paper speed is more than zero.');
  return soundTime((seconds * fromSpeed) / toSpeed);
}

/**
 * A time under a bare lamp at another distance, for contact prints.
 * @param seconds at the first distance
 * @param fromDistance in any unit
 * @param toDistance in the same unit
 * @returns seconds
 * @throws Refusal `convert` unless both are more than zero
 * @source inverse square, t2 = t1·(d2/d1)²
 * @example
 * timeAtDistance(10, 1, 2) // = 40
 */
export function timeAtDistance(seconds: number, fromDistance: number, toDistance: number): number {
  positive(fromDistance, '/from', 'The first distance is more than zero.');
  positive(toDistance, '/to', 'The other distance is more than zero.');
  return soundTime(seconds * (toDistance / fromDistance) ** 2);
}

/** A check strip after a conversion has three patches, this far apart, stops. */
const CHECK_STEP = 1 / 4;

/**
 * The three patches that check a converted time.
 * @param seconds converted
 * @returns first exposure in s, step in stops, three patches, the converted time in the middle
 * @source a converted time is checked, not believed
 * @example
 * checkStrip(10).patches // = 3
 */
export function checkStrip(seconds: number): {
  firstSeconds: number;
  stepStops: number;
  patches: number;
} {
  return { firstSeconds: seconds / 2 ** CHECK_STEP, stepStops: CHECK_STEP, patches: 3 };
}

/**
 * A time at another size with a lens whose pupils differ: the light comes from its exit pupil.
 * @param seconds at the first size
 * @param fromMagnification length on the print by length on the negative
 * @param toMagnification the same at the other size
 * @param pupilMagnification exit pupil by entrance pupil, 1 for a symmetrical lens
 * @returns seconds
 * @throws Refusal `convert` unless all are more than zero
 * @source t2 = t1·((p + m2)/(p + m1))²
 * @example
 * timeWithPupils(11.2, 162 / 36, 277 / 36, 0.87) // ≈ 28.49
 */
export function timeWithPupils(
  seconds: number,
  fromMagnification: number,
  toMagnification: number,
  pupilMagnification: number,
): number {
  positive(fromMagnification, '/from', 'The first size is more than zero.');
  positive(toMagnification, '/to', 'The other size is more than zero.');
  positive(pupilMagnification, '/pupil', 'The pupil magnification is more than zero, usually 1.');
  return soundTime(
    seconds *
      ((pupilMagnification + toMagnification) / (pupilMagnification + fromMagnification)) ** 2,
  );
}

/**
 * A time after a light probe was read at the same spot of the picture before and after: whatever changed, the paper wants the
 * same light.
 * @param seconds before
 * @param fromLight light before, on the probe's own linear scale
 * @param toLight light after
 * @returns seconds
 * @throws Refusal `convert` unless both are more than zero
 * @source t2 = t1·E1/E2
 * @example
 * timeByProbe(11.2, 5.42, 2.21) // ≈ 27.47
 */
export function timeByProbe(seconds: number, fromLight: number, toLight: number): number {
  positive(fromLight, '/from', 'The first reading is more than zero.');
  positive(toLight, '/to', 'The other reading is more than zero.');
  return soundTime((seconds * fromLight) / toLight);
}
