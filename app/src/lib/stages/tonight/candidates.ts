import type { Roll } from '../../nouns/roll/contract.ts';
import { developerTime } from '../../nouns/roll/developer-time.ts';
import type { Candidate } from './evening-tasks.ts';
import { formatOf, tankFor, together, tonightParts, type TonightFacts } from './tonight-view.ts';
import { rollHref } from './ways.ts';

/** Rolls that go through one developer, as many at once as a tank takes; with no tank written down, all of them. */
function byTank(rolls: readonly Roll[], { tanks }: TonightFacts): Roll[][] {
  if (tanks.length === 0) return [[...rolls]];
  const loads: Roll[][] = [];
  for (const roll of rolls) {
    const last = loads.at(-1);
    const fits = last && tankFor([...last, roll].map(formatOf), tanks) !== undefined;
    if (fits) last.push(roll);
    else loads.push([roll]);
  }
  return loads;
}

/** What may be ticked for the evening: everything that waits and takes time. */
export function candidatesOf(facts: TonightFacts): Candidate[] {
  const rolls = together(facts).flatMap(({ rolls: of, recipe }) =>
    byTank(of, facts).map((load): Candidate => {
      const time = developerTime(load[0]!, recipe, facts.standing);
      return {
        id: `roll ${load[0]!.id}`,
        name: load.map(({ title }) => title).join(' · '),
        kind: 'roll',
        href: rollHref(load[0]!.id),
        rolls: load.map(({ id, title }) => ({ id, name: title })),
        facts: time ? { developerSeconds: time.seconds, developerC: time.temperatureC } : {},
      };
    }),
  );
  const prints = facts.prints.map(
    ({ id, href, name, does, strips, firstStrip = 1, fibre = false }): Candidate => ({
      ...{ id: `print ${id}`, name, href, facts: { fibre } },
      ...(strips > 0
        ? { kind: 'strip' as const, times: strips, first: firstStrip, then: 'print' as const }
        : { kind: does }),
    }),
  );
  const dry = facts.dry.map(({ id, title }): Candidate => ({
    ...{ id: `dry ${id}`, name: title, kind: 'judge', facts: {} },
    href: `/logbook/prints/${id}`,
  }));
  const mix = tonightParts(facts)
    .filter(({ id }) => id === 'mix')
    .flatMap(({ lines }) => lines)
    .map(({ id, name, href }): Candidate => ({
      id: `mix ${id}`,
      name,
      href,
      kind: 'mix',
      facts: {},
    }));
  return [...mix, ...rolls, ...dry, ...prints];
}
