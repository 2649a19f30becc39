import { celsius, fahrenheit } from '@katachron/core';
import type { Preferences } from '../contract/preferences.ts';
import { parseDecimal } from './decimal.ts';

export type Unit = Preferences['unit'];

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

/**
 * Reads a temperature in the unit chosen as °C.
 * @throws Refusal with what to type instead
 */
export function parseTemperature(text: string, unit: Unit, field = '/temperatureC'): number {
  const example = unit === 'C' ? '20.6' : '69';
  const sentence = `Type the temperature in °${unit}, for example ${example}.`;
  const value = parseDecimal(text.replace(/°\s*[cf]?\s*$/i, ''), field, sentence);
  return unit === 'C' ? value : celsius(value);
}

/** The same reading in the other unit, as it would have been typed. */
export function retype(text: string, from: Unit, to: Unit): string {
  if (from === to) return text;
  try {
    return degrees(parseTemperature(text, from), to).replace('°', '');
  } catch {
    return text;
  }
}
