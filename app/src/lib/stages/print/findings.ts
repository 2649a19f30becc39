import { format } from 'date-fns';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { FindingBody, FindingKind } from '../../nouns/finding/contract.ts';
import { sameThing, type Named, type NamedShelves } from '../../words/called.ts';
import { lensWords } from './setup-now.ts';

/** What each kind of finding is called. */
export const findingNames: Record<FindingKind, string> = {
  'maximum-black': 'minimum time for maximum black',
  'flash-threshold': 'flash threshold',
};

type Setup = FindingBody['setup'];

/** The set-up that a finding made now would hold for. A flash is made without a negative, so it has no film base. */
export function findingSetup(draft: PrintDraft, film = ''): Setup {
  return {
    enlarger: draft.enlarger.trim(),
    lens: lensWords(draft),
    head: draft.head.trim(),
    paper: draft.paper.trim(),
    developer: (draft.developer ?? '').trim(),
    film: film.trim(),
    contrastSetId: draft.contrastSetId,
    settingId: draft.settingId,
  };
}

/** What is different about a finding's set-up, in words; nothing when it holds as it is. */
export function setupDifferences(then: Setup, now: Setup, shelves: NamedShelves = {}): string[] {
  const names: Record<keyof Setup, string> = {
    enlarger: 'enlarger',
    lens: 'lens or aperture',
    head: 'head height',
    paper: 'paper',
    developer: 'developer',
    film: 'film base',
    contrastSetId: 'contrast set',
    settingId: 'contrast',
  };
  const things: Partial<Record<keyof Setup, readonly Named[]>> = {
    ...{ enlarger: shelves.enlargers, paper: shelves.papers },
  };
  return (Object.keys(names) as (keyof Setup)[])
    .filter((part) => !sameThing(things[part] ?? [], then[part], now[part]))
    .map((part) => names[part]);
}

/** The newest finding of a kind whose set-up is the one of now. */
export function findingFor<Finding extends FindingBody>(
  findings: readonly Finding[],
  kind: FindingKind,
  now: Setup,
  shelves: NamedShelves = {},
): Finding | undefined {
  return findings
    .filter((one) => one.kind === kind && setupDifferences(one.setup, now, shelves).length === 0)
    .sort((a, b) => b.foundAtMs - a.foundAtMs)[0];
}

/** "the tall enlarger, 80 mm at f/8, 41.0 cm, Wharf pearl": a set-up in words, what is blank left out. */
export const setupWords = ({ enlarger, lens, head, paper, developer, film }: Setup): string =>
  [enlarger, lens, head, paper, developer, film].filter(Boolean).join(', ');

/** "7.1 s, minimum time for maximum black; the tall enlarger, 80 mm at f/8, 41.0 cm": a finding in a line. */
export function findingLine({ kind, seconds, setup, foundAtMs }: FindingBody): string {
  return `${Number(seconds.toFixed(2))} s, ${findingNames[kind]}; ${setupWords(setup)}; ${format(foundAtMs, 'd MMMM yyyy')}`;
}
