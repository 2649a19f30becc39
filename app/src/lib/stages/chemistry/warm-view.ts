import {
  Refusal,
  bottleFollows,
  bottleInBowl,
  iceFor,
  secondsInBath,
  temperMix,
} from '@katachron/core';
import { unanswered, type Answered } from '../../kit/asked.ts';
import { within } from '../../kit/form.ts';
import { BOTTLE_FOLLOWS } from '../../nouns/vessel/bottle.ts';
import { attempt } from '../../words/attempt.ts';
import { clockTime } from '../../words/duration.ts';
import { parseReading, type Thermometer } from '../../words/reading.ts';
import { degrees, type Unit } from '../../words/temperature.ts';
import { readVolume, volumeWords, type VolumeUnit } from '../../words/volume.ts';

/** What is to be warmed or cooled, as it is being typed. */
export interface WarmForm extends Record<string, string> {
  volume: string;
  target: string;
  cold: string;
  hot: string;
  concentrate: string;
  concentrateAt: string;
  solution: string;
  solutionAt: string;
  bottleAt: string;
  waterAt: string;
  /** A second reading of the bottle, and how many minutes after the first. */
  second: string;
  after: string;
  /** Where the water is a bowl that cools. */
  bottle: string;
  bowl: string;
  ready: string;
}

export const usualWarm: WarmForm = {
  ...{ volume: '1000', target: '20', cold: '', hot: '', concentrate: '', concentrateAt: '' },
  ...{ solution: '600', solutionAt: '', bottleAt: '', waterAt: '', second: '', after: '' },
  ...{ bottle: '', bowl: '', ready: '' },
};

type Troubles = Partial<Record<keyof WarmForm & string, string>>;

/** An answer, and how long it takes from now on, where a clock can say when it is done, s. */
interface Timed extends Answered {
  readonly clockSeconds?: number;
}

export interface WarmView {
  readonly taps: Answered;
  readonly ice: Answered;
  readonly bottle: Timed;
  /** What is wanted of everything below. */
  readonly targetC?: number;
  readonly troubles: Troubles;
}

const SCALD = 'Water that hot scalds: pour it into the cold, and let nobody lift it alone.';

/** "18:51:40" less so many seconds, on a clock that goes round. */
function before(ready: string, seconds: number): string {
  const read = /^([01]?\d|2[0-3])[:.]([0-5]\d)(?:[:.]([0-5]\d))?$/.exec(ready.trim());
  if (!read) throw new Refusal('clock', '', 'Type a time of day, for example 19:00.');
  const [, hours, minutes, rest = '0'] = read;
  const at = Number(hours) * 3600 + Number(minutes) * 60 + Number(rest) - Math.round(seconds);
  const whole = ((at % 86_400) + 86_400) % 86_400;
  const two = (value: number) => String(Math.floor(value)).padStart(2, '0');
  return `${two(whole / 3600)}:${two((whole % 3600) / 60)}:${two(whole % 60)}`;
}

/** Works out what is typed: two taps, ice, a bottle in water. */
export function warmView(
  form: WarmForm,
  unit: Unit,
  volumeUnit: VolumeUnit,
  thermometer?: Thermometer,
): WarmView {
  const troubles: Troubles = {};
  function read<Value>(field: keyof WarmForm & string, work: () => Value): Value | undefined {
    if (form[field]?.trim() === '') return undefined;
    const { value, trouble } = attempt(work, unit);
    if (trouble !== undefined) troubles[field] = trouble;
    return value;
  }
  /** What is wanted is meant as it is; what is read is corrected. */
  const temperature = (field: keyof WarmForm & string) =>
    read(field, () => {
      const value = parseReading(
        form[field]!,
        unit,
        field === 'target' ? undefined : thermometer,
        '',
      );
      if (value < 0 || value > 100) {
        throw new Refusal('temperature', '', 'Water lies between freezing and boiling.');
      }
      return value;
    });
  const volume = (field: keyof WarmForm & string, what: string, usualMl: number) =>
    read(field, () =>
      readVolume(form[field]!, { unit: volumeUnit, what, usualMl, leastMl: 0.1, mostMl: 100_000 }),
    );
  const ml = (value: number) => volumeWords(value, volumeUnit);
  const targetC = temperature('target');

  const taps = (): Answered => {
    const [volumeMl, coldC, hotC] = [
      volume('volume', 'the volume', 1000),
      temperature('cold'),
      temperature('hot'),
    ];
    const concentrateMl = volume('concentrate', 'the concentrate in it', 20);
    const concentrateC = temperature('concentrateAt');
    if (!volumeMl || targetC === undefined || coldC === undefined || hotC === undefined) {
      return unanswered;
    }
    const counted = concentrateMl !== undefined && concentrateC !== undefined;
    const mix = read('target', () =>
      temperMix({
        ...{ volumeMl, targetC, coldC, hotC },
        ...(counted && { concentrateMl, concentrateC }),
      }),
    );
    if (!mix) return unanswered;
    const because = counted
      ? `, since ${ml(concentrateMl)} of concentrate at ${degrees(concentrateC, unit)} go into it`
      : '';
    return {
      big: ml(mix.hotMl),
      sentences: [
        `That much hot water, and ${ml(mix.coldMl)} of cold: together ${degrees(mix.waterC, unit)}${because}. Read it before you pour.`,
      ],
      cautions: mix.scalds ? [SCALD] : [],
    };
  };

  const ice = (): Answered => {
    const [volumeMl, nowC] = [volume('solution', 'the solution', 600), temperature('solutionAt')];
    if (!volumeMl || nowC === undefined || targetC === undefined) return unanswered;
    const made = read('solutionAt', () => iceFor(volumeMl, nowC, targetC));
    if (!made) return unanswered;
    return {
      big: `${Number(made.grams.toFixed(made.grams < 100 ? 1 : 0))} g`,
      sentences: [
        `Of ice in a closed bag brings it to ${degrees(targetC, unit)}. Loose it would dilute by ${Number((100 * made.dilutes).toFixed(1))} %: keep the bag shut, stir, and take it out a little early.`,
      ],
      cautions: [],
    };
  };

  const bottle = (): Timed => {
    const [nowC, bathC] = [temperature('bottleAt'), temperature('waterAt')];
    const [secondC, after] = [
      temperature('second'),
      read('after', () => within(form.after, 'Type minutes, for example 5.', 0.1, 600)),
    ];
    const [bottleMl, bowlMl] = [
      volume('bottle', 'what is in the bottle', 1000),
      volume('bowl', 'the water in the bowl', 3500),
    ];
    if (nowC === undefined || bathC === undefined || targetC === undefined) return unanswered;
    const learned =
      secondC !== undefined && after !== undefined
        ? read('second', () => bottleFollows(nowC, secondC, after * 60, bathC))
        : undefined;
    if (secondC !== undefined && after !== undefined && learned === undefined) return unanswered;
    const followsSeconds = learned ?? BOTTLE_FOLLOWS;
    const bowl =
      bottleMl && bowlMl
        ? read('waterAt', () =>
            bottleInBowl(
              { volumeMl: bottleMl, nowC, followsSeconds },
              { volumeMl: bowlMl, nowC: bathC },
              targetC,
            ),
          )
        : undefined;
    if (bottleMl && bowlMl && !bowl) return unanswered;
    const seconds =
      bowl?.seconds ?? read('waterAt', () => secondsInBath(nowC, targetC, bathC, followsSeconds));
    if (seconds === undefined) return unanswered;
    const readyAt = read('ready', () => before(form.ready, seconds));
    const minutes = clockTime(followsSeconds);
    const left = after === undefined ? seconds : Math.max(0, seconds - after * 60);
    return {
      big: clockTime(seconds),
      ...(left > 0 && { clockSeconds: left }),
      sentences: [
        `In water at ${degrees(bathC, unit)}${bowl ? `, which ends with the bottle at ${degrees(bowl.endsC, unit)}: ${clockTime(bowl.laterSeconds)} later than in water that is held` : ', held there'}.`,
        learned
          ? `Two readings tell how fast this bottle follows: ${minutes}. ${clockTime(left)} from the second reading on.`
          : `Taken for a litre of glass, which follows in about ${minutes}: read it once more after some minutes, and it is this bottle’s own.`,
        ...(readyAt ? [`Put it in at ${readyAt} to have it ready at ${form.ready.trim()}.`] : []),
      ],
      cautions: [],
    };
  };

  return {
    ...{ taps: taps(), ice: ice(), bottle: bottle(), troubles },
    ...(targetC !== undefined && { targetC }),
  };
}
