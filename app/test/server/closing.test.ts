import { Sequelize } from 'sequelize';
import { expect, it } from 'vitest';
import { problemFor } from '../../src/lib/server/problem/response.ts';

it('a request that meets connections which were closed is told that the database is away, and to try again', async () => {
  const sequelize = new Sequelize('postgres://nobody@127.0.0.1:1/none', { logging: false });
  await sequelize.close();
  const cause = await sequelize.query('SELECT 1').catch((error: unknown) => error);
  const answer = problemFor(cause);
  expect(answer.status).toBe(503);
  expect(await answer.json()).toMatchObject({ title: 'Database away' });
});
