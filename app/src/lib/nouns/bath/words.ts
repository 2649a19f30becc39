import { ROLL_EQUIVALENT_CM2, bathTests, type BathState, type BathVerdict } from '@katachron/core';

/** A print of 20.3 × 25.4 cm (8×10 in), cm². */
const USUAL_PRINT_CM2 = 20.32 * 25.4;

/** One glance: a word. */
export const verdictWords: Readonly<Record<BathVerdict, string>> = {
  fresh: 'Fresh',
  ageing: 'Ageing',
  spent: 'Spent',
  unknown: 'Not known',
  empty: 'Empty',
  discarded: 'Discarded',
};

/** How far it has gone, 0 to 1: of capacity or of keeping time, whichever is further; of an empty one nothing is left. */
export const goneOf = ({ used, age, failed, verdict }: BathState): number =>
  verdict === 'empty' ? 1 : Math.min(1, Math.max(used ?? 0, age ?? 0, failed.length > 0 ? 1 : 0));

/** What to be told before it is poured. Nothing is refused. */
export function bathCautions({ verdict, failed }: BathState): string[] {
  return [
    ...failed.map((id) => {
      const test = bathTests.find((one) => one.id === id)!;
      return `The ${test.name} failed: ${test.fails}.`;
    }),
    ...(verdict === 'empty' ? ['Nothing is left in it, by its ledger.'] : []),
    ...(verdict === 'ageing'
      ? ['Near its end: try it before anything that matters goes through it.']
      : []),
    ...(verdict === 'spent'
      ? ['Spent, by what is known of it. Nothing is refused: a test decides, or a new one.']
      : []),
  ];
}

/** "5 rolls or 12 prints of 20 × 25 cm": nothing less than whole rolls and whole prints goes through a bath. */
export function roomWords({ leftFilmCm2, leftPaperCm2 }: BathState): string | undefined {
  const rolls = leftFilmCm2 === undefined ? [] : [Math.floor(leftFilmCm2 / ROLL_EQUIVALENT_CM2)];
  const prints = leftPaperCm2 === undefined ? [] : [Math.floor(leftPaperCm2 / USUAL_PRINT_CM2)];
  const room = [
    ...rolls.map((count) => `${count} ${count === 1 ? 'roll' : 'rolls'}`),
    ...prints.map((count) => `${count} ${count === 1 ? 'print' : 'prints'} of 20 × 25 cm`),
  ];
  return room.length > 0 ? room.join(' or ') : undefined;
}
