import { degrees, degreesApart, parseTemperature, type Unit } from './temperature.ts';

/** A thermometer that was compared with one that is trusted: true = a + b·what it reads, °C. */
export interface Thermometer {
  readonly id: string;
  readonly name: string;
  readonly a: number;
  readonly b: number;
  /** The stretch that was compared, by its readings, °C. */
  readonly lowC: number;
  readonly highC: number;
}

/** How temperatures are read here: in which unit, and by which thermometer. */
export interface Reads {
  readonly unit: Unit;
  readonly thermometer?: Thermometer | undefined;
}

/** As fine as a corrected reading is told, digits of °C. */
const DIGITS = 3;

/**
 * Reads what a thermometer shows, as what it really is: corrected where the thermometer was compared.
 * @throws Refusal with what to type instead
 */
export function parseReading(
  text: string,
  unit: Unit,
  thermometer?: Thermometer,
  field = '/temperatureC',
): number {
  const readC = parseTemperature(text, unit, field);
  return thermometer ? Number((thermometer.a + thermometer.b * readC).toFixed(DIGITS)) : readC;
}

/** What it shows when it is so warm, °C. */
export const readingOf = ({ a, b }: Thermometer, temperatureC: number): number =>
  (temperatureC - a) / b;

/** How far outside of what was compared a reading still holds, °C. */
const REACH_C = 1;

/** "which reads 0.4 °C too high here: really 19.6°", behind its name. */
export function correctionWords(thermometer: Thermometer, trueC: number, unit: Unit): string {
  const readC = readingOf(thermometer, trueC);
  const off = readC - trueC;
  const outside = readC < thermometer.lowC - REACH_C || readC > thermometer.highC + REACH_C;
  const way =
    Math.abs(off) < 0.05
      ? 'is right here'
      : `reads ${degreesApart(Math.abs(off), unit)} too ${off > 0 ? 'high' : 'low'} here`;
  const far = outside
    ? `, outside what was compared (${degrees(thermometer.lowC, unit)} to ${degrees(thermometer.highC, unit)})`
    : '';
  return `which ${way}: really ${degrees(trueC, unit)}${far}`;
}
