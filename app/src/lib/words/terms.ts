/** A word of the trade, and the one sentence behind it. */
export interface Term {
  readonly id: string;
  readonly name: string;
  readonly meaning: string;
  /** How it stands in a sentence. */
  readonly pattern: string;
}

/** Every term that is explained on a touch, the longer ones before those that they hold. */
export const terms: readonly Term[] = [
  {
    id: 'flash-threshold',
    name: 'Flash threshold',
    meaning:
      'The longest plain exposure after which paper still develops white; below it a flash lifts the highlights alone.',
    pattern: 'threshold',
  },
  {
    id: 'maximum-black',
    name: 'Minimum time for maximum black',
    meaning:
      'The shortest exposure through the film’s clear edge after which more light makes the paper no blacker.',
    pattern: 'minimum time for maximum black|maximum black',
  },
  {
    id: 'iso-range',
    name: 'R, the paper’s range',
    meaning:
      'A hundred times the log exposure from the first tone to nearly full black (ISO 6846): R 170 is soft, R 50 is hard.',
    pattern: 'R(?= \\d)|(?<=\\d )R\\b',
  },
  {
    id: 'bare-formula',
    name: 'The bare formula',
    meaning:
      'The range less a hundred times the log of shadow time by highlight time: exact only at the ends of the paper’s range, so the curve is asked as well.',
    pattern: 'bare formula',
  },
  {
    id: 'paper-curve',
    name: 'The paper’s curve',
    meaning: 'How dark the paper becomes at each exposure; another contrast has another one.',
    pattern: 'paper’s curve',
  },
  {
    id: 'calibrated',
    name: 'Calibrated',
    meaning:
      'Measured on this paper with this head; until then the usual ranges and speeds stand in.',
    pattern: 'calibrated',
  },
  {
    id: 'lag',
    name: 'Lag',
    meaning:
      'Light that a lamp loses at each firing because it glows up late; many short firings lose more of it than one long one.',
    pattern: 'lag',
  },
  {
    id: 'dry-down',
    name: 'Dry-down',
    meaning: 'A print dries a little darker than it looks wet, fibre paper more than resin-coated.',
    pattern: 'dry-down|dries',
  },
  {
    id: 'burn',
    name: 'Burn',
    meaning: 'More light for a part of the picture, through a hole or past the edge of a card.',
    pattern: '[Bb]urn\\w*',
  },
  {
    id: 'dodge',
    name: 'Dodge, or hold back',
    meaning: 'Less light for a part of the picture, by a shadow that is kept moving.',
    pattern: '[Dd]odg\\w+|[Hh]old\\w* back',
  },
  {
    id: 'lens-law',
    name: 'Lens law',
    meaning:
      'The time grows with the square of one plus the magnification, because the lens moves away from the negative less than the paper does.',
    pattern: '[Ll]ens law',
  },
  {
    id: 'stop',
    name: 'Stop',
    meaning: 'Twice the light, or half of it; a third of a stop is a quarter more light.',
    pattern: 'stops?',
  },
];

const anyTerm = new RegExp(
  terms
    .map(({ id, pattern }) => `(?<${id.replaceAll('-', '_')}>(?<![\\w-])(?:${pattern})(?![\\w-]))`)
    .join('|'),
  'gu',
);

/** A piece of a sentence, which may be a term. */
export interface Piece {
  readonly words: string;
  readonly term?: Term;
}

/** A sentence cut at its terms; each is explained where it stands first. */
export function cutAtTerms(sentence: string): readonly Piece[] {
  const pieces: Piece[] = [];
  const told = new Set<string>();
  let from = 0;
  for (const match of sentence.matchAll(anyTerm)) {
    const term = terms.find(({ id }) => match.groups?.[id.replaceAll('-', '_')] !== undefined);
    if (!term || told.has(term.id)) continue;
    told.add(term.id);
    if (match.index > from) pieces.push({ words: sentence.slice(from, match.index) });
    pieces.push({ words: match[0], term });
    from = match.index + match[0].length;
  }
  if (from < sentence.length) pieces.push({ words: sentence.slice(from) });
  return pieces;
}
