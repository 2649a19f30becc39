import { fillAndDump, leftAfter, runningWash, runningWashes } from '@katachron/core';
import { within } from '../../kit/form.ts';
import { attempt } from '../../words/attempt.ts';
import { capital } from '../../words/capital.ts';
import { plainList } from '../../words/list.ts';
import { parseReading, type Thermometer } from '../../words/reading.ts';
import { type Unit } from '../../words/temperature.ts';
import { readVolume, type VolumeUnit } from '../../words/volume.ts';

/** A wash by changes of water, as it is being typed. */
export interface WashForm extends Record<string, string> {
  stays: string;
  change: string;
  /** One part in so many may be left. */
  aim: string;
  water: string;
}

export const usualWash: WashForm = { stays: '25', change: '450', aim: '1000', water: '' };

export interface WashView {
  readonly changes?: number;
  readonly sentences: readonly string[];
  /** In running water: what, and how long. */
  readonly running: readonly { readonly id: string; readonly what: string; readonly how: string }[];
  /** The water, as it really is. */
  readonly waterC?: number | undefined;
  readonly troubles: Partial<Record<keyof WashForm & string, string>>;
}

/** The tank is turned so often while the first change stands, the second, and every one after. */
const TURNS = [5, 10, 20] as const;

const turnsWords = (changes: number): string => {
  const turns = Array.from({ length: Math.min(changes, TURNS.length) }, (_, at) => `${TURNS[at]}`);
  return changes > TURNS.length
    ? `${plainList(turns)} times, and ${TURNS[2]} again`
    : `${plainList(turns)} times`;
};

/** What is washed in running water, and how long. */
function runningView(waterC: number | undefined): WashView['running'] {
  return runningWashes.flatMap(({ id, name }) => {
    const wash = attempt(() => runningWash(id, waterC)).value;
    if (!wash) return [];
    const { aidMinutes, leastMinutes, mostMinutes, cold } = wash;
    const aid = aidMinutes > 0 ? `, after ${aidMinutes} min in washing aid` : '';
    return [
      {
        id,
        what: `${capital(name)}${aid}`,
        how: `${leastMinutes} to ${mostMinutes} min${cold ? ', twice as long in water so cold' : ''}`,
      },
    ];
  });
}

/** Works the wash out, as far as it is typed. */
export function washView(
  form: WashForm,
  unit: Unit,
  volumeUnit: VolumeUnit,
  thermometer?: Thermometer,
): WashView {
  const troubles: Partial<Record<keyof WashForm & string, string>> = {};
  function read<Value>(field: keyof WashForm & string, work: () => Value): Value | undefined {
    if (form[field]?.trim() === '') return undefined;
    const { value, trouble } = attempt(work, unit);
    if (trouble !== undefined) troubles[field] = trouble;
    return value;
  }
  const volume = (field: 'stays' | 'change', what: string, usualMl: number) =>
    read(field, () =>
      readVolume(form[field], { unit: volumeUnit, what, usualMl, leastMl: 0.1, mostMl: 100_000 }),
    );
  const staysMl = volume('stays', 'what stays behind at a dump', 25);
  const changeMl = volume('change', 'what a change holds', 450);
  const aim = read('aim', () =>
    within(form.aim, 'Type one part in how many may be left, for example 1000.', 2, 1_000_000),
  );
  const waterC = read('water', () => parseReading(form.water, unit, thermometer, ''));
  const running = runningView(waterC);
  if (!staysMl || !changeMl || !aim) return { sentences: [], running, troubles, waterC };
  const wash = read('change', () => fillAndDump(staysMl, changeMl, 1 / aim, waterC));
  if (!wash) return { sentences: [], running, troubles, waterC };
  const millionths = Math.round(leftAfter(staysMl, changeMl, wash.changes) * 1e6);
  return {
    changes: wash.changes,
    sentences: [
      `They leave ${millionths < 1 ? 'less than one millionth' : `${millionths} millionths`} of the fixer, if each stands until the gelatin has given up its share: turned ${turnsWords(wash.changes)}.`,
      wash.standsLonger > 1
        ? 'So cold a wash takes longer: let each change stand twice as long.'
        : 'Water as warm as the baths before it: a jump wrinkles the gelatin, and colder than 15 °C takes twice as long.',
      'A residual-silver and a wash test tell whether it was enough.',
    ],
    running,
    troubles,
    waterC,
  };
}
