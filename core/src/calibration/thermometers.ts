import { fitLine } from '../numeric/fit-line.ts';
import { studentNinetyFive } from '../numeric/student.ts';
import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** Points further off their line than this say that something else was wrong, °C. */
export const REST_C = 0.2;
/** A thermometer is not so far out: it is broken, or was read wrongly. */
const LEAST_SLOPE = 0.8;
const MOST_SLOPE = 1.25;
const MOST_OFF_C = 10;
/** Two readings of one bath, of which one by the better thermometer: standard deviation where nothing else tells, °C. */
const USUAL_REST_C = 0.1;

/** Two thermometers in one bath. */
export interface ThermometerPair {
  readonly readingC: number;
  /** By the thermometer that is trusted. */
  readonly trueC: number;
}

/** What a thermometer is out by: true = a + b·reading. */
export interface Thermometer {
  readonly a: number;
  readonly b: number;
  /** Standard deviation of the pairs about the line, °C; 0 for one or two of them. */
  readonly restC: number;
  /** What each pair is off the line, °C. */
  readonly residualsC: readonly number[];
  /** The stretch that was compared, by its readings. */
  readonly lowC: number;
  readonly highC: number;
  /** A corrected reading in the middle of it is within this 95 times in 100, °C. */
  readonly withinC: number;
  /** The pairs are further off the line than thermometers are. */
  readonly restTooLarge: boolean;
}

/**
 * A thermometer against one that is trusted.
 * @param pairs both readings of one bath, °C, at one temperature or more
 * @returns the straight line, by least squares; with one pair an offset only
 * @throws Refusal `thermometer` for no pairs, or a line that no thermometer has
 * @source T = a + b·reading, least squares; 95 % by Student's t
 * @example
 * thermometer([{ readingC: 15.3, trueC: 15 }, { readingC: 20.5, trueC: 20 }, { readingC: 24.4, trueC: 24 }, { readingC: 38.9, trueC: 38 }]).b // ≈ 0.9754
 */
export function thermometer(pairs: readonly ThermometerPair[]): Thermometer {
  sound(pairs);
  if (pairs.length === 0) {
    throw new Refusal('thermometer', '/pairs', 'Give both readings of one bath at least.');
  }
  const readings = pairs.map(({ readingC }) => readingC);
  const [lowC, highC] = [Math.min(...readings), Math.max(...readings)];
  // Within a degree a slope would be made of reading errors.
  const several = highC - lowC >= 1;
  const points = pairs.map(({ readingC, trueC }) => ({ x: readingC, y: trueC }));
  const off = points.reduce((sum, { x, y }) => sum + y - x, 0) / points.length;
  const line = several
    ? fitLine(points)
    : { intercept: off, slope: 1, residuals: points.map(({ x, y }) => y - x - off) };
  const { intercept: a, slope: b, residuals } = line;
  const freedom = points.length - (several ? 2 : 1);
  const squares = residuals.reduce((sum, residual) => sum + residual ** 2, 0);
  const restC = freedom > 0 ? Math.sqrt(squares / freedom) : 0;
  const middle = readings.reduce((sum, reading) => sum + reading, 0) / readings.length;
  const far = Math.abs(a + (b - 1) * middle) > MOST_OFF_C;
  if (!(b >= LEAST_SLOPE && b <= MOST_SLOPE) || far) {
    throw new Refusal(
      'thermometer',
      '/pairs',
      'No thermometer is so far out: one of the readings was mistyped, or the bath was not stirred.',
    );
  }
  return sound({
    ...{ a, b, restC, residualsC: residuals, lowC, highC },
    withinC:
      (freedom > 0 ? studentNinetyFive(freedom) * restC : studentNinetyFive(1e6) * USUAL_REST_C) /
      Math.sqrt(points.length),
    restTooLarge: restC > REST_C,
  });
}

/** A reading corrected. */
export interface CorrectedReading {
  readonly temperatureC: number;
  /** It lies outside the stretch that was compared. */
  readonly outside: boolean;
}

/**
 * What a reading really is.
 * @param line of the thermometer
 * @param readingC what it shows, °C
 * @returns °C, and whether it lies outside the compared stretch
 * @source T = a + b·reading
 * @example
 * correctedReading(thermometer([{ readingC: 20.4, trueC: 20 }]), 24).temperatureC // ≈ 23.6
 */
export function correctedReading(line: Thermometer, readingC: number): CorrectedReading {
  // One bath was compared: a thermometer holds some degrees about it.
  const reach = line.highC - line.lowC >= 1 ? 0.5 : 3;
  return sound({
    temperatureC: line.a + line.b * readingC,
    outside: readingC < line.lowC - reach || readingC > line.highC + reach,
  });
}

/**
 * What a thermometer has to show for a temperature.
 * @param line of the thermometer
 * @param temperatureC wanted, °C
 * @returns °C to read
 * @source reading = (T − a)/b
 * @example
 * readingFor(thermometer([{ readingC: 20.4, trueC: 20 }]), 24) // ≈ 24.4
 */
export function readingFor(line: Thermometer, temperatureC: number): number {
  return sound((temperatureC - line.a) / line.b);
}
