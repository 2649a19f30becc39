import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { filmTime } from '@katachron/core';
import type { LineProblem, ReadLine } from './file/csv.ts';
import { RecipeBody, type Recipe } from './contract.ts';
import { attempt } from '../../words/attempt.ts';
import { recipeQuestion } from './question.ts';
import { InvalidInput } from '../../server/problem/invalid-input.ts';
import { recipes } from './store.server.ts';
import { check } from '../../server/validation.ts';

/** What a file of recipes would do, or did. */
export interface Exchange {
  /** Not here yet. */
  readonly fresh: readonly RecipeBody[];
  /** Here already, word for word. */
  readonly same: number;
  /** For the same film, developer, dilution, speed and agitation another recipe is here. */
  readonly differing: readonly { readonly line: number; readonly recipe: RecipeBody }[];
  readonly problems: readonly LineProblem[];
}

/** What a recipe is for, whatever the order in which its fields were written. */
const identity = ({ film, developer, dilution, exposureIndex, agitation }: RecipeBody) =>
  JSON.stringify([
    ...[film, developer, dilution, exposureIndex],
    typeof agitation === 'string' ? agitation : Object.entries(agitation).sort(),
  ]);

/** How a file says that a table is meant as it is. */
const MEANT = 'table_meant is 1 in CSV, tableMeant is true in JSON';

/** Checks a line as everything that comes in is checked, and asks the core whether it could use it. */
function checked({ line, value, columnOf }: ReadLine): {
  body?: RecipeBody;
  problem?: LineProblem;
} {
  try {
    // What stands in somebody else's cupboard is no thing of ours.
    const { substanceId: _theirs, ...body } = check(RecipeBody, value);
    const { trouble } = attempt(() => filmTime(body, body.points[0]!.temperatureC));
    const question = trouble ?? recipeQuestion(body);
    return question
      ? { problem: { line, reason: trouble ?? `${question} If it is meant so, say so: ${MEANT}.` } }
      : { body };
  } catch (cause) {
    if (!(cause instanceof InvalidInput)) throw cause;
    const reasons = cause.errors.map(({ pointer, detail }) => {
      const column = columnOf?.(pointer.split('/')[1] ?? '');
      return column ? `${column}: ${detail}` : detail;
    });
    return { problem: { line, reason: reasons.join(' ') } };
  }
}

/** What the lines of a file are against what is here. Two lines that are the same are one. */
async function compare(lines: readonly ReadLine[], problems: readonly LineProblem[]) {
  const here = await recipes.all();
  const stored = new Map<string, Recipe[]>();
  for (const recipe of here) {
    const key = identity(recipe);
    stored.set(key, [...(stored.get(key) ?? []), recipe]);
  }
  const wrong = [...problems];
  const fresh = new Map<string, RecipeBody>();
  const differing: { line: number; recipe: RecipeBody; replaces: Recipe }[] = [];
  let same = 0;
  for (const line of lines) {
    const { body, problem } = checked(line);
    if (problem) wrong.push(problem);
    if (!body) continue;
    const key = identity(body);
    const known = stored.get(key) ?? [];
    const earlier = fresh.get(key);
    const equal = ({ id: _id, version: _version, substanceId: _ours, ...old }: Recipe) =>
      sameRecipe(old, body);
    if (known.some(equal) || (earlier && sameRecipe(earlier, body))) same += 1;
    else if (known[0]) differing.push({ line: line.line, recipe: body, replaces: known[0] });
    else if (earlier) {
      wrong.push({
        line: line.line,
        reason: 'An earlier line of this file is for the same film, developer and speed.',
      });
    } else fresh.set(key, body);
  }
  return {
    fresh: [...fresh.values()],
    same,
    differing,
    problems: wrong.sort((a, b) => a.line - b.line),
  };
}

/** What an empty note or list says is what none says; what the film was called before is nothing of a recipe's. */
const sameRecipe = (one: RecipeBody, other: RecipeBody) =>
  isDeepStrictEqual(withoutEmpty(one), withoutEmpty(other));
function withoutEmpty({ formerFilms: _before, ...body }: RecipeBody) {
  const told = Object.entries(body).filter(
    ([, value]) => value !== undefined && value !== '' && value !== false && !isEmptyList(value),
  );
  return Object.fromEntries(told);
}
const isEmptyList = (value: unknown) => Array.isArray(value) && value.length === 0;

/** Files are brought in one after another, so that the same file twice at once is once. */
let turn: Promise<unknown> = Promise.resolve();

/**
 * Brings recipes in, or only says what that would do. What is here already stays as it is, unless it is to be replaced;
 * so a file may be brought in twice.
 */
export function exchange(
  lines: readonly ReadLine[],
  problems: readonly LineProblem[],
  how: { keep: boolean; replace: boolean },
): Promise<Exchange> {
  const mine = turn.then(() => bringIn(lines, problems, how));
  turn = mine.catch(() => undefined);
  return mine;
}

async function bringIn(
  lines: readonly ReadLine[],
  problems: readonly LineProblem[],
  { keep, replace }: { keep: boolean; replace: boolean },
): Promise<Exchange> {
  const { differing, ...found } = await compare(lines, problems);
  if (keep) {
    for (const body of found.fresh) await recipes.put(randomUUID(), body);
    if (replace) {
      for (const { recipe, replaces } of differing) {
        const { substanceId } = replaces;
        const kept = { ...recipe, ...(substanceId && { substanceId }) };
        await recipes.put(replaces.id, kept, replaces.version);
      }
    }
  }
  return { ...found, differing: differing.map(({ line, recipe }) => ({ line, recipe })) };
}
