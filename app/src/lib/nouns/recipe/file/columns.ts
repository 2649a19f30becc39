import {
  Refusal,
  agitationSchemes,
  celsius,
  fahrenheit,
  formatDilution,
  parseDilution,
  type Agitation,
  type ReuseRule,
} from '@katachron/core';
import type { RecipeBody } from '../contract.ts';
import { parseDecimal } from '../../../words/decimal.ts';
import { clockTime, parseDuration } from '../../../words/duration.ts';

/** A column of a recipe file: how a recipe fills it, and how a cell is read. An empty cell leaves its field out. */
interface Column {
  readonly name: string;
  /** The field of a recipe that it holds. */
  readonly field: keyof RecipeBody;
  readonly write: (recipe: RecipeBody) => string;
  /** @throws Refusal with what to write instead */
  readonly read: (cell: string) => Partial<RecipeBody>;
}

/** A number as a program writes it, to its last digit. */
const WRITTEN = /^-?\d+(\.\d+)?(e[+-]?\d+)?$/i;

const number = (cell: string, what: string) =>
  WRITTEN.test(cell)
    ? Number(cell)
    : parseDecimal(cell, '', `${what} is a number, not “${cell.slice(0, 40)}”.`);

/** Whole seconds as m:ss; anything finer as it is. */
const time = (seconds: number) =>
  Number.isInteger(seconds) ? clockTime(seconds) : String(seconds);
const readTime = (cell: string) => (WRITTEN.test(cell) ? Number(cell) : parseDuration(cell));

/** In °C, or in °F where somebody wrote it so: 65F and not 18.333333333333332. */
function writeTemperature(temperatureC: number): string {
  const rounded = Number(fahrenheit(temperatureC).toFixed(2));
  const inF = Number(temperatureC.toFixed(2)) !== temperatureC && celsius(rounded) === temperatureC;
  return inF ? `${rounded}F` : String(temperatureC);
}

function readTemperature(cell: string): number {
  const [, value = cell, unit = ''] = /^(.*?)\s*°?\s*([cf]?)$/i.exec(cell) ?? [];
  const read = number(value, 'The temperature');
  return unit.toUpperCase() === 'F' ? celsius(read) : read;
}

const items = (cell: string) =>
  cell
    .split(';')
    .map((item) => item.trim())
    .filter((item) => item !== '');

/** "20=9:30": a key and a value. */
function pair(item: string, sample: string): [string, string] {
  const at = item.indexOf('=');
  if (at < 1) throw new Refusal('pair', '', `“${item.slice(0, 40)}” is not written as ${sample}.`);
  return [item.slice(0, at).trim(), item.slice(at + 1).trim()];
}

const OWN = 'own';
/** Five numbers, then the name to its last letter. */
const OWN_WRITTEN = /^own\s+(\S+)\s+(\S+)\s+(\S+)\s+(\S+)\s+(\S+)\s([\s\S]+)$/;

function writeAgitation(agitation: Agitation): string {
  if (typeof agitation === 'string') return agitation;
  const { name, initialSeconds, everySeconds, burstSeconds, turns, continuous } = agitation;
  const numbers = [initialSeconds, everySeconds, burstSeconds, turns, continuous ? 1 : 0];
  return [OWN, ...numbers, name].join(' ');
}

function readAgitation(cell: string): Agitation {
  const known = agitationSchemes.find(({ id }) => id === cell);
  if (known) return known.id;
  const [, first, every, burst, turns, always, name] = OWN_WRITTEN.exec(cell) ?? [];
  if (name === undefined) {
    const ids = agitationSchemes.map(({ id }) => id).join(', ');
    throw new Refusal(
      'agitation',
      '',
      `The agitation is one of ${ids}, or “own 30 60 10 4 0 its name”.`,
    );
  }
  return {
    name,
    initialSeconds: number(first ?? '', 'The first agitation'),
    everySeconds: number(every ?? '', 'The time from turn to turn'),
    burstSeconds: number(burst ?? '', 'The length of a turn'),
    turns: number(turns ?? '', 'The turns'),
    continuous: always === '1',
  };
}

type ReuseOf<Kind extends ReuseRule['kind']> = Extract<ReuseRule, { readonly kind: Kind }>;

/** How each way of using a developer again stands in a cell, after its name. */
const reuseCells: {
  readonly [Kind in ReuseRule['kind']]: {
    readonly write: (rule: ReuseOf<Kind>) => readonly number[];
    readonly read: (first: string, second: string) => ReuseOf<Kind>;
  };
} = {
  'one-shot': { write: () => [], read: () => ({ kind: 'one-shot' }) },
  batch: {
    write: ({ rolls, percent }) => [rolls, percent],
    read: (rolls, percent) => ({
      kind: 'batch',
      rolls: number(rolls, 'The rolls of a batch'),
      percent: number(percent, 'The per cent a batch'),
    }),
  },
  'by-area': {
    write: ({ rollsPerLitre, percent }) => [rollsPerLitre, percent],
    read: (rollsPerLitre, percent) => ({
      kind: 'by-area',
      rollsPerLitre: number(rollsPerLitre, 'The rolls a litre of a batch'),
      percent: number(percent, 'The per cent a batch'),
    }),
  },
  replenish: {
    write: ({ mlPerRoll }) => [mlPerRoll],
    read: (mlPerRoll) => ({
      kind: 'replenish',
      mlPerRoll: number(mlPerRoll, 'The replenisher a roll'),
    }),
  },
};

const writeReuse = (rule: ReuseRule): string =>
  [rule.kind, ...reuseCells[rule.kind].write(rule as never)].join(' ');

function readReuse(cell: string): ReuseRule {
  const [kind = '', first = '', second = ''] = cell.split(/\s+/);
  if (Object.hasOwn(reuseCells, kind)) {
    return reuseCells[kind as ReuseRule['kind']].read(first, second);
  }
  throw new Refusal(
    'reuse',
    '',
    'Reuse is written as one-shot, as batch 5 12 (rolls, per cent), as by-area 4 10 (rolls a litre, per cent) or as replenish 70 (ml a roll).',
  );
}

const optional = (value: number | undefined) => (value === undefined ? '' : String(value));

/** Every column, in the order in which they are written. */
export const recipeColumns: readonly Column[] = [
  { name: 'film', field: 'film', write: ({ film }) => film, read: (film) => ({ film }) },
  {
    name: 'box_speed',
    field: 'boxSpeed',
    write: ({ boxSpeed }) => String(boxSpeed),
    read: (cell) => ({ boxSpeed: number(cell, 'The box speed') }),
  },
  {
    name: 'developer',
    field: 'developer',
    write: ({ developer }) => developer,
    read: (developer) => ({ developer }),
  },
  {
    name: 'dilution',
    field: 'dilution',
    write: ({ dilution }) => formatDilution(dilution),
    read: (cell) => ({ dilution: parseDilution(cell) }),
  },
  {
    name: 'exposure_index',
    field: 'exposureIndex',
    write: ({ exposureIndex }) => String(exposureIndex),
    read: (cell) => ({ exposureIndex: number(cell, 'The exposure index') }),
  },
  {
    name: 'agitation',
    field: 'agitation',
    write: ({ agitation }) => writeAgitation(agitation),
    read: (cell) => ({ agitation: readAgitation(cell) }),
  },
  {
    name: 'times',
    field: 'points',
    write: ({ points }) =>
      points
        .map(({ temperatureC, seconds }) => `${writeTemperature(temperatureC)}=${time(seconds)}`)
        .join('; '),
    read: (cell) => ({
      points: items(cell).map((item) => {
        const [at, lasts] = pair(item, '20=9:30 (°C, minutes and seconds)');
        return { temperatureC: readTemperature(at), seconds: readTime(lasts) };
      }),
    }),
  },
  {
    name: 'source',
    field: 'source',
    write: ({ source }) => source,
    read: (cell) => ({ source: cell as RecipeBody['source'] }),
  },
  { name: 'note', field: 'note', write: ({ note = '' }) => note, read: (note) => ({ note }) },
  {
    name: 'minimum_ml',
    field: 'minimumMl',
    write: ({ minimumMl }) => optional(minimumMl),
    read: (cell) => ({ minimumMl: number(cell, 'The least for a roll') }),
  },
  {
    name: 'reuse',
    field: 'reuse',
    write: ({ reuse }) => (reuse ? writeReuse(reuse) : ''),
    read: (cell) => ({ reuse: readReuse(cell) }),
  },
  {
    name: 'contrast',
    field: 'contrast',
    write: ({ contrast = [] }) =>
      contrast.map(({ n, percent }) => `N${n < 0 ? '' : '+'}${n}=${percent}`).join('; '),
    read: (cell) => ({
      contrast: items(cell).map((item) => {
        const [n, percent] = pair(item, 'N-1=-20 (per cent)');
        return {
          n: number(n.replace(/^N/i, '').replace('−', '-'), 'N'),
          percent: number(percent, 'The per cent'),
        };
      }),
    }),
  },
  {
    name: 'activation_energy',
    field: 'activationEnergy',
    write: ({ activationEnergy }) => optional(activationEnergy),
    read: (cell) => ({ activationEnergy: number(cell, 'The activation energy') }),
  },
  {
    name: 'clock_factor',
    field: 'clockFactor',
    write: ({ clockFactor }) => optional(clockFactor),
    read: (cell) => ({ clockFactor: number(cell, 'The clock factor') }),
  },
  {
    name: 'second_bath',
    field: 'secondBath',
    write: ({ secondBath }) =>
      secondBath ? `${time(secondBath.seconds)} ${writeAgitation(secondBath.agitation)}` : '',
    read: (cell) => {
      const [, lasts = '', moved = ''] = /^(\S+)\s([\s\S]*)$/.exec(cell) ?? [];
      return { secondBath: { seconds: readTime(lasts), agitation: readAgitation(moved) } };
    },
  },
  {
    name: 'table_meant',
    field: 'tableMeant',
    write: ({ tableMeant }) => (tableMeant ? '1' : ''),
    read: (cell) => ({ tableMeant: cell === '1' }),
  },
];
