import {
  agitationScheme,
  filmStepKinds,
  fixAgitation,
  planSchools,
  stepKind,
  wayOf,
  withStep,
  type Afterwards,
  type Agitation,
  type PlanSchoolId,
  type StepKindId,
} from '@katachron/core';
import type { FilmDraft } from './draft.ts';
import type { ProcedureBody } from '../../nouns/procedure/contract.ts';
import type { RecipeBody } from '../../nouns/recipe/contract.ts';
import { attempt } from '../../words/attempt.ts';
import { clockTime, parseDuration } from '../../words/duration.ts';

/** A step of the plan on the page, with its time as typed. */
export interface PlanLine {
  readonly kind: StepKindId;
  readonly name: string;
  readonly shown: string;
  readonly trouble?: string;
  readonly agitation: Agitation;
  /** "four turns a minute, then kept": what else there is to a step. */
  readonly detail: string;
  readonly afterwards: Afterwards;
  /** Its time is the recipe's and not typed here. */
  readonly fromRecipe: boolean;
}

/** A question on which there are schools, and the way that the plan follows. */
export interface SchoolLine {
  readonly id: PlanSchoolId;
  readonly name: string;
  readonly way: string;
  readonly ways: readonly { readonly id: string; readonly name: string }[];
}

/** The plan as the page shows it. */
export interface PlanView {
  readonly kinds: readonly StepKindId[];
  readonly lines: readonly PlanLine[];
  /** Steps that are not in it. */
  readonly others: readonly { readonly kind: StepKindId; readonly name: string }[];
  readonly schools: readonly SchoolLine[];
  readonly caution?: string;
}

/** The steps of a draft in their order; the developer is always in, its second bath when the recipe has one. */
export function kindsOf(
  draft: Pick<FilmDraft, 'kinds'>,
  recipe?: Pick<RecipeBody, 'secondBath'>,
): StepKindId[] {
  const withDeveloper = withStep([...new Set(draft.kinds)], 'developer');
  if (!recipe?.secondBath) return withDeveloper.filter((kind) => kind !== 'second-developer');
  return withStep(withDeveloper, 'second-developer');
}

/** Works the plan out from what was typed. */
export function planView(
  draft: FilmDraft,
  recipe?: RecipeBody,
  developmentSeconds?: number,
): PlanView {
  const kinds = kindsOf(draft, recipe);
  const has = (kind: StepKindId) => kinds.indexOf(kind);
  const tooSoon = has('fix') !== -1 && has('fix') < has('developer');
  return {
    kinds,
    lines: kinds.map((kind) => lineOf(kind, draft, recipe, developmentSeconds)),
    others: filmStepKinds
      .filter(({ id }) => !kinds.includes(id) && id !== 'second-developer')
      .map(({ id, name }) => ({ kind: id, name })),
    schools: planSchools.map(({ id, name, ways }) => ({
      id,
      name,
      way: wayOf(kinds, id) ?? '',
      ways,
    })),
    ...(tooSoon && {
      caution: 'The fixer comes before the developer: nothing would be left to develop.',
    }),
  };
}

function lineOf(
  kind: StepKindId,
  draft: FilmDraft,
  recipe?: RecipeBody,
  developmentSeconds?: number,
): PlanLine {
  const { name, usualSeconds, agitation: usual, afterwards: usually } = stepKind(kind);
  const fromRecipe = kind === 'developer';
  const given = kind === 'second-developer' ? recipe?.secondBath : undefined;
  const recipeAgitation = fromRecipe ? recipe?.agitation : given?.agitation;
  const developer = draft.agitations?.developer ?? recipe?.agitation;
  const fixing =
    stepKind(kind).opensToLightAfter !== null && developer ? fixAgitation(developer) : undefined;
  const agitation = draft.agitations?.[kind] ?? recipeAgitation ?? fixing ?? usual;
  const reused = fromRecipe && recipe?.reuse !== undefined && recipe.reuse.kind !== 'one-shot';
  const afterwards = draft.afterwards?.[kind] ?? (reused ? 'keep' : usually);
  const line = {
    kind,
    name,
    agitation,
    afterwards,
    fromRecipe,
    detail: `${agitationScheme(agitation).name}; ${afterwards === 'keep' ? 'kept' : 'poured away'}`,
  };
  if (fromRecipe) {
    return {
      ...line,
      shown: developmentSeconds === undefined ? '–' : clockTime(developmentSeconds),
    };
  }
  const typed = draft.times[kind];
  if (typed === undefined) return { ...line, shown: clockTime(given?.seconds ?? usualSeconds) };
  const read = attempt(() => parseDuration(typed));
  return read.value === undefined
    ? { ...line, shown: typed, trouble: read.trouble }
    : { ...line, shown: clockTime(read.value) };
}

/** The steps with one of them moved up or down. */
export function moved(kinds: readonly StepKindId[], kind: StepKindId, by: number): StepKindId[] {
  const from = kinds.indexOf(kind);
  const to = Math.min(kinds.length - 1, Math.max(0, from + by));
  if (from === -1 || from === to) return [...kinds];
  const without = kinds.filter((other) => other !== kind);
  return [...without.slice(0, to), kind, ...without.slice(to)];
}

/** Times typed for steps, s, those that can be read. */
export function ownTimes(draft: Pick<FilmDraft, 'times'>): Partial<Record<StepKindId, number>> {
  return Object.fromEntries(
    Object.entries(draft.times).flatMap(([kind, typed]) => {
      const { value } = attempt(() => parseDuration(typed));
      return value === undefined ? [] : [[kind, value]];
    }),
  );
}

/** The plan of a draft as a house procedure: what was typed for a step is kept, what is usual stays open. */
export function procedureOf(name: string, draft: FilmDraft): ProcedureBody {
  const times = ownTimes(draft);
  return {
    name,
    vessel: draft.vessel ?? 'tank',
    steps: kindsOf(draft).map((kind) => {
      const seconds = kind === 'developer' ? undefined : times[kind];
      const agitation = kind === 'developer' ? undefined : draft.agitations?.[kind];
      const afterwards = draft.afterwards?.[kind];
      return {
        kind,
        ...(seconds !== undefined && { seconds }),
        ...(agitation && { agitation }),
        ...(afterwards && { afterwards }),
      };
    }),
  };
}

/** What of a draft a house procedure sets. */
export function byProcedure({
  steps,
  vessel,
}: ProcedureBody): Pick<FilmDraft, 'kinds' | 'times' | 'agitations' | 'afterwards' | 'vessel'> {
  const each = <Value>(of: (step: ProcedureBody['steps'][number]) => Value | undefined) =>
    Object.fromEntries(
      steps.flatMap((step) => {
        const value = of(step);
        return value === undefined ? [] : [[step.kind, value]];
      }),
    );
  return {
    kinds: steps.map(({ kind }) => kind),
    times: each(({ seconds }) => (seconds === undefined ? undefined : clockTime(seconds))),
    agitations: each(({ agitation }) => agitation),
    afterwards: each(({ afterwards }) => afterwards),
    vessel,
  };
}
