import { LEAST_EVERY_SECONDS, Refusal, type Agitation } from '@katachron/core';
import { attempt, type Attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { number } from '../../kit/number-field.ts';

/** An agitation of one's own as it is being typed. */
export interface OwnAgitationForm {
  ownName: string;
  ownFirst: string;
  ownEvery: string;
  ownFor: string;
  ownTurns: string;
}

/** What its fields are called, and what to type in each. */
export const ownAgitationFields = [
  { name: 'ownName', label: 'Name of the agitation', hint: 'As “twice every 90 s”.' },
  { name: 'ownFirst', label: 'First, seconds', hint: 'Without a break from the start.' },
  { name: 'ownEvery', label: 'Then every, seconds', hint: 'From one inversion to the next.' },
  { name: 'ownFor', label: 'For, seconds', hint: 'Each time.' },
  { name: 'ownTurns', label: 'Inversions', hint: 'In that time; 0 counts seconds only.' },
] as const;

/** What the form begins with. */
export const usualOwnAgitation: OwnAgitationForm = {
  ownName: '',
  ownFirst: '30',
  ownEvery: '60',
  ownFor: '10',
  ownTurns: '4',
};

/** Reads the form: the agitation, and what is wrong with each field. */
export function readOwnAgitation(form: OwnAgitationForm): {
  fields: Partial<Record<keyof OwnAgitationForm, Attempt<unknown>>>;
  value?: Agitation;
} {
  const seconds = 'Type seconds, for example 30.';
  const ownName = attempt(() => {
    if (form.ownName.trim() === '') throw new Refusal('empty', '', 'Name this agitation.');
    return form.ownName.trim();
  });
  const ownFirst = number(form.ownFirst, seconds, 0, 7200);
  const ownEvery = attempt(() => {
    const sentence = `${seconds} 0 leaves it alone after the first.`;
    const every = parseDecimal(form.ownEvery, '', sentence);
    if (every !== 0 && every < LEAST_EVERY_SECONDS) {
      throw new Refusal(
        'number',
        '',
        `No hands turn a tank more often than every ${LEAST_EVERY_SECONDS} s: choose continuous.`,
      );
    }
    if (every < 0 || every > 7200) throw new Refusal('number', '', sentence);
    return every;
  });
  const ownFor = number(form.ownFor, seconds, 0, 7200);
  const ownTurns = number(
    form.ownTurns,
    'Type turns, for example 4; 0 counts seconds only.',
    0,
    60,
    true,
  );
  const fields = { ownName, ownFirst, ownEvery, ownFor, ownTurns };
  if (Object.values(fields).some(({ trouble }) => trouble)) return { fields };
  return {
    fields,
    value: {
      name: ownName.value!,
      initialSeconds: ownFirst.value!,
      everySeconds: ownEvery.value!,
      burstSeconds: ownFor.value!,
      turns: ownTurns.value!,
      continuous: false,
    },
  };
}
