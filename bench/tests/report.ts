import { chanceOf, type Chance } from './chance.ts';
import { filmCase } from './film-trial.ts';
import { paperCase, type Trial } from './paper-trial.ts';
import { scanCase } from './scan-trial.ts';
import { scanMistakes } from './scans.ts';

interface Case {
  readonly trials: readonly Trial[];
  readonly wrong: number;
  readonly named: number;
  readonly refused: boolean;
}

const NOISES = [0.01, 0.02];
/** Of so many readings of a tablet one is wrong, by typing or dust. */
const WRONG_IN = 0.25;

const kinds: readonly {
  readonly name: string;
  readonly one: (chance: Chance, noise: number, wrongIn: number) => Case;
  /** What is told, in which unit and with how many digits. */
  readonly told: readonly (readonly [what: string, unit: string, digits: number])[];
}[] = [
  {
    name: 'papers',
    one: paperCase,
    told: [
      ['R', 'R', 1],
      ['speed', 'stop', 3],
    ],
  },
  {
    name: 'films',
    one: filmCase,
    told: [
      ['EI', 'stop', 2],
      ['N time', 'of the time', 3],
    ],
  },
];

const at95 = (values: readonly number[]) =>
  values.toSorted((a, b) => a - b)[Math.floor(0.95 * values.length)] ?? NaN;

const percent = (trials: readonly Trial[]) =>
  ((100 * trials.filter(({ kept }) => kept).length) / trials.length).toFixed(1);

/** Scans in uneven light with stray light, and scans that were laid or described wrong. */
function scans(cases: number, seed: number): void {
  const chance = chanceOf(seed);
  const all = Array.from({ length: cases }, () => scanCase(chance));
  const trials = all.flatMap((each) => each.trials);
  console.log(
    `${cases} scans: ${all.filter(({ refused }) => refused !== undefined).length} refused`,
  );
  console.log(
    `  density  kept ${percent(trials)} %   off by ${at95(trials.map(({ off }) => off)).toFixed(3)} at the 95th percentile, ${Math.max(...trials.map(({ off }) => off)).toFixed(3)} at the most, of ${trials.length}; said ± ${at95(trials.map(({ within }) => within)).toFixed(3)}`,
  );
  for (const mistake of scanMistakes) {
    const wrong = Array.from({ length: Math.ceil(cases / 4) }, () => scanCase(chance, mistake));
    const refused = wrong.filter((each) => each.refused !== undefined).length;
    console.log(`  ${mistake}: ${refused} of ${wrong.length} refused`);
  }
}

/** Tests on truths of other make: how often each ± was kept, how far out each answer is, what was refused and what was named. */
export function report(cases: number, seed: number): void {
  for (const { name, one, told } of kinds) {
    for (const noise of NOISES) {
      for (const wrongIn of [0, WRONG_IN]) {
        const chance = chanceOf(seed);
        const all = Array.from({ length: cases }, () => one(chance, noise, wrongIn));
        const count = (of: (each: Case) => number) => all.reduce((sum, each) => sum + of(each), 0);
        const refused = count((each) => (each.refused ? 1 : 0));
        const wrong = count((each) => each.wrong);
        console.log(
          `${cases} ${name}, readings ± ${noise}${wrongIn > 0 ? `, one wrong in one of four tablets (${count((each) => each.named)} of ${wrong} named)` : ''}: ${refused} refused`,
        );
        for (const [what, unit, digits] of told) {
          const trials = all.flatMap((each) => each.trials.filter((trial) => trial.what === what));
          const off = at95(trials.map((trial) => trial.off)).toFixed(digits);
          console.log(
            `  ${what.padEnd(8)} kept ${percent(trials)} %   off by ${off} ${unit} at the 95th percentile, of ${trials.length}`,
          );
        }
      }
    }
  }
  scans(cases, seed);
}
