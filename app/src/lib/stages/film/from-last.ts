import { agitationScheme, stepKind, usualFilmKinds, type StepKindId } from '@katachron/core';
import type { FilmDraft } from './draft.ts';
import { contrastName } from '../../nouns/roll/factors.ts';
import { plainList } from '../../words/list.ts';

/** What of a draft was set by hand and would be set otherwise by nobody: it holds for one roll. */
const ofOneRoll = [
  'times',
  'agitations',
  'afterwards',
  'vessel',
  'films',
  'rollsBefore',
  'n',
] as const;

/** "fix 3:30, trays, 2 films": what is left from the last roll; empty where there is nothing, or where it was meant. */
export function leftFromLast(draft: FilmDraft): string {
  if (!draft.fromLast) return '';
  const name = (kind: string) => stepKind(kind as StepKindId).name.toLowerCase();
  const films = draft.films?.trim() ?? '';
  const rolls = draft.rollsBefore?.trim() ?? '';
  return plainList([
    ...Object.entries(draft.times).map(([kind, time]) => `${name(kind)} ${time}`),
    ...Object.entries(draft.agitations ?? {}).map(
      ([kind, agitation]) => `${name(kind)} ${agitationScheme(agitation).name}`,
    ),
    ...Object.entries(draft.afterwards ?? {}).map(([kind, after]) => `${name(kind)}: ${after}`),
    ...(draft.vessel === 'trays' ? ['in trays'] : []),
    ...(films !== '' && films !== '1' ? [`${films} films`] : []),
    ...(rolls !== '' && rolls !== '0' ? [`after ${rolls} rolls`] : []),
    ...(draft.n ? [contrastName(draft.n)] : []),
    ...(sameSteps(draft.kinds) ? [] : ['its own steps']),
  ]);
}

const sameSteps = (kinds: readonly StepKindId[]) => {
  const plain = kinds.filter((kind) => kind !== 'second-developer');
  const usual = usualFilmKinds.filter(
    (kind) => plain.includes('developer') || kind !== 'developer',
  );
  return plain.join() === usual.join();
};

/** The draft with all of that as is usual. */
export function asUsual(draft: FilmDraft): FilmDraft {
  const { fromLast: _left, ...rest } = draft;
  for (const field of ofOneRoll) if (field !== 'times') delete rest[field];
  return { ...rest, times: {}, kinds: [...usualFilmKinds] };
}
