import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { filmTime } from '@katachron/core';
import type { LineProblem, ReadLine } from '../formats/recipes/csv.ts';
import { RecipeBody, type Recipe } from '../contract/recipe.ts';
import { attempt } from '../words/attempt.ts';
import { InvalidInput } from './problem/invalid-input.ts';
import { recipes } from './repositories/recipes.ts';
import { check } from './validation.ts';

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

const identity = ({ film, developer, dilution, exposureIndex, agitation }: RecipeBody) =>
  JSON.stringify([film, developer, dilution, exposureIndex, agitation]);

/** Checks a line as everything that comes in is checked, and asks the core whether it could use it. */
function checked({ line, value }: ReadLine): { body?: RecipeBody; problem?: LineProblem } {
  try {
    const body = check(RecipeBody, value);
    const { trouble } = attempt(() => filmTime(body, body.points[0]!.temperatureC));
    return trouble ? { problem: { line, reason: trouble } } : { body };
  } catch (cause) {
    if (!(cause instanceof InvalidInput)) throw cause;
    return { problem: { line, reason: cause.message } };
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
    const equal = ({ id: _id, version: _version, ...old }: Recipe) => isDeepStrictEqual(old, body);
    if (known.some(equal) || (earlier && isDeepStrictEqual(earlier, body))) same += 1;
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

/**
 * Brings recipes in, or only says what that would do. What is here already stays as it is, unless it is to be replaced;
 * so a file may be brought in twice.
 */
export async function exchange(
  lines: readonly ReadLine[],
  problems: readonly LineProblem[],
  { keep, replace }: { keep: boolean; replace: boolean },
): Promise<Exchange> {
  const { differing, ...found } = await compare(lines, problems);
  if (keep) {
    for (const body of found.fresh) await recipes.put(randomUUID(), body);
    if (replace) {
      for (const { recipe, replaces } of differing) {
        await recipes.put(replaces.id, recipe, replaces.version);
      }
    }
  }
  return { ...found, differing: differing.map(({ line, recipe }) => ({ line, recipe })) };
}
