import { certainties } from '../../core/src/index.ts';
import { drawSetup, errorOf, withHopelessNegative, withNegative, type Setup } from './darkroom.ts';
import { advised, bareFormula, byHand, learned, type Printer } from './printers.ts';
import { Random } from './random.ts';

/** What is asked for where the set-up was learned: what the figures are compared with. */
const LEARNED = { stops: 0.28, range: 18 };

const quantile = (sorted: readonly number[], share: number) =>
  sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))]!;

/** What one way of printing comes to in many darkrooms. */
export function trial(printer: Printer, rooms: number, seed: number) {
  const random = new Random(seed);
  const strips: number[] = [];
  const stops: number[] = [];
  const range: number[] = [];
  for (let room = 0; room < rooms; room += 1) {
    const where = withNegative(drawSetup(random), random);
    const { settingId, dialSeconds, strips: used } = printer(where, random);
    const error = errorOf(where, settingId, dialSeconds);
    strips.push(used);
    stops.push(error.stops);
    range.push(error.range);
  }
  const both = (values: number[]) => {
    const sorted = [...values].sort((a, b) => a - b);
    return { median: quantile(sorted, 0.5), most: quantile(sorted, 0.95) };
  };
  return { strips: both(strips), stops: both(stops), range: both(range) };
}

/** Prints strips and errors for every way of printing, each in the same darkrooms. */
export function report(rooms: number, seed: number): void {
  console.log(
    `\nA simulated printer in ${rooms} darkrooms, seed ${seed}: median (95th percentile)`,
  );
  const ways: readonly (readonly [string, Printer])[] = [
    ['by hand: doubling, quarter stops, grade by grade', byHand],
    ['bare formula and one check strip', bareFormula],
    ...certainties.map((wanted) => [`this advice, ${wanted.name}`, advised(wanted)] as const),
    ...certainties.map(
      (wanted) => [`the same, one contrast a strip, ${wanted.name}`, advised(wanted, 1)] as const,
    ),
    ['learned from ten prints, 0.2 stop and 10 R', learned(LEARNED, false)],
    ['learned from ten prints, two probe readings', learned(LEARNED, true)],
  ];
  for (const [name, printer] of ways) {
    const { strips, stops, range } = trial(printer, rooms, seed);
    console.log(
      `${name.padEnd(52)}${strips.median} (${strips.most}) strips  ` +
        `${stops.median.toFixed(3)} (${stops.most.toFixed(3)}) stop  ` +
        `${range.median.toFixed(1)} (${range.most.toFixed(1)}) R`,
    );
  }
  const told = (negative: typeof withNegative) =>
    `${((100 * toldBeyond(negative, rooms, seed)) / rooms).toFixed(1)} %`;
  console.log(
    `negatives that no setting holds, 15 to 40 R beyond: reported as such ${told(withHopelessNegative)}; ` +
      `those that some setting prints: ${told(withNegative)}`,
  );
}

/** How many printers are told that no setting holds their negative. */
function toldBeyond(
  negative: (setup: Setup, random: Random) => ReturnType<typeof withNegative>,
  rooms: number,
  seed: number,
): number {
  const random = new Random(seed);
  const printer = advised(certainties[1]);
  let told = 0;
  for (let room = 0; room < rooms; room += 1) {
    if (printer(negative(drawSetup(random), random), random).beyond) told += 1;
  }
  return told;
}
