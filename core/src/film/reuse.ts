import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** What becomes of a developer after a roll. */
export type ReuseRule =
  | { readonly kind: 'one-shot' }
  /** Longer by a share for each batch of rolls, compounding. */
  | { readonly kind: 'batch'; readonly rolls: number; readonly percent: number }
  /** The same by the litre, sheets by their area: the fuller the bottle, the more rolls it bears. */
  | { readonly kind: 'by-area'; readonly rollsPerLitre: number; readonly percent: number }
  /** Topped up after each roll; the time stays. */
  | { readonly kind: 'replenish'; readonly mlPerRoll: number };

/** A developer that takes longer than this many times its fresh time is dead. */
const MOST_FACTOR = 3;

/**
 * What the rolls already developed in a developer do to the time of the next one.
 * @param rule one-shot, batch and per cent, the same by the litre, or replenishment
 * @param rollsBefore roll equivalents developed in it so far: a sheet of 4×5 in is a quarter
 * @param volumeMl of the developer that they went through, ml; only a rule by the litre asks
 * @returns a factor on the time
 * @throws Refusal `rolls-before` unless it is a number, not negative; `one-shot` when a one-shot was used before; `reuse-end`
 *   when the time would be more than three times that of fresh developer; as `reuseByArea` for a rule by the litre
 * @source (1 + p)^⌊rolls before / batch⌋, by the litre (1 + p)^⌊rolls a litre / n⌋
 * @example
 * reuseFactor({ kind: "batch", rolls: 5, percent: 12 }, 10) // ≈ 1.2544
 */
export function reuseFactor(rule: ReuseRule, rollsBefore: number, volumeMl?: number): number {
  if (!Number.isFinite(rollsBefore) || rollsBefore < 0) {
    throw new Refusal(
      'rolls-before',
      '/rollsBefore',
      'Give the rolls already developed in it, as 0 or 6.',
    );
  }
  if (rule.kind === 'one-shot' && rollsBefore > 0) {
    throw new Refusal(
      'one-shot',
      '/rollsBefore',
      'This recipe uses its developer once and throws it away. Mix it fresh.',
    );
  }
  if (rule.kind === 'by-area') {
    if (rollsBefore === 0) return 1;
    if (volumeMl === undefined) {
      throw new Refusal(
        'reuse-volume',
        '/developerMl',
        'Say how much of it there is: this developer tires by the rolls that went through a litre.',
      );
    }
    return reuseByArea(rule.percent, rule.rollsPerLitre, rollsBefore, volumeMl).stepped;
  }
  if (rule.kind !== 'batch') return 1;
  const factor = (1 + rule.percent / 100) ** Math.floor(rollsBefore / rule.rolls + 1e-9);
  if (!(factor <= MOST_FACTOR)) {
    throw new Refusal(
      'reuse-end',
      '/rollsBefore',
      `After ${Number(rollsBefore.toFixed(2))} rolls it would take more than three times as long as fresh: that developer is dead. Mix it anew.`,
    );
  }
  return sound(factor);
}

/** What reuse by area does to a time. */
export interface ReuseByArea {
  readonly rollEquivalents: number;
  readonly perLitre: number;
  /** A factor that grows in steps of a batch, and one that grows with every film. */
  readonly stepped: number;
  readonly smooth: number;
}

/**
 * What films already developed in a volume do to the time of the next one, sheets by their area.
 * @param percent longer for each batch, %
 * @param rollsPerLitre that are a batch, roll equivalents a litre
 * @param rollEquivalents developed in it so far
 * @param volumeMl of the developer, ml
 * @returns roll equivalents, those a litre, and the factor on the time in steps and smooth
 * @throws Refusal `reuse-rule` unless the rule and the volume are more than zero, `reuse-end` when the time would be more than
 *   three times that of fresh developer
 * @source (1 + p)^⌊rolls a litre / n⌋; smooth (1 + p)^(rolls a litre / n)
 * @example
 * reuseByArea(10, 4, 3.75, 600).smooth // ≈ 1.161
 */
export function reuseByArea(
  percent: number,
  rollsPerLitre: number,
  rollEquivalents: number,
  volumeMl: number,
): ReuseByArea {
  if (!(percent >= 0 && rollsPerLitre > 0 && rollEquivalents >= 0 && volumeMl > 0)) {
    throw new Refusal(
      'reuse-rule',
      '/rollsPerLitre',
      'Give per cent, rolls a litre and a volume, all more than 0.',
    );
  }
  const perLitre = (1000 * rollEquivalents) / volumeMl;
  const batches = perLitre / rollsPerLitre;
  const by = (count: number) => (1 + percent / 100) ** count;
  const smooth = by(batches);
  if (!(smooth <= MOST_FACTOR)) {
    throw new Refusal(
      'reuse-end',
      '/rollEquivalents',
      'It would take more than three times as long as fresh: that developer is dead. Mix it anew.',
    );
  }
  return sound({ rollEquivalents, perLitre, stepped: by(Math.floor(batches + 1e-9)), smooth });
}
