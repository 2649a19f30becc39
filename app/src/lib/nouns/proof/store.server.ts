import { Op, literal, where, type ModelStatic } from 'sequelize';
import { models, type ShelfRow } from '../../server/database/models.ts';
import { rollNumber } from '../negative/name.ts';
import type { Proof, ProofBody } from './contract.ts';

/** In the database, as its index has it. */
const NUMBER = `lower(trim(split_part(name, ',', 1)))`;

/** More proofs than this stand on no page. */
const MOST = 100;

/** Proofs that were photographed, of rolls by their ids or by the numbers that their names begin with. */
export async function photographed(
  rollIds: readonly string[],
  numbers: readonly string[] = [],
): Promise<Proof[]> {
  if (rollIds.length + numbers.length === 0) return [];
  const model = models().shelfRows.proofs as unknown as ModelStatic<ShelfRow<ProofBody>>;
  const rows = await model.findAll({
    where: {
      [Op.and]: [
        literal(`body ? 'picture'`),
        {
          [Op.or]: [
            { id: [...rollIds] },
            where(literal(NUMBER), {
              [Op.in]: [...new Set(numbers.map((number) => rollNumber(number).toLowerCase()))],
            }),
          ],
        },
      ],
    },
    limit: MOST,
  });
  return rows.map(({ id, version, body }) => ({ id, version, ...body }));
}
