import { headOf, lightSource, type HeadId, type LightSourceId } from '@katachron/core';
import type { EnlargerBody } from './contract.ts';
import { needed, troublesOf, within } from '../../kit/form.ts';
import { attempt } from '../../words/attempt.ts';

/** An enlarger as it is being typed. */
export interface EnlargerForm {
  name: string;
  source: LightSourceId;
  head: HeadId;
  lens: string;
  apertures: string;
  lag: string;
  timerStep: string;
  /** Empty where the timer has no end. */
  longest: string;
  note: string;
}

export type EnlargerTroubles = Partial<
  Record<'name' | 'apertures' | 'lag' | 'timerStep' | 'longest', string>
>;

export const emptyEnlargerForm = (): EnlargerForm => ({
  name: '',
  source: 'enlarger',
  head: 'condenser',
  lens: '',
  apertures: '',
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
  lag: String(enlarger.lamp.lagSeconds),
  timerStep: String(enlarger.lamp.timerStepSeconds),
  longest: enlarger.longestSeconds === undefined ? '' : String(enlarger.longestSeconds),
  note: enlarger.note,
});

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
  const troubles = troublesOf({ name, apertures, lag, timerStep, longest });
  if (troubles) return { troubles };
  return {
    body: {
      name: name.value!,
      source: form.source,
      head: form.head,
      lens: form.lens.trim(),
      apertures: apertures.value!,
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
