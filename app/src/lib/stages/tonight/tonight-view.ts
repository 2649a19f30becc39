import { filmFormat, formatDilution, type FilmFormatId } from '@katachron/core';
import type { Negative } from '../../nouns/negative/contract.ts';
import type { Part } from '../../nouns/picture/part.ts';
import type { Recipe, RecipeBody } from '../../nouns/recipe/contract.ts';
import { recipeOf } from '../../nouns/recipe/for-roll.ts';
import type { Roll } from '../../nouns/roll/contract.ts';
import { filmOf } from '../../nouns/roll/film-of.ts';
import { glanceOf, standingWords, type StandingBath } from '../../nouns/bath/standing.ts';
import type { Substance } from '../../nouns/substance/contract.ts';
import type { Tank } from '../../nouns/tank/contract.ts';
import type { TaskKindId } from './task-kinds.ts';
import { loadHref, rollHref } from './ways.ts';
import { countOf } from '../../words/count.ts';
import { plainList } from '../../words/list.ts';

/** A print that is being worked out, of whichever kind, with its next step in words. */
export interface PrintWaiting {
  readonly id: string;
  readonly href: string;
  readonly name: string;
  readonly next: string;
  /** What is done next of it, as a task of the evening. */
  readonly does: TaskKindId;
  /** So many strips the advice expects before the print; none where it is time for something else. */
  readonly strips: number;
  /** The number of the next strip, or of the one that lies there and was not read yet. */
  readonly firstStrip?: number;
  readonly fibre?: boolean;
  /** Its own picture, or its negative's. */
  readonly picture?: Part;
}

/** Sheets of a print that are dry, and that nobody has judged. */
export interface DryPrint {
  readonly id: string;
  readonly title: string;
  readonly marks: readonly string[];
}

/** All that an evening may begin with. */
export interface TonightFacts {
  readonly rolls: readonly Roll[];
  readonly recipes: readonly Recipe[];
  readonly tanks: readonly Tank[];
  readonly prints: readonly PrintWaiting[];
  readonly dry: readonly DryPrint[];
  readonly negatives: readonly Negative[];
  /** There are more of them than these, so many in all. */
  readonly negativesInAll?: number;
  readonly standing: readonly StandingBath[];
  readonly substances: readonly Substance[];
}

/** Something that waits, one touch from where it is done. */
export interface Waiting {
  readonly id: string;
  readonly name: string;
  readonly words: string;
  readonly href: string;
  /** Where its tank is loaded: what must lie within reach. */
  readonly loadHref?: string;
  /** It is said as a caution. */
  readonly caution?: boolean;
  readonly picture?: Part;
}

/** What waits, of one sort. */
export interface WaitingPart {
  readonly id: 'rolls' | 'dry' | 'prints' | 'baths' | 'mix';
  readonly title: string;
  readonly lines: readonly Waiting[];
  /** How many more there are, and where all of them stand. */
  readonly more: number;
  readonly allHref: string;
}

/** So many of a sort stand here; their own page has all. */
const MOST = 8;

const plain = (text: string) => text.trim().replace(/\s+/g, ' ').toLowerCase();

/** Rolls that go through one developer together: the film, its speed and the recipe are the same. */
export interface Together {
  readonly rolls: Roll[];
  readonly recipe: RecipeBody | undefined;
}

export function together({ rolls, recipes }: TonightFacts): Together[] {
  const groups = new Map<string, Together>();
  for (const roll of rolls) {
    const recipe = roll.recipe ?? recipeOf({ recipeId: '' }, recipes, roll);
    const developer = recipe ? [plain(recipe.developer), ...recipe.dilution] : [];
    const key = [plain(filmOf(roll).film), roll.exposureIndex, ...developer].join('|');
    const group = groups.get(key) ?? { rolls: [], recipe };
    group.rolls.push(roll);
    groups.set(key, group);
  }
  return [...groups.values()];
}

/** The format of a roll, from its exposure or from what is planned. */
export const formatOf = ({ exposed, baths }: Roll): FilmFormatId =>
  exposed?.format ?? baths?.load[0]?.format ?? 'small-36';

/** The smallest tank that takes them all at once; nothing where none does. */
export function tankFor(
  formats: readonly FilmFormatId[],
  tanks: readonly Tank[],
): Tank | undefined {
  const takes = ({ reels }: Tank) =>
    formats.reduce((share, format) => {
      const reel = reels.find((one) => one.format === format);
      return reel ? share + 1 / reel.most : Infinity;
    }, 0) <=
    1 + 1e-9;
  return tanks.filter(takes).toSorted((a, b) => a.holdsMl - b.holdsMl)[0];
}

function rollLines(facts: TonightFacts): Waiting[] {
  return together(facts).map(({ rolls, recipe }) => {
    const [first] = rolls;
    const formats = rolls.map(formatOf);
    const tank = tankFor(formats, facts.tanks);
    const kinds = [...new Set(formats)].map(
      (format) => `${formats.filter((one) => one === format).length} × ${filmFormat(format).name}`,
    );
    const developer = recipe
      ? `in ${recipe.developer} ${formatDilution(recipe.dilution)}`
      : 'no recipe for it yet';
    const room = tank
      ? `${rolls.length > 1 ? 'together in' : 'in'} ${tank.name.replace(/^The /, 'the ')}`
      : facts.tanks.length > 0
        ? 'more than a tank takes at once'
        : '';
    return {
      id: first!.id,
      name: rolls.map(({ title }) => title).join(' · '),
      words: [
        `${filmOf(first!).film} at EI ${first!.exposureIndex}, ${plainList(kinds)}`,
        ...[developer, room].filter(Boolean),
      ].join('; '),
      href: rollHref(first!.id),
      loadHref: loadHref(rolls.map(({ id }) => id)),
    };
  });
}

function bathLines({ standing }: TonightFacts): Waiting[] {
  return standing.flatMap((bath) => {
    const { verdict, word, cautions } = glanceOf(bath);
    if (verdict !== 'ageing' && verdict !== 'spent') return [];
    return [
      {
        ...{ id: bath.id, name: bath.name, href: `/chemistry/baths/${bath.id}` },
        words: [standingWords(bath), ...(cautions.length > 0 ? cautions : [word])].join('; '),
        caution: verdict === 'spent',
      },
    ];
  });
}

/** Powders that a waiting roll asks for, and that stand mixed nowhere: they are mixed a day before. */
function mixLines(facts: TonightFacts): Waiting[] {
  const wanted = new Set(
    together(facts).flatMap(({ recipe }) => (recipe ? [plain(recipe.developer)] : [])),
  );
  return facts.substances.flatMap(({ id, name, kind, use }) => {
    const mixed = facts.standing.some(
      (bath) =>
        bath.substanceId === id || (bath.use === use && plain(bath.name).includes(plain(name))),
    );
    if (kind !== 'powder' || mixed || !wanted.has(plain(name))) return [];
    return [
      {
        ...{ id, name: `Mix ${name}`, href: '/chemistry' },
        words: 'A powder stands a night before it is used: mix it today for tomorrow.',
      },
    ];
  });
}

/** What waits tonight, in the order of the work. */
export function tonightParts(facts: TonightFacts): WaitingPart[] {
  const parts: Omit<WaitingPart, 'more'>[] = [
    { id: 'rolls', title: 'Rolls to develop', allHref: '/film/rolls', lines: rollLines(facts) },
    {
      ...{ id: 'dry', title: 'Dry now', allHref: '/logbook?kind=print' },
      lines: facts.dry.map(({ id, title, marks }) => ({
        ...{ id, name: title, href: `/logbook/prints/${id}` },
        words: `Judge ${marks.length > 1 ? 'sheets' : 'sheet'} ${plainList([...marks])} in viewing light.`,
      })),
    },
    {
      ...{ id: 'prints', title: 'Prints in hand', allHref: '/print' },
      lines: facts.prints.map(({ id, href, name, next, picture }) => ({
        ...{ id, href, name, words: next },
        ...(picture && { picture }),
      })),
    },
    {
      ...{ id: 'baths', title: 'Baths near their end', allHref: '/chemistry/baths' },
      lines: bathLines(facts),
    },
    { id: 'mix', title: 'To mix', allHref: '/chemistry/cupboard', lines: mixLines(facts) },
  ];
  return parts
    .map((part) => ({
      ...part,
      ...{ lines: part.lines.slice(0, MOST), more: Math.max(0, part.lines.length - MOST) },
    }))
    .filter(({ lines }) => lines.length > 0);
}

/** Film or paper that is by itself for a while. */
export interface ByItself {
  readonly name: string;
  readonly seconds: number;
}

/** A strip with its trays and a look at it takes about so long, s. */
const A_STRIP_SECONDS = 12 * 60;

/** One more thing to do right now: "While R-122 washes, 18 minutes: the strip for Annealing oven." */
export function meanwhile(
  washing: readonly ByItself[],
  prints: readonly PrintWaiting[],
): { readonly words: string; readonly href: string } | undefined {
  const [longest] = washing.toSorted((a, b) => b.seconds - a.seconds);
  const print = prints.find(({ strips }) => strips > 0);
  if (!longest || !print || longest.seconds < A_STRIP_SECONDS) return undefined;
  const minutes = countOf(Math.floor(longest.seconds / 60), 'minute');
  return {
    words: `While ${longest.name} washes, ${minutes}: the strip for ${print.name}.`,
    href: print.href,
  };
}

/** Nothing is there at all yet: then it says how to begin. */
export const isEmpty = (facts: TonightFacts): boolean =>
  facts.rolls.length === 0 &&
  facts.prints.length === 0 &&
  facts.dry.length === 0 &&
  facts.negatives.length === 0;

/** "3 rolls and 2 prints wait": the evening in a line. */
export function tonightWords({ rolls, prints, dry }: TonightFacts): string {
  const words = [
    ...(rolls.length > 0 ? [countOf(rolls.length, 'roll')] : []),
    ...(prints.length > 0 ? [`${countOf(prints.length, 'print')} in hand`] : []),
    ...(dry.length > 0 ? [`${countOf(dry.length, 'print')} to judge`] : []),
  ];
  return words.length === 0 ? 'Nothing waits.' : `${plainList(words)}.`;
}
