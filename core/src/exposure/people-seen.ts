import { sound } from '../quantity/sound.ts';
import { weightOfEye } from './print-belief.ts';
import type { PrintSession } from './print-session.ts';
import { lessons } from './session-belief.ts';
import { anybody, type People, type WayOfLookingId } from './ways-of-looking.ts';

/** Prints that were made in one set-up, oldest first. */
export type SetupPrints = Pick<PrintSession, 'paper' | 'set' | 'earlier'>;

/** What was learned in other set-ups is asked for at every keystroke. */
const kept = new Map<string, People>();
const MOST_KEPT = 8;

/**
 * Who is looking, by prints in other set-ups: how finely somebody sees goes along to every paper.
 * @param setups paper, contrast set and prints of each, oldest first
 * @returns how probable each eye is, by eye and beside a tone card
 * @throws Refusal as `readPrint`
 * @source the weights of the cases after each set-up, the prior of the next one
 * @example
 * peopleSeen([]).eyes[0].share // = 0.6
 */
export function peopleSeen(setups: readonly SetupPrints[]): People {
  sound(setups);
  const key = JSON.stringify(setups);
  const known = kept.get(key);
  if (known) return known;
  const people = setups.reduce((before: People, setup): People => {
    const { belief } = lessons({ ...setup, strips: [], people: before });
    if (!belief) return before;
    const after = (shares: People['eyes'], way: WayOfLookingId) =>
      shares.map(({ times }) => ({ times, share: weightOfEye(belief, times, way) }));
    // Where no card lay beside anything nothing was learned of it.
    const hasCard = setup.earlier.some(({ strips }) => strips.some(({ way }) => way === 'card'));
    return {
      eyes: after(before.eyes, 'eye'),
      cards: hasCard ? after(before.cards, 'card') : before.cards,
    };
  }, anybody);
  if (kept.size >= MOST_KEPT) kept.delete(kept.keys().next().value!);
  kept.set(key, people);
  return people;
}
