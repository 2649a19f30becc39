import { Refusal } from '../refusal.ts';
import { sound } from '../quantity/sound.ts';
import { temperedWater, waterTemperature } from './temper.ts';

/** What is to be mixed warm, and from what. */
export interface TemperQuestion {
  readonly volumeMl: number;
  readonly targetC: number;
  /** Of the two taps, °C. */
  readonly coldC: number;
  readonly hotC: number;
  /** Concentrate that goes in, with its own temperature; none for water alone. */
  readonly concentrateMl?: number;
  readonly concentrateC?: number;
}

/** Water of two taps. */
export interface TemperAnswer {
  /** What both together have to be, °C. */
  readonly waterC: number;
  readonly hotMl: number;
  readonly coldMl: number;
  /** Too hot for a hand: pour it into the cold, and let nobody lift it alone. */
  readonly scalds: boolean;
}

/** From here on water scalds, °C. */
const SCALDS_C = 50;

/**
 * Hot and cold water for a mix, the concentrate’s own temperature counted.
 * @param question volume in ml and target in °C, both taps, and the concentrate
 * @returns what the water has to be in °C, and ml of each tap
 * @throws Refusal `volume` unless the volume is more than zero, `temper` where the taps or liquid water cannot do it
 * @source mixing rule of three liquids, equal heat capacities
 * @example
 * temperMix({ volumeMl: 1500, targetC: 20, coldC: 13, hotC: 47, concentrateMl: 100, concentrateC: 26.5 }).hotMl // ≈ 269.1
 */
export function temperMix(question: TemperQuestion): TemperAnswer {
  const { volumeMl, targetC, coldC, hotC, concentrateMl = 0, concentrateC = targetC } = question;
  if (!(volumeMl > 0)) throw new Refusal('volume', '/volumeMl', 'Give the volume to be made.');
  const waterC =
    concentrateMl > 0 ? waterTemperature(volumeMl, concentrateMl, concentrateC, targetC) : targetC;
  if (!(hotC > coldC && waterC >= coldC && waterC <= hotC)) {
    throw new Refusal(
      'temper',
      '/targetC',
      `The water would have to be at ${waterC.toFixed(1)} °C, and the taps run from ${coldC.toFixed(1)} to ${hotC.toFixed(1)} °C: use ice or a kettle, or let the concentrate come nearer first.`,
    );
  }
  const { hotMl, coldMl } = temperedWater(volumeMl - concentrateMl, waterC, coldC, hotC);
  return sound({ waterC, hotMl, coldMl, scalds: Math.max(waterC, hotC) >= SCALDS_C });
}
