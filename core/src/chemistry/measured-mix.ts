import type { Dilution } from '../quantity/dilution.ts';
import { sound } from '../quantity/sound.ts';
import { SMALL_MEASURE_ML, mixFor } from './mix.ts';
import { LEAST_DIVISIONS } from './measure.ts';
import { bestVessel, type Measured, type MeasuringVessel } from './vessel.ts';

/** One part of a mix: what it is to be, and what a vessel makes of it. */
export interface MixPart {
  readonly exactMl: number;
  /** What is poured in; of the water what makes up the total. */
  readonly pouredMl: number;
  /** Not there for the water, and where no vessel serves. */
  readonly by?: Measured;
}

/** A mix with the vessels that are there. */
export interface MeasuredMix {
  /** In the dilution's order, the last is water. */
  readonly parts: readonly MixPart[];
  /** The volume from which on every part can be read well in the vessels that are there, ml; only where one cannot. */
  readonly largerBatchMl?: number;
  /** The division with which the smallest part could be read well, ml; only where one cannot. */
  readonly syringeDivisionMl?: number;
}

/**
 * A working solution as the vessels that are there measure it. Water is made up to the total, so that the volumes sum.
 * @param volumeMl total wanted, ml
 * @param dilution parts, the last of them water
 * @param vessels to measure with, ml
 * @returns each part exact and as poured, in ml, and what helps where one is too small to be read
 * @throws Refusal `volume` unless the volume is more than zero
 * @source parts by volume; too small under ten divisions or 5 ml
 * @example
 * measuredMix(655, [1, 39], [{ name: "syringe", holdsMl: 20, divisionMl: 0.5 }]).parts[1].pouredMl // = 638.5
 */
export function measuredMix(
  volumeMl: number,
  dilution: Dilution,
  vessels: readonly MeasuringVessel[],
): MeasuredMix {
  const { partsMl } = mixFor(volumeMl, dilution);
  const water = dilution.length > 1 ? partsMl.length - 1 : -1;
  const others = partsMl.map((exactMl, index): MixPart => {
    const by = index === water ? undefined : bestVessel(exactMl, vessels);
    return { exactMl, pouredMl: by?.measuredMl ?? exactMl, ...(by && { by }) };
  });
  const measuredMl = others.reduce(
    (sum, { pouredMl }, index) => sum + (index === water ? 0 : pouredMl),
    0,
  );
  const parts = others.map((part, index) =>
    index === water ? { ...part, pouredMl: Math.max(0, volumeMl - measuredMl) } : part,
  );
  const small = parts.filter(({ by }) => by?.tooSmall);
  if (small.length === 0) return sound({ parts });
  const grow = small.map(({ exactMl, by }) => {
    const leastMl = Math.max(SMALL_MEASURE_ML, LEAST_DIVISIONS * by!.vessel.divisionMl);
    return leastMl / exactMl;
  });
  return sound({
    parts,
    largerBatchMl: volumeMl * Math.max(...grow),
    syringeDivisionMl: Math.min(...small.map(({ exactMl }) => exactMl)) / LEAST_DIVISIONS,
  });
}

/**
 * The batch that a rest of one part gives.
 * @param restMl what is left of it, ml
 * @param dilution parts, the last of them water
 * @param part its place among the parts, the first unless said
 * @returns ml of working solution
 * @throws Refusal `no-answer` when there is no such part
 * @source V = rest · Σp / p₁
 * @example
 * batchFrom(46, [1, 19]) // = 920
 */
export function batchFrom(restMl: number, dilution: Dilution, part = 0): number {
  const total = dilution.reduce((sum, one) => sum + one, 0);
  return sound((restMl * total) / (dilution[part] ?? NaN));
}
