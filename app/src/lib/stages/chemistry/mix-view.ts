import {
  Refusal,
  batchFrom,
  fromStock,
  measuredMix,
  parseDilution,
  twoStage,
  waterToDilute,
  formatDilution,
  type MeasuredMix,
  type MeasuringVessel,
  type MixPart,
} from '@katachron/core';
import { format, isSameDay, isValid, parseISO, startOfDay, subDays } from 'date-fns';
import { attempt } from '../../words/attempt.ts';
import { within } from '../../kit/form.ts';
import { plainList } from '../../words/list.ts';
import {
  partsInWords,
  readVolume,
  volumeNumber,
  volumeWords,
  type VolumeUnit,
} from '../../words/volume.ts';

/** What somebody may want of a mix. */
export const mixWays = [
  { id: 'total', name: 'a volume', more: 'so much working solution, by its parts' },
  { id: 'rest', name: 'what a rest gives', more: 'as much as is left in the bottle' },
  { id: 'percent', name: 'per cent', more: 'from a stronger stock' },
  { id: 'weaker', name: 'a weaker one', more: 'water into a dilution that is there' },
  { id: 'powder', name: 'a powder packet', more: 'made up the day before it is used' },
] as const;
export type MixWayId = (typeof mixWays)[number]['id'];

/** A mix as it is being typed. */
export interface MixForm extends Record<string, string> {
  way: MixWayId;
  volume: string;
  dilution: string;
  rest: string;
  percent: string;
  stock: string;
  now: string;
  then: string;
  /** The day on which a powder developer is used, as 2026-01-24. */
  day: string;
}

export const usualMix: MixForm = {
  ...{ way: 'total', volume: '600', dilution: '1+31', rest: '' },
  ...{ percent: '', stock: '', now: '1+9', then: '1+14', day: '' },
};

/** One thing to measure. */
export interface MixLine {
  readonly name: string;
  readonly amount: string;
  /** In what, and how well. */
  readonly how?: string;
  /** It cannot be read well. */
  readonly doubtful: boolean;
}

export interface MixView {
  readonly lines: readonly MixLine[];
  /** In the order of pouring. */
  readonly steps: readonly string[];
  /** What helps where a part is too small to be read. */
  readonly remedies: readonly string[];
  readonly total?: string;
  /** When it is to be made up. */
  readonly when?: string;
  readonly troubles: Partial<Record<keyof MixForm & string, string>>;
}

/** Of the water, this much goes in first. */
const WATER_FIRST = 3 / 4;
/** A first stage of one in so many. */
const FIRST_STAGE = 10;
/** What syringes are divided in, ml. */
const DIVISIONS = [2, 1, 0.5, 0.2, 0.1, 0.05, 0.02, 0.01] as const;
const PART_NAMES = ['part A', 'part B', 'part C', 'part D', 'part E'] as const;

const percentWords = (share: number) => `${Number((100 * share).toFixed(1))} %`;
/** Less of a dose than this is not worth a word, as a share. */
const UNSEEN = 0.0005;

/** What the parts of a dilution are called, the water last. */
const namesOf = (count: number): string[] =>
  count < 3
    ? ['concentrate', 'water'].slice(0, count)
    : [...PART_NAMES.slice(0, count - 1), 'water'];

function lineOf(
  name: string,
  amount: string,
  { exactMl, by }: MixPart,
  unit: VolumeUnit,
  isWater: boolean,
): MixLine {
  if (isWater) return { name, amount, how: 'made up to the total', doubtful: false };
  if (!by) return { name, amount, doubtful: false };
  const { vessel, fills, rounding, reading, tooSmall } = by;
  const filled = fills === 1 ? '' : `, filled ${fills} times`;
  const rounded =
    Math.abs(rounding) < UNSEEN
      ? ''
      : ` Exactly it is ${volumeWords(exactMl, unit)}: the nearest line gives ${percentWords(Math.abs(rounding))} ${rounding > 0 ? 'more' : 'less'}.`;
  return {
    name,
    amount,
    how: `${vessel.name}${filled}.${rounded} Reading it errs by ${percentWords(reading)} either way.`,
    doubtful: tooSmall,
  };
}

/** A volume that is poured by eye, to two digits. */
const roughly = (volumeMl: number, unit: VolumeUnit): string =>
  `${Number(volumeNumber(volumeMl, unit).toPrecision(2))} ${unit}`;

function stepsOf(mix: MeasuredMix, names: readonly string[], unit: VolumeUnit): string[] {
  const water = mix.parts.at(-1)!;
  const total = mix.parts.reduce((sum, { pouredMl }) => sum + pouredMl, 0);
  const others = mix.parts
    .slice(0, -1)
    .map(({ pouredMl }, index) => `${volumeWords(pouredMl, unit)} of ${names[index]}`);
  return [
    `First about ${roughly(water.pouredMl * WATER_FIRST, unit)} of the water, at the temperature wanted.`,
    `Then ${plainList(others)}${others.length > 1 ? ', one after the other' : ''}: stir, and rinse the vessel into it.`,
    `Water up to ${volumeWords(total, unit)}, stir, read its temperature, write the label.`,
  ];
}

function remediesOf(
  mix: MeasuredMix,
  dilution: readonly number[],
  volumeMl: number,
  unit: VolumeUnit,
): string[] {
  const { largerBatchMl, syringeDivisionMl } = mix;
  if (largerBatchMl === undefined || syringeDivisionMl === undefined) return [];
  const division = DIVISIONS.find((one) => one <= syringeDivisionMl + 1e-9);
  const [first, water] = dilution;
  const small = mix.parts[0]?.by;
  const two =
    dilution.length === 2 && first && water && small?.tooSmall
      ? attempt(() => twoStage(volumeMl, water / first, FIRST_STAGE, small.vessel.divisionMl)).value
      : undefined;
  return [
    `A batch of ${volumeWords(Math.ceil(largerBatchMl), unit)} can be read well in what is there.`,
    ...(division === undefined
      ? []
      : [`So can this one in a syringe divided in ${volumeNumber(division, unit)} ${unit}.`]),
    ...(two
      ? [
          `Or in two stages: ${volumeWords(two.concentrateMl, unit)} of concentrate into ${volumeWords(two.firstWaterMl, unit)} of water, then ${volumeWords(two.takenMl, unit)} of that, and water to ${volumeWords(volumeMl, unit)}. It errs by ${percentWords(two.usualError)} as a rule, ${percentWords(two.worstError)} at worst, and ${volumeWords(two.wastedMl, unit)} of concentrate go down the drain with the rest of the first stage.`,
        ]
      : []),
  ];
}

/** A day that is not over. */
function dayOfUse(text: string, nowMs: number): Date {
  const day = parseISO(text);
  if (!isValid(day)) throw new Refusal('day', '', 'Type the day on which it is used.');
  if (day < startOfDay(nowMs)) throw new Refusal('day', '', 'That day is over.');
  return day;
}

/** Works the mix out, as far as it is typed. */
export function mixView(
  form: MixForm,
  vessels: readonly MeasuringVessel[],
  unit: VolumeUnit,
  nowMs: number,
): MixView {
  const troubles: Partial<Record<keyof MixForm & string, string>> = {};
  function read<Value>(field: keyof MixForm & string, work: () => Value): Value | undefined {
    const { value, trouble } = attempt(work);
    if (trouble !== undefined && form[field]?.trim() !== '') troubles[field] = trouble;
    return value;
  }
  const volume = (field: 'volume' | 'rest', what: string, usualMl: number) =>
    read(field, () =>
      readVolume(form[field] ?? '', { unit, what, usualMl, leastMl: 0.1, mostMl: 100_000 }),
    );
  const percent = (field: 'percent' | 'stock', usual: string) =>
    read(field, () =>
      within(form[field] ?? '', `Type per cent, for example ${usual}.`, 0.001, 100),
    );
  const dilution = (field: 'dilution' | 'now' | 'then') =>
    read(field, () => parseDilution(form[field] ?? ''));
  const none = { lines: [], steps: [], remedies: [], troubles };

  const mixed = (volumeMl: number, parts: readonly number[], names: readonly string[]): MixView => {
    const mix = measuredMix(volumeMl, parts, vessels);
    const last = mix.parts.length - 1;
    const amounts = partsInWords(
      mix.parts.map(({ pouredMl }) => pouredMl),
      unit,
    );
    return {
      lines: mix.parts.map((part, index) =>
        lineOf(names[index] ?? 'part', amounts[index]!, part, unit, last > 0 && index === last),
      ),
      steps: last > 0 ? stepsOf(mix, names, unit) : [],
      remedies: remediesOf(mix, parts, volumeMl, unit),
      total: volumeWords(
        mix.parts.reduce((sum, { pouredMl }) => sum + pouredMl, 0),
        unit,
      ),
      troubles,
    };
  };

  const ways: { readonly [Way in MixWayId]: () => MixView } = {
    total: () => {
      const [volumeMl, parts] = [volume('volume', 'the volume', 600), dilution('dilution')];
      return volumeMl && parts ? mixed(volumeMl, parts, namesOf(parts.length)) : none;
    },
    rest: () => {
      const [restMl, parts] = [volume('rest', 'what is left', 46), dilution('dilution')];
      if (!restMl || !parts) return none;
      return mixed(batchFrom(restMl, parts), parts, namesOf(parts.length));
    },
    percent: () => {
      const volumeMl = volume('volume', 'the volume', 400);
      const [weak, strong] = [percent('percent', '2.5'), percent('stock', '28')];
      if (!volumeMl || !weak || !strong) return none;
      const stock = read('percent', () => fromStock(volumeMl, weak, strong));
      if (!stock) return none;
      const parts = stock.waterMl > 0 ? [stock.stockMl, stock.waterMl] : [stock.stockMl];
      return mixed(volumeMl, parts, ['stock', 'water']);
    },
    weaker: () => {
      const volumeMl = volume('volume', 'the volume that is there', 350);
      const [now, then] = [dilution('now'), dilution('then')];
      if (!volumeMl || !now || !then) return none;
      const waterIn = ([one = 1, ...rest]: readonly number[]) =>
        rest.reduce((sum, part) => sum + part, 0) / one;
      const water = read('then', () => waterToDilute(volumeMl, waterIn(now), waterIn(then)));
      if (water === undefined) return none;
      return {
        ...none,
        lines: [
          {
            name: 'water',
            amount: volumeWords(water, unit),
            how: `into ${volumeWords(volumeMl, unit)} of ${formatDilution(now)}`,
            doubtful: false,
          },
        ],
        total: volumeWords(volumeMl + water, unit),
      };
    },
    powder: () => {
      const volumeMl = volume('volume', 'what the packet makes', 1000);
      if (!volumeMl) return none;
      const day = read('day', () => dayOfUse(form.day, nowMs));
      return {
        ...none,
        lines: [
          {
            name: 'water first',
            amount: roughly(volumeMl * WATER_FIRST, unit),
            how: 'at the temperature that the packet names: too cold it does not dissolve, too hot it spoils',
            doubtful: false,
          },
        ],
        steps: [
          'The powder in slowly while it is stirred, without splashing, until all of it is dissolved; of two bags the one that is numbered first.',
          `Water up to ${volumeWords(volumeMl, unit)}, stir, into the bottle, write the label.`,
          'It stands until the next day: fresh from the packet it works unevenly.',
        ],
        total: volumeWords(volumeMl, unit),
        ...(day && {
          when: isSameDay(day, nowMs)
            ? 'Make it up now, and use it tomorrow: it stands a day before it is used.'
            : `Make it up by ${format(subDays(day, 1), 'EEEE d MMMM')}: it stands a day before ${format(day, 'EEEE')}.`,
        }),
      };
    },
  };
  return ways[form.way]();
}
