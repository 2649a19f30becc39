import { thermometer } from '@katachron/core';
import { models } from '../../server/database/models.ts';
import { attempt } from '../../words/attempt.ts';
import type { Thermometer } from '../../words/reading.ts';
import type { CalibrationBody } from './contract.ts';

/** Every thermometer that was compared, by its newest comparison. */
export async function comparedThermometers(): Promise<Thermometer[]> {
  const rows = await models().shelfRows.calibrations.findAll({
    where: { body: { kind: 'thermometer' } },
    order: ['name', 'id'],
  });
  const found = rows
    .map((row) => {
      const { id, body } = row as unknown as { id: string; body: CalibrationBody };
      return { ...body, id };
    })
    .toSorted((a, b) => b.foundAtMs - a.foundAtMs);
  return found.flatMap(({ id, name, given }, at) => {
    if (found.findIndex((other) => other.name === name) !== at) return [];
    const { pairs } = given as { pairs: Parameters<typeof thermometer>[0] };
    const { value } = attempt(() => thermometer(pairs));
    return value
      ? [{ id, name, a: value.a, b: value.b, lowC: value.lowC, highC: value.highC }]
      : [];
  });
}
