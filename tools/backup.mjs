import { existsSync, openSync } from 'node:fs';
import { join } from 'node:path';
import { dataFolder } from './folder.mjs';
import { needPostgres } from './packages.mjs';
import { startCluster } from './postgres.mjs';
import { run } from './run.mjs';
import { Stop, say } from './say.mjs';

/**
 * Runs a task against the database, started for it where needed.
 * @param {string} project
 * @param {(programs: string, url: string) => Promise<number>} task
 * @param {string} failure
 */
async function withDatabase(project, task, failure) {
  const programs = await needPostgres();
  const given = process.env.DATABASE_URL;
  const cluster = given
    ? { url: given, stop: () => undefined }
    : await startCluster(dataFolder(project), programs);
  try {
    if ((await task(programs, cluster.url)) !== 0) throw new Stop(failure);
  } finally {
    cluster.stop();
  }
}

/**
 * Writes the whole database into one file.
 * @param {string} project
 * @param {string} path
 */
export async function backup(project, path) {
  await withDatabase(
    project,
    (programs, url) =>
      run(join(programs, 'pg_dump'), ['--format=custom', '--no-owner', url], {
        stdio: ['ignore', openSync(path, 'w'), 'inherit'],
      }),
    `The backup into ${path} failed; the reason is above.`,
  );
  say(`Everything is in ${path}.`);
}

/**
 * Replaces the database's contents with those of a backup, or leaves them as they are when that fails.
 * @param {string} project
 * @param {string} path
 */
export async function restore(project, path) {
  if (!existsSync(path)) throw new Stop(`There is no backup at ${path}.`);
  await withDatabase(
    project,
    (programs, url) =>
      run(
        join(programs, 'pg_restore'),
        ['--clean', '--if-exists', '--no-owner', '--single-transaction', `--dbname=${url}`],
        { stdio: [openSync(path, 'r'), 'inherit', 'inherit'] },
      ),
    `Restoring ${path} failed and nothing was changed; the reason is above.`,
  );
  say(`Everything is back from ${path}.`);
}
