import { Refusal } from '../refusal.ts';
import { sound } from '../quantity/sound.ts';

/** How long a solution keeps in its bottle, days. */
export interface Keeping {
  readonly fullDays: number;
  readonly halfFullDays: number;
}

/** Half full. */
const HALF = 0.5;

/**
 * How long a solution keeps in a bottle that is so full.
 * @param keeping days full and half full
 * @param fullness 0 to 1
 * @returns days
 * @throws Refusal `keeping` unless it keeps at all, `fullness` unless the bottle is between empty and full
 * @source between half and full K½·(K₁/K½)^((f − ½)/½); below half full the air wins: K½·f/(1 − f)
 * @example
 * keepsDays({ fullDays: 180, halfFullDays: 60 }, 0.75) // ≈ 103.9
 */
export function keepsDays({ fullDays, halfFullDays }: Keeping, fullness: number): number {
  if (!(fullDays > 0 && halfFullDays > 0)) {
    throw new Refusal('keeping', '/fullDays', 'Give the days that it keeps, more than 0.');
  }
  if (!(fullness >= 0 && fullness <= 1)) {
    throw new Refusal('fullness', '/fullness', 'A bottle is between empty and full.');
  }
  return sound(
    fullness >= HALF
      ? halfFullDays * (fullDays / halfFullDays) ** ((fullness - HALF) / HALF)
      : (halfFullDays * fullness) / (1 - fullness),
  );
}

/** A time that a bottle stood so full. */
export interface Stood {
  readonly days: number;
  readonly fullness: number;
}

/** How far a solution has aged. */
export interface Aged {
  /** Of its keeping time, 0 fresh, 1 at its end. */
  readonly share: number;
  /** Days that are left if nothing more is taken out; below zero once they are over. */
  readonly daysLeft: number;
}

/**
 * How far a solution has aged in a bottle that is emptied in steps.
 * @param keeping days full and half full
 * @param stood how long it stood how full, in order; it stands now as in the last one
 * @returns the share of its keeping time, and the days left
 * @throws Refusal as `keepsDays`
 * @source ageing adds: Σ Δtᵢ/Kᵢ = 1
 * @example
 * aged({ fullDays: 180, halfFullDays: 60 }, [{ days: 45, fullness: 1 }, { days: 0, fullness: 0.5 }]).daysLeft // = 45
 */
export function aged(keeping: Keeping, stood: readonly Stood[]): Aged {
  const share = stood.reduce((sum, { days, fullness }) => {
    const keeps = keepsDays(keeping, fullness);
    return sum + (days === 0 ? 0 : days / keeps);
  }, 0);
  const last = stood.at(-1)?.fullness ?? 1;
  return sound({ share, daysLeft: (1 - share) * keepsDays(keeping, last) });
}
