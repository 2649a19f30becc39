import { aged, formatDilution } from '@katachron/core';
import { format } from 'date-fns';
import { bathUses } from '../../nouns/bath/uses.ts';
import type { Substance } from '../../nouns/substance/contract.ts';
import { substanceKinds } from '../../nouns/substance/kinds.ts';
import {
  bathCosts,
  eveningNeeds,
  stockLeft,
  type Evening,
  type StockFacts,
} from '../../nouns/substance/stock.ts';
import { attempt } from '../../words/attempt.ts';
import { volumeWords, type VolumeUnit } from '../../words/volume.ts';

const DAY_MS = 86_400_000;

/** A substance as it stands in the cupboard. */
export interface StockLine {
  readonly id: string;
  readonly name: string;
  /** "film developer, concentrate, 1+31 or 1+50". */
  readonly what: string;
  /** "280 ml", and "about that left of 500 ml": the number first. */
  readonly amount: string;
  readonly left: string;
  /** Of a whole bottle, 0 to 1; not there while nobody knows. */
  readonly share?: number;
  readonly sentences: readonly string[];
  readonly cautions: readonly string[];
  readonly dataSheet?: string;
}

export interface StockView {
  readonly lines: readonly StockLine[];
  readonly shopping: readonly string[];
  readonly costs: readonly { readonly id: string; readonly name: string; readonly words: string }[];
}

const money = (sum: number) => sum.toFixed(2);

function keepsWords(substance: Substance, left: number | undefined, nowMs: number) {
  const { keeping, openedAtMs, sizeMl } = substance;
  const nothing = { sentences: [], cautions: [] };
  // An empty bottle has nothing in it to keep.
  if (!keeping || openedAtMs === undefined || left === 0) return nothing;
  const fullness = left === undefined || !sizeMl ? 1 : Math.min(1, left / sizeMl);
  const days = Math.max(0, nowMs - openedAtMs) / DAY_MS;
  const daysLeft = attempt(() => aged(keeping, [{ days, fullness }])).value?.daysLeft;
  if (daysLeft === undefined) return nothing;
  const until = () => format(nowMs + daysLeft * DAY_MS, 'd MMMM yyyy');
  return daysLeft > 0
    ? { sentences: [`Open, it keeps until about ${until()}.`], cautions: [] }
    : { sentences: [], cautions: ['It has been open for longer than it keeps: try it first.'] };
}

function lineOf(
  substance: Substance,
  left: number | undefined,
  needed: number,
  unit: VolumeUnit,
  nowMs: number,
): StockLine {
  const { id, name, use, kind, dilutions, sizeMl, dataSheet, hazards, handIn } = substance;
  const short = left !== undefined && left < needed - 1e-6;
  const keeps = keepsWords(substance, left, nowMs);
  const whole =
    sizeMl === undefined || left === undefined
      ? ''
      : left > sizeMl
        ? `, ${Number((left / sizeMl).toFixed(1))} × ${volumeWords(sizeMl, unit)}`
        : ` of ${volumeWords(sizeMl, unit)}`;
  return {
    ...{ id, name },
    what: [
      bathUses.find((one) => one.id === use)!.name,
      substanceKinds.find((one) => one.id === kind)!.name,
      dilutions.map((parts) => formatDilution(parts)).join(' or '),
    ]
      .filter(Boolean)
      .join(', '),
    amount: left === undefined ? '–' : volumeWords(Math.round(left), unit),
    left: left === undefined ? 'nobody wrote down how much' : `about that left${whole}`,
    ...(left !== undefined && sizeMl && { share: Math.min(1, left / sizeMl) }),
    sentences: [
      ...(needed > 0 ? [`This evening takes ${volumeWords(needed, unit)}.`] : []),
      ...keeps.sentences,
      ...(handIn ? [`Handed in: ${handIn}`] : []),
    ],
    cautions: [
      ...(short ? [`${volumeWords(needed - left, unit)} too little for this evening.`] : []),
      ...keeps.cautions,
      ...(hazards ? [hazards] : []),
    ],
    ...(dataSheet && { dataSheet }),
  };
}

/** What stands in the cupboard, what an evening takes of it, what to buy, and what the baths that stand have cost. */
export function stockView(
  facts: StockFacts,
  evening: Evening,
  unit: VolumeUnit,
  nowMs: number,
): StockView {
  const { substances } = facts;
  const needs = eveningNeeds(substances, evening);
  const stock = substances.map((substance) => ({
    substance,
    left: stockLeft(substance, facts),
    needed: needs.get(substance.id) ?? 0,
  }));
  const short = stock.filter(({ left, needed }) => left !== undefined && left < needed - 1e-6);
  return {
    lines: stock.map(({ substance, left, needed }) => lineOf(substance, left, needed, unit, nowMs)),
    shopping: short.map(({ substance: { name, sizeMl, price }, left = 0, needed }) => {
      if (!sizeMl) return `${name}: ${volumeWords(needed - left, unit)} more`;
      const bottles = Math.ceil((needed - left) / sizeMl - 1e-9);
      const sum = price === undefined ? '' : `, ${money(bottles * price)}`;
      return `${name}: ${bottles} × ${volumeWords(sizeMl, unit)}${sum}`;
    }),
    costs: evening.standing.flatMap(({ id, name, state, substanceId }) => {
      const substance = substances.find((one) => one.id === substanceId);
      const bath = facts.baths.find((one) => one.id === id);
      if (!substance || !bath) return [];
      const costs = bathCosts(bath, substance, state.used ?? 0, evening.printCm2);
      const words = (['roll', 'print'] as const).flatMap((what) => {
        const cost = costs[what];
        if (!cost) return [];
        const soFar = cost.soFar === undefined ? '' : `, ${money(cost.soFar)} so far`;
        return [`a ${what} ${money(cost.atCapacity)} at its end${soFar}`];
      });
      return words.length > 0 ? [{ id, name, words: words.join('; ') }] : [];
    }),
  };
}
