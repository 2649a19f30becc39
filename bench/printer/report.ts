import {
  alikeRoom,
  drawSetup,
  errorOf,
  usualRoom,
  withHopelessNegative,
  withNegative,
  type BoxKind,
  type RoomKind,
} from './darkroom.ts';
import { asFound, bareFormula, byHand, learned, type Printer } from './printers.ts';
import { Random } from './random.ts';

const quantile = (sorted: readonly number[], share: number) =>
  sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))]!;

/** What one way of printing comes to in many darkrooms. */
export function trial(
  printer: Printer,
  rooms: number,
  seed: number,
  kind: RoomKind = usualRoom,
  negative = withNegative,
) {
  const random = new Random(seed);
  const found = Array.from({ length: rooms }, () => {
    const room = negative(drawSetup(random, kind), random);
    const outcome = printer(room, random);
    const { room: where = room } = outcome;
    return { ...outcome, error: errorOf(where, outcome.settingId, outcome.dialSeconds) };
  });
  const spread = (of: (one: (typeof found)[number]) => number) => {
    const sorted = found.map(of).sort((a, b) => a - b);
    const mean = sorted.reduce((sum, value) => sum + value, 0) / rooms;
    return { mean, median: quantile(sorted, 0.5), most: quantile(sorted, 0.95) };
  };
  const share = (of: (one: (typeof found)[number]) => boolean) =>
    (100 * found.filter(of).length) / rooms;
  const sum = (of: (one: (typeof found)[number]) => number | undefined) =>
    found.reduce((total, one) => total + (of(one) ?? 0), 0);
  return {
    strips: spread((one) => one.strips),
    stops: spread((one) => one.error.stops),
    range: spread((one) => one.error.range),
    keptStops: share((one) => one.error.stops <= (one.saidStops ?? -1)),
    keptRange: share((one) => one.error.range <= (one.saidRange ?? -1)),
    endless: share((one) => one.endless === true),
    beyond: share((one) => one.beyond === true),
    looks: sum((one) => one.looks) / rooms,
    boxNamed: share((one) => one.boxNamed === true),
    slips: sum((one) => one.slips),
    named: sum((one) => one.named),
    misnamed: sum((one) => one.misnamed),
  };
}

type Trial = ReturnType<typeof trial>;

const figure = (value: number, digits: number) => value.toFixed(digits);

function row(name: string, of: Trial, says: boolean): string {
  const said = says
    ? `  kept ${figure(of.keptStops, 1)} / ${figure(of.keptRange, 1)} %  endless ${figure(of.endless, 1)} %`
    : '';
  const slips =
    of.slips + of.misnamed > 0
      ? `  slips named ${of.named} of ${of.slips}, ${of.misnamed} that were none`
      : '';
  const box = of.boxNamed > 0 ? `  another box named ${figure(of.boxNamed, 0)} times in 100` : '';
  return (
    `${name.padEnd(52)}${figure(of.strips.mean, 1)} (${of.strips.most}) strips  ` +
    (of.looks > 0 ? `${figure(of.looks, 1)} looks more  ` : '') +
    `${figure(of.stops.most, 2)} stop  ${figure(of.range.most, 1)} R${said}${slips}${box}`
  );
}

const both = ['work-print', 'exhibition'] as const;
const names = { 'work-print': 'work print', exhibition: 'exhibition' } as const;

/** People one at a time, and a lamp under which wet strips look lighter than they dry. */
const ownEyes: readonly { readonly name: string; readonly kind: Partial<RoomKind> }[] = [
  { name: 'an eye of 1/12 stop', kind: { eyeStops: 1 / 12 } },
  { name: 'an eye of 1/8 stop', kind: { eyeStops: 1 / 8 } },
  { name: 'an eye of 1/6 stop', kind: { eyeStops: 1 / 6 } },
  { name: 'a lamp that is 0.1 stop too bright', kind: { biasStops: 0.1 } },
];

/** Rooms that are harder than the belief takes them to be. */
const hardRooms: readonly {
  readonly name: string;
  readonly kind: Partial<RoomKind>;
  readonly lagMeasured?: boolean;
}[] = [
  ...ownEyes,
  { name: 'a slip in one look of ten', kind: { slips: 0.1 } },
  { name: 'filters ±15 % R and ±½ stop', kind: { rangeShare: 0.15, speedStops: 0.5 } },
  { name: 'first guess 4 stops off', kind: { guessStops: [4, 4] } },
  { name: 'lag 0.8 s, not known', kind: { lagSeconds: [0.8, 0.8] } },
  { name: 'lag 0.8 s, measured', kind: { lagSeconds: [0.8, 0.8] }, lagMeasured: true },
  { name: 'matte paper, Dmax 1.6', kind: { dMax: [1.6, 1.6] } },
  { name: 'graded paper', kind: { setId: 'grades' } },
  { name: 'negatives of any contrast', kind: { contrasts: 'any' } },
];

const SLOWER = { stops: 0.4, settingStops: 0, rangeShare: 0 };
const OTHERWISE = { stops: 0, settingStops: 0.25, rangeShare: 0.08 };
const FAR_OFF = { stops: 0, settingStops: 0.5, rangeShare: 0.15 };
/** Boxes of paper opened after ten prints; the print that is measured is the first on it, or comes after others on it. */
const otherBoxes: readonly {
  readonly name: string;
  readonly box: BoxKind;
  readonly ofBox?: number;
  readonly readings?: boolean;
}[] = [
  { name: 'another box after ten prints, 0.4 stop slower', box: SLOWER },
  { name: 'the same, read by a probe', box: SLOWER, readings: true },
  { name: 'another box, its filters ±¼ stop and ±8 % R', box: OTHERWISE },
  { name: 'the same, the third print on it', box: OTHERWISE, ofBox: 2 },
  { name: 'another box, its filters ±½ stop and ±15 % R', box: FAR_OFF },
  { name: 'the same, the third print on it', box: FAR_OFF, ofBox: 2 },
];

/**
 * Prints what the page itself comes to, from its first strip as a new visitor finds it to the print it says to make, each way
 * in the same darkrooms.
 */
export function report(rooms: number, seed: number): void {
  console.log(
    `\nThe page, driven by a simulated printer in ${rooms} darkrooms, seed ${seed}: strips, mean (95th percentile); error of the print at the 95th percentile; how often the truth lay within what was said`,
  );
  const line = (
    name: string,
    printer: Printer,
    kind: RoomKind = usualRoom,
    says = true,
    how_many = rooms,
  ) => console.log(row(name, trial(printer, how_many, seed, kind), says));
  line('by hand: doubling, quarter stops, grade by grade', byHand, usualRoom, false);
  line('bare formula and one check strip', bareFormula, usualRoom, false);
  for (const certainty of both) line(`as found, ${names[certainty]}`, asFound({ certainty }));
  for (const certainty of both) {
    line(`lag measured, ${names[certainty]}`, asFound({ certainty, lagMeasured: true }));
  }
  for (const certainty of both) {
    line(`one contrast a strip, ${names[certainty]}`, asFound({ certainty, sideBySide: false }));
  }
  const fewer = Math.ceil(rooms / 4);
  for (const certainty of both) {
    line(`two places read by a probe, ${names[certainty]}`, asFound({ certainty, readings: true }));
  }
  for (const certainty of both) {
    line(`beside a tone card, ${names[certainty]}`, asFound({ certainty, card: true }));
  }
  for (const certainty of both) {
    line(
      `read by a probe, after ten prints, ${names[certainty]}`,
      learned({ certainty, readings: true }),
      usualRoom,
      true,
      fewer,
    );
  }
  for (const certainty of both) {
    line(
      `learned from ten prints, ${names[certainty]}`,
      learned({ certainty }),
      usualRoom,
      true,
      fewer,
    );
  }
  for (const certainty of both) {
    line(
      `learned from ten prints alike, ${names[certainty]}`,
      learned({ certainty }),
      alikeRoom,
      true,
      fewer,
    );
  }
  for (const { name, kind } of ownEyes) {
    line(
      `${name}, after ten prints, work print`,
      learned({ certainty: 'work-print' }),
      { ...usualRoom, ...kind },
      true,
      fewer,
    );
  }
  for (const { name, box, ofBox, readings } of otherBoxes) {
    const habits = { certainty: 'work-print', ...(readings && { readings }) } as const;
    line(name, learned(habits, box, ofBox), usualRoom, true, fewer);
  }
  for (const { name, kind, lagMeasured } of hardRooms) {
    for (const certainty of both) {
      const habits = { certainty, ...(lagMeasured && { lagMeasured }) };
      line(`${name}, ${names[certainty]}`, asFound(habits), { ...usualRoom, ...kind });
    }
  }
  const hopeless = trial(
    asFound({ certainty: 'work-print' }),
    rooms,
    seed,
    usualRoom,
    withHopelessNegative,
  );
  const held = trial(asFound({ certainty: 'work-print' }), rooms, seed);
  console.log(
    `Negatives that no setting holds: ${figure(hopeless.beyond, 0)} of 100 are said to be so; of those that some setting prints, ${figure(held.beyond, 0)}`,
  );
}
