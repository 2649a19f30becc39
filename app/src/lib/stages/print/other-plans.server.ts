import { fn, json, where } from 'sequelize';
import type { Version } from '../../nouns/print/sheet.ts';
import { latestVersion } from '../../nouns/print/latest.ts';
import { models } from '../../server/database/models.ts';
import { attempt } from '../../words/attempt.ts';
import { readAmount } from './area-amount.ts';

/** What another print of the same negative has of areas. */
export interface OtherPlan {
  readonly id: string;
  readonly title: string;
  readonly paper: string;
  readonly areas: Version['areas'];
}

/** More prints than this of one negative nobody looks through. */
const MOST_PLANS = 12;

const isOf = (path: string, negative: string) =>
  where(fn('lower', json(path)), negative.trim().toLowerCase());

/** The plans of other prints of a negative, those in hand first; without those that have no areas. */
export async function plansOf(negative: string, but: string | undefined): Promise<OtherPlan[]> {
  if (negative.trim() === '') return [];
  const [inHand, made] = await Promise.all([
    models().InHandRow.findAll({
      where: isOf('body.draft.negative', negative),
      order: [['touchedAt', 'DESC']],
      limit: MOST_PLANS,
    }),
    models().PrintRow.findAll({
      where: isOf('body.setup.negative', negative),
      order: [['madeAt', 'DESC']],
      limit: MOST_PLANS,
    }),
  ]);
  const plans = [
    ...inHand.map(({ id, body: { draft } }): OtherPlan => {
      const areas = draft.areas.flatMap(({ stops: typed, wider: _wider, ...area }) => {
        const stops = attempt(() => readAmount(typed, undefined)).value;
        return stops === undefined ? [] : [{ ...area, stops }];
      });
      return { id, title: draft.title, paper: draft.paper, areas };
    }),
    ...made.map(({ id, body }): OtherPlan => {
      const { title, setup } = body;
      return { id, title, paper: setup.paper, areas: latestVersion(body).areas };
    }),
  ];
  const once = new Map(plans.toReversed().map((plan) => [plan.id, plan]));
  return [...once.values()]
    .toReversed()
    .filter(({ id, areas }) => id !== but && areas.length > 0)
    .slice(0, MOST_PLANS);
}
