import { celsius, fahrenheit } from '@katachron/core';
import { parseDecimal } from './decimal.ts';

export const temperatureUnits = ['C', 'F'] as const;
export type Unit = (typeof temperatureUnits)[number];

/** A temperature in the unit chosen, to a tenth where it has one: 20.6°, 68°. */
export function degrees(temperatureC: number, unit: Unit): string {
  const value = unit === 'C' ? temperatureC : fahrenheit(temperatureC);
  return `${Number(value.toFixed(1))}°`;
}

/** A difference of temperatures in the unit chosen: 0.3 °C, 0.5 °F. */
export function degreesApart(differenceC: number, unit: Unit): string {
  const value = unit === 'C' ? differenceC : fahrenheit(differenceC) - fahrenheit(0);
  return `${Number(value.toFixed(1))} °${unit}`;
}

/** A temperature with a unit of its own: "59 °F", "15C". */
const WITH_UNIT = /^(.*?)\s*(?:°\s*)?([cf])?\s*°?\s*$/i;

/**
 * Reads a temperature as °C, in the unit chosen, or in its own where one is typed with it.
 * @throws Refusal with what to type instead
 */
export function parseTemperature(text: string, unit: Unit, field = '/temperatureC'): number {
  const example = unit === 'C' ? '20.6' : '69';
  const sentence = `Type the temperature in °${unit}, for example ${example}.`;
  const [, number = text, own = unit] = WITH_UNIT.exec(text) ?? [];
  const value = parseDecimal(number, field, sentence);
  return own.toUpperCase() === 'C' ? value : celsius(value);
}

/** So near that nobody would see a difference, °. */
const SAME = 1e-6;

/**
 * A temperature as it would be typed in a unit, so that reading it gives just the same one: with its own unit behind it
 * where the unit in use has no short number for it.
 */
export function typedTemperature(temperatureC: number, unit: Unit): string {
  const values = { C: temperatureC, F: fahrenheit(temperatureC) };
  const short = (value: number) => Number(value.toFixed(2));
  const fits = (one: Unit) => Math.abs(short(values[one]) - values[one]) < SAME;
  const other = unit === 'C' ? 'F' : 'C';
  if (!fits(unit) && fits(other)) return `${short(values[other])}${other}`;
  return String(short(values[unit]));
}

/** The same reading in the other unit, to a tenth, as it would have been typed. */
export function retype(text: string, from: Unit, to: Unit): string {
  if (from === to || text.trim() === '') return text;
  try {
    return degrees(parseTemperature(text, from), to).replace('°', '');
  } catch {
    return text;
  }
}
