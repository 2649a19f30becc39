import type { Migration } from './migration.ts';

/** What is learned of a paper is read from its last prints. */
export const printsByPaper: Migration = {
  name: '0003-prints-by-paper',
  up: [`CREATE INDEX prints_by_paper ON prints (lower(body #>> '{setup,paper}'), made_at DESC)`],
  down: ['DROP INDEX prints_by_paper'],
};
