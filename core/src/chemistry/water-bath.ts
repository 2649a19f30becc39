import { Refusal } from '../refusal.ts';
import { sound } from '../quantity/sound.ts';
import { secondsInBath } from './temper.ts';

/**
 * How fast a bottle follows a water bath, from two readings.
 * @param firstC of the bottle, °C
 * @param thenC of the bottle so much later, °C
 * @param betweenSeconds s between the two
 * @param bathC of the bath, held, °C
 * @returns the time constant, s
 * @throws Refusal `temper` unless the second reading lies between the first and the bath
 * @source Newton: τ = Δt / ln((Tb − T₀)/(Tb − T₁))
 * @example
 * Math.round(bottleFollows(15.5, 18.4, 300, 30)) // = 1344
 */
export function bottleFollows(
  firstC: number,
  thenC: number,
  betweenSeconds: number,
  bathC: number,
): number {
  const share = (bathC - firstC) / (bathC - thenC);
  if (!(betweenSeconds > 0 && share > 1 && share < Infinity)) {
    throw new Refusal(
      'temper',
      '/thenC',
      'The second reading lies between the first one and the bath: otherwise the bath was not held, or the thermometer lay in it.',
    );
  }
  return sound(betweenSeconds / Math.log(share));
}

/** A bottle in a bowl whose water it warms or cools in turn. */
export interface InBowl {
  /** Where both end, °C. */
  readonly endsC: number;
  /** How fast they get there, s. */
  readonly followsSeconds: number;
  /** s until the target. */
  readonly seconds: number;
  /** By how much later than in a bath that is held, s. */
  readonly laterSeconds: number;
}

/**
 * A bottle in a bowl of water that gives its warmth away.
 * @param bottle volume in ml, °C now, and its time constant in a held bath, s
 * @param bowl volume in ml and °C
 * @param targetC wanted in the bottle, °C
 * @returns where both end, how fast, and when the bottle is there
 * @throws Refusal `volume` unless both hold something, `temper` when the bowl never brings it there
 * @source Te = (C₁T₁ + C₂T₂)/(C₁ + C₂), τe = τ/(1 + C₁/C₂), t = τe·ln((Te − T₀)/(Te − T))
 * @example
 * bottleInBowl({ volumeMl: 1000, nowC: 15.5, followsSeconds: 1344 }, { volumeMl: 3500, nowC: 30 }, 20).endsC // ≈ 26.78
 */
export function bottleInBowl(
  bottle: { readonly volumeMl: number; readonly nowC: number; readonly followsSeconds: number },
  bowl: { readonly volumeMl: number; readonly nowC: number },
  targetC: number,
): InBowl {
  if (!(bottle.volumeMl > 0 && bowl.volumeMl > 0 && bottle.followsSeconds > 0)) {
    throw new Refusal('volume', '/volumeMl', 'Bottle and bowl hold more than 0 ml.');
  }
  const both = bottle.volumeMl + bowl.volumeMl;
  const endsC = (bottle.volumeMl * bottle.nowC + bowl.volumeMl * bowl.nowC) / both;
  const followsSeconds = bottle.followsSeconds / (1 + bottle.volumeMl / bowl.volumeMl);
  const seconds = secondsInBath(bottle.nowC, targetC, endsC, followsSeconds);
  const held = secondsInBath(bottle.nowC, targetC, bowl.nowC, bottle.followsSeconds);
  return sound({ endsC, followsSeconds, seconds, laterSeconds: seconds - held });
}
