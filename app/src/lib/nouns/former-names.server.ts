import { Refusal } from '@katachron/core';
import { Op, type ModelStatic, type Transaction } from 'sequelize';
import { models, type ShelfRow } from '../server/database/models.ts';
import { called, formerNames, type Named } from '../words/called.ts';
import { sameName } from '../words/same-name.ts';
import { shelves } from './shelves.ts';

/**
 * Keeps what a thing was called before beside its name, so that what was measured and printed under that name still finds it.
 * @throws Refusal for a name that another one was called by: old records could not tell the two apart
 */
export const withFormerNames =
  (shelf: 'papers' | 'enlargers') =>
  async <Body extends Named>(
    before: Body | undefined,
    sent: Body,
    id: string,
    transaction: Transaction,
  ): Promise<Body> => {
    if (before?.name !== sent.name) {
      const model = models().shelfRows[shelf] as unknown as ModelStatic<ShelfRow<Named>>;
      const rows = await model.findAll({ where: { id: { [Op.ne]: id } }, transaction });
      const others = rows.map(({ body }) => body);
      const known = called(others, sent.name);
      // Two of one name are two boxes of it; a name that was given up still belongs to its records.
      if (known && !sameName(known.name, sent.name)) {
        throw new Refusal(
          'name',
          '/name',
          `${known.name} was called ${sent.name} before, and its prints and tests are kept under that name: give this ${shelves[shelf].one} another one.`,
        );
      }
    }
    const { formerNames: _sent, ...body } = sent;
    const former = formerNames(before, sent);
    return { ...body, ...(former.length > 0 && { formerNames: former }) } as Body;
  };
