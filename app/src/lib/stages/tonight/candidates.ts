import type { Recipe } from '../../nouns/recipe/contract.ts';
import type { Candidate } from './evening-tasks.ts';
import { together, tonightParts, type TonightFacts } from './tonight-view.ts';

/** Nobody has read a thermometer yet: the time at what most darkrooms have, °C. */
const USUAL_C = 20;
const usualPoint = (points: Recipe['points']) =>
  points.toSorted(
    (a, b) => Math.abs(a.temperatureC - USUAL_C) - Math.abs(b.temperatureC - USUAL_C),
  )[0]!;

function developerOf(recipe: Pick<Recipe, 'points'> | undefined) {
  if (!recipe) return {};
  const { seconds, temperatureC } = usualPoint(recipe.points);
  return { developerSeconds: seconds, developerC: temperatureC };
}

/** What may be ticked for the evening: everything that waits and takes time. */
export function candidatesOf(facts: TonightFacts): Candidate[] {
  const rolls = together(facts).map(({ rolls: of, recipe }): Candidate => ({
    id: `roll ${of[0]!.id}`,
    name: of.map(({ title }) => title).join(' · '),
    kind: 'roll',
    facts: developerOf(recipe),
  }));
  const prints = facts.prints.map(
    ({ id, name, does, strips, firstStrip = 1, fibre = false }): Candidate => ({
      ...{ id: `print ${id}`, name, facts: { fibre } },
      ...(strips > 0
        ? { kind: 'strip' as const, times: strips, first: firstStrip, then: 'print' as const }
        : { kind: does }),
    }),
  );
  const dry = facts.dry.map(({ id, title }): Candidate => ({
    ...{ id: `dry ${id}`, name: title, kind: 'judge', facts: {} },
  }));
  const mix = tonightParts(facts)
    .filter(({ id }) => id === 'mix')
    .flatMap(({ lines }) => lines)
    .map(({ id, name }): Candidate => ({ id: `mix ${id}`, name, kind: 'mix', facts: {} }));
  return [...mix, ...rolls, ...dry, ...prints];
}
