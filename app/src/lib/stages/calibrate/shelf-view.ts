import { format } from 'date-fns';
import type { Calibration } from '../../nouns/calibration/contract.ts';
import { kindGroups } from '../../nouns/calibration/kinds/groups.ts';
import { testKindOf, testKinds } from '../../nouns/calibration/kinds/index.ts';
import type { HangsOn } from '../../nouns/calibration/kinds/kind.ts';
import { attempt } from '../../words/attempt.ts';
import type { Unit } from '../../words/temperature.ts';
import { doubtOf } from './doubt.ts';

/** A finding in a line. */
export interface FoundLine {
  readonly found: Calibration;
  readonly number: string;
  readonly line: string;
  readonly asks: boolean;
}

/** A test of the shelf, with what it found. */
export interface KindLine {
  readonly id: string;
  readonly name: string;
  readonly question: string;
  readonly found: readonly FoundLine[];
}

/** The number of a kept test, worked out anew. */
function numberOf({ kind: id, given: kept }: Calibration, unit: Unit): string {
  const kind = testKindOf(id);
  const given = kept as never;
  if (!kind) return '';
  if (kind.brief) return kind.brief(given);
  const { value } = attempt(() => kind.tell(kind.solve(given) as never, given, unit), unit);
  return value ? [value.number, value.unit].filter(Boolean).join(' ') : '';
}

/** The calibration shelf: every test with what it found, the newest first. */
export function shelfView(
  calibrations: readonly Calibration[],
  nowMs: number,
  unit: Unit,
): { readonly name: string; readonly kinds: readonly KindLine[] }[] {
  const newest = calibrations.toSorted((a, b) => b.foundAtMs - a.foundAtMs);
  return kindGroups.map(({ id: groupId, name }) => ({
    name,
    kinds: testKinds
      .filter(({ group }) => group === groupId)
      .map(({ id, name: kindName, question }) => ({
        ...{ id, name: kindName, question },
        found: newest
          .filter(({ kind }) => kind === id)
          .map((found): FoundLine => {
            const { asks, sentence } = doubtOf(found, nowMs);
            return {
              found,
              asks,
              number: numberOf(found, unit),
              line: `${found.name}, ${format(found.foundAtMs, 'd MMM yyyy')}. ${sentence}`,
            };
          }),
      })),
  }));
}

/** What to begin with: what asks for its check first, otherwise the first test that was never made. */
export function nextTest(groups: ReturnType<typeof shelfView>): {
  readonly href: string;
  readonly words: string;
} {
  const kinds = groups.flatMap((group) => group.kinds);
  const asking = kinds.flatMap(({ found }) => found).find(({ asks }) => asks);
  if (asking) {
    return { href: `/calibrate/found/${asking.found.id}`, words: `Check ${asking.found.name}` };
  }
  const familyOf = (id: string) => testKindOf(id)?.family ?? id;
  const known = new Set(
    kinds.filter(({ found }) => found.length > 0).map(({ id }) => familyOf(id)),
  );
  const open = kinds.find(({ id }) => !known.has(familyOf(id))) ?? kinds[0]!;
  return { href: `/calibrate/${open.id}`, words: `Next: ${open.name}` };
}

/** What was found and hangs on something that was changed. */
export const hangingOn = (calibrations: readonly Calibration[], changed: HangsOn): Calibration[] =>
  calibrations.filter(({ kind }) => testKindOf(kind)?.hangsOn.includes(changed));
