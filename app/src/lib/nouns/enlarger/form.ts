import {
  Refusal,
  channels,
  headOf,
  lightSource,
  type HeadId,
  type LightSourceId,
} from '@katachron/core';
import type { EnlargerBody } from './contract.ts';
import { needed, troublesOf, within } from '../../kit/form.ts';
import { attempt } from '../../words/attempt.ts';
import { plainStops } from '../../words/fraction.ts';

/** An enlarger as it is being typed. */
export interface EnlargerForm {
  name: string;
  source: LightSourceId;
  head: HeadId;
  lens: string;
  apertures: string;
  /** "8 ½, 11 ⅓": an f-number, and what the corners lack there in stops. */
  fallOffs: string;
  /** "0.07 0.09 0.02": the stops that ten units of C, M and Y take; empty for a head without. */
  colourHead: string;
  lag: string;
  timerStep: string;
  /** Empty where the timer has no end. */
  longest: string;
  note: string;
}

export type EnlargerTroubles = Partial<
  Record<'name' | 'apertures' | 'fallOffs' | 'colourHead' | 'lag' | 'timerStep' | 'longest', string>
>;

export const emptyEnlargerForm = (): EnlargerForm => ({
  name: '',
  source: 'enlarger',
  head: 'condenser',
  lens: '',
  apertures: '',
  fallOffs: '',
  colourHead: '',
  lag: '0',
  timerStep: '0.1',
  longest: '',
  note: '',
});

export const enlargerForm = (enlarger: EnlargerBody): EnlargerForm => ({
  name: enlarger.name,
  source: enlarger.source,
  head: enlarger.head,
  lens: enlarger.lens,
  apertures: enlarger.apertures.join(' '),
  fallOffs: (enlarger.fallOffs ?? [])
    .map(({ aperture, stops }) => `${aperture} ${typedStops(stops)}`)
    .join(', '),
  colourHead: enlarger.colourHead
    ? channels.map(({ id }) => enlarger.colourHead![id]).join(' ')
    : '',
  lag: String(enlarger.lamp.lagSeconds),
  timerStep: String(enlarger.lamp.timerStepSeconds),
  longest: enlarger.longestSeconds === undefined ? '' : String(enlarger.longestSeconds),
  note: enlarger.note,
});

const FALL_OFF = 'Type an f-number and what the corners lack there in stops, as 8 ½, 11 ⅓.';

/** A twelfth as it is written, what lies between in decimals. */
const typedStops = (stops: number) =>
  Math.abs(stops * 12 - Math.round(stops * 12)) < 0.02 ? plainStops(stops) : String(stops);

function readFallOffs(text: string): NonNullable<EnlargerBody['fallOffs']> {
  const pairs = text.split(/[,;]/).flatMap((part) => part.trim() || []);
  const read = pairs.map((pair) => {
    const [aperture = '', ...stops] = pair.split(/\s+/);
    return {
      aperture: within(aperture.replace(/^f\//, ''), FALL_OFF, 0.7, 128),
      stops: within(stops.join(' '), FALL_OFF, 0.001, 6),
    };
  });
  return [...new Map(read.map((one) => [one.aperture, one])).values()];
}

const HEAD = 'Type what ten units of C, M and Y take, stops, as 0.07 0.09 0.02.';

function readColourHead(text: string): EnlargerBody['colourHead'] {
  const parts = text.split(/[\s;]+/).filter(Boolean);
  if (parts.length === 0) return undefined;
  if (parts.length !== channels.length) throw new Refusal('head', '', HEAD);
  const [c, m, y] = parts.map((part) => within(part, HEAD, 0.001, 2));
  return { c: c!, m: m!, y: y! };
}

/** An enlarger whose corners lack so much at an aperture, in the place of what was known of that. */
export function withFallOff(enlarger: EnlargerBody, aperture: number, stops: number): EnlargerBody {
  const others = (enlarger.fallOffs ?? []).filter((one) => one.aperture !== aperture);
  const fallOffs = [...others, { aperture, stops }].toSorted((a, b) => a.aperture - b.aperture);
  return { ...enlarger, fallOffs: fallOffs.slice(-20) };
}

/** Reads the form: the enlarger, or what is wrong with each field. */
export function readEnlarger(
  form: EnlargerForm,
): { body: EnlargerBody } | { body?: undefined; troubles: EnlargerTroubles } {
  const name = attempt(() => needed(form.name, 'Name the enlarger.'));
  const apertures = attempt(() =>
    form.apertures
      .split(/[\s;]+/)
      .filter(Boolean)
      .map((text) => within(text, 'Type f-numbers with spaces between, as 5.6 8 11.', 0.7, 128)),
  );
  const fallOffs = attempt(() => readFallOffs(form.fallOffs));
  const colourHead = attempt(() => readColourHead(form.colourHead));
  const lag = attempt(() =>
    within(form.lag, 'Type the lag in seconds, for example 0.2, or 0.', -5, 5),
  );
  const timerStep = attempt(() =>
    within(
      form.timerStep,
      'Type the timer’s smallest step in seconds, for example 0.1.',
      0.001,
      10,
    ),
  );
  const longest = attempt(() =>
    form.longest.trim() === ''
      ? undefined
      : within(form.longest, 'Type its longest time in seconds, for example 99.9.', 0.1, 86_400),
  );
  const troubles = troublesOf({ name, apertures, fallOffs, colourHead, lag, timerStep, longest });
  if (troubles) return { troubles };
  return {
    body: {
      name: name.value!,
      source: form.source,
      head: form.head,
      lens: form.lens.trim(),
      apertures: apertures.value!,
      ...(fallOffs.value!.length > 0 && { fallOffs: fallOffs.value! }),
      ...(colourHead.value && { colourHead: colourHead.value }),
      lamp: { lagSeconds: lag.value!, timerStepSeconds: timerStep.value! },
      ...(longest.value !== undefined && { longestSeconds: longest.value }),
      note: form.note.trim(),
    },
  };
}

/** "enlarger, diffuser, 80 mm; lamp 0.2 s late, timer in 0.1 s up to 99.9 s": an enlarger in a line. */
export function enlargerLine({ source, head, lens, lamp, longestSeconds, note }: EnlargerBody) {
  const what = [lightSource(source).name, source === 'enlarger' && headOf(head).name, lens].filter(
    Boolean,
  );
  const upTo = longestSeconds === undefined ? '' : ` up to ${longestSeconds} s`;
  const clock = `lamp ${lamp.lagSeconds} s late, timer in ${lamp.timerStepSeconds} s${upTo}`;
  return [what.join(', '), clock, note].filter(Boolean).join('; ');
}
