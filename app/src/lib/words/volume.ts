import { Refusal, fluidOunces, fromFluidOunces } from '@katachron/core';
import { attempt } from './attempt.ts';
import { parseDecimal } from './decimal.ts';

export const volumeUnits = ['ml', 'fl oz'] as const;
export type VolumeUnit = (typeof volumeUnits)[number];

/** How a unit is shown: its digits, fewer for what is large. */
const shown: Record<VolumeUnit, { of: (ml: number) => number; digits: (value: number) => number }> =
  {
    ml: { of: (ml) => ml, digits: (value) => (value < 100 ? 1 : 0) },
    'fl oz': { of: fluidOunces, digits: (value) => (value < 10 ? 2 : 1) },
  };

/** A volume as it is measured, without its unit. */
export function volumeNumber(volumeMl: number, unit: VolumeUnit = 'ml'): number {
  const value = shown[unit].of(volumeMl);
  return Number(value.toFixed(shown[unit].digits(value)));
}

/** A volume to measure: 18.8 ml, 600 ml, 20.3 fl oz. */
export function volumeWords(volumeMl: number, unit: VolumeUnit = 'ml'): string {
  return `${volumeNumber(volumeMl, unit)} ${unit}`;
}

/**
 * The parts of a mix as they are measured: what is shown of them adds up to what is shown of the whole, since the last of
 * them, the water, is what is made up to it.
 */
export function partsInWords(partsMl: readonly number[], unit: VolumeUnit = 'ml'): string[] {
  const whole = partsMl.reduce((sum, part) => sum + part, 0);
  const dosed = partsMl.slice(0, -1).map((part) => volumeNumber(part, unit));
  const water = volumeNumber(whole, unit) - dosed.reduce((sum, part) => sum + part, 0);
  const { digits } = shown[unit];
  const most = Math.max(...[...dosed, water].map((part) => digits(part)));
  return [...dosed, Number(water.toFixed(most))].map((part) => `${part} ${unit}`);
}

/** A volume with a unit of its own: "20 fl oz", "600ml". */
const WITH_UNIT = /^(.*?)\s*(ml|(?:us\s*)?fl\.?\s*oz\.?|oz)?\s*$/i;

/**
 * Reads a volume as ml, in the unit chosen, or in its own where one is typed with it.
 * @throws Refusal with what to type instead
 */
export function parseVolume(text: string, unit: VolumeUnit = 'ml', field = '/volumeMl'): number {
  const sentence = `Type the volume in ${unit}, for example ${unit === 'ml' ? '600' : '20'}.`;
  const [, number = text, own = unit] = WITH_UNIT.exec(text) ?? [];
  const value = parseDecimal(number, field, sentence);
  return /oz/i.test(own) ? fromFluidOunces(value) : value;
}

/** A volume as it would have been typed: to its last digit in ml, as finely as it is measured in fl oz. */
export function typedVolume(volumeMl: number, unit: VolumeUnit): string {
  return String(unit === 'ml' ? volumeMl : volumeNumber(volumeMl, unit));
}

interface VolumeField {
  readonly unit: VolumeUnit;
  /** What it is, for the sentence: "what it holds". */
  readonly what: string;
  /** A usual one, ml. */
  readonly usualMl: number;
  readonly leastMl: number;
  readonly mostMl: number;
  /** What is stored, ml: a field left as it was shown keeps that, to its last digit. */
  readonly keptMl?: number | undefined;
}

/**
 * Reads a volume out of a form, as ml.
 * @throws Refusal with what to type instead, in the unit in use
 */
export function readVolume(text: string, field: VolumeField): number {
  const { unit, what, usualMl, leastMl, mostMl, keptMl } = field;
  if (keptMl !== undefined && text.trim() === typedVolume(keptMl, unit)) return keptMl;
  const sentence = `Type ${what} in ${unit}, for example ${volumeNumber(usualMl, unit)}.`;
  const refused = () => new Refusal('volume', '', sentence);
  const value = attempt(() => parseVolume(text, unit)).value;
  if (value === undefined || value < leastMl || value > mostMl) throw refused();
  return value;
}

/** The same volume in the other unit, as it would have been typed; what is stored comes back to its last digit. */
export function retypeVolume(
  text: string,
  from: VolumeUnit,
  to: VolumeUnit,
  keptMl?: number,
): string {
  if (from === to || text.trim() === '') return text;
  const { value } = attempt(() =>
    keptMl !== undefined && text.trim() === typedVolume(keptMl, from)
      ? typedVolume(keptMl, to)
      : String(volumeNumber(parseVolume(text, from), to)),
  );
  return value ?? text;
}
