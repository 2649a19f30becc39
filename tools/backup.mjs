import {
  closeSync,
  existsSync,
  openSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
} from 'node:fs';
import { dirname, join } from 'node:path';
import { needBuild } from './build.mjs';
import { addChecksum, isWhole } from './checksum.mjs';
import { databaseUrl, withoutPassword } from './database-url.mjs';
import { dataFolder, hasRecord } from './folder.mjs';
import { heldBy, holdFolder, holderOf } from './lock.mjs';
import { needModules, needPostgres } from './packages.mjs';
import { runningUrl, startCluster } from './postgres.mjs';
import { ask, run } from './run.mjs';
import { Stop, say } from './say.mjs';
import { migrateOnly } from './serve.mjs';

/** Only the owner of a dump may read it. */
const PRIVATE = 0o600;

/**
 * Runs a task against the database: one of the person's own, the one that a running Katachron has, or one started for it.
 * @param {string} project
 * @param {{ does: string, empty: boolean }} how what others are told meanwhile; may there be no record yet?
 * @param {(programs: string, url: string) => Promise<void>} task
 */
async function withDatabase(project, { does, empty }, task) {
  const given = process.env.DATABASE_URL;
  if (given) return task(await needPostgres(), databaseUrl(given));
  const folder = await dataFolder(project);
  if (!empty && !hasRecord(folder)) throw new Stop(`There is no record in ${folder} yet.`);
  const programs = await needPostgres();
  if (await holdFolder(folder, does)) {
    const cluster = await startCluster(folder, programs);
    try {
      await task(programs, cluster.url);
    } finally {
      await cluster.stop();
    }
    return undefined;
  }
  const holder = await holderOf(folder);
  if (!holder?.address) throw heldBy(folder, holder);
  return task(programs, runningUrl(folder));
}

/**
 * What a dump holds, one line a thing, or nothing when it is no dump.
 * @param {string} programs
 * @param {string} path
 */
async function contentsOf(programs, path) {
  const list = await ask(join(programs, 'pg_restore'), ['--list', path]);
  return list.ok ? list.out : undefined;
}

/**
 * Is it a record of ours? Every one of them says which migrations it has been through.
 * @param {string} contents
 */
const isOurs = (contents) =>
  ['migrations', 'rolls', 'prints', 'run_events'].every((table) =>
    contents.includes(` TABLE DATA public ${table} `),
  );

/**
 * Writes the whole database into one file: beside it first, so that a backup that fails leaves the last good one.
 * @param {string} project
 * @param {string} path
 */
export async function backup(project, path) {
  const folder = dirname(path);
  if (!existsSync(folder)) throw new Stop(`There is no folder ${folder} for the backup.`);
  if (existsSync(path) && statSync(path).isDirectory()) {
    throw new Stop(`${path} is a folder; name the file for the backup.`);
  }
  const beside = `${path}.part-${process.pid}`;
  try {
    await withDatabase(
      project,
      { does: 'A backup is written', empty: false },
      async (programs, url) => {
        const told = withoutPassword(url);
        const file = openBeside(beside, path);
        const code = await run(
          join(programs, 'pg_dump'),
          ['--format=custom', '--no-owner', '--no-privileges', '--schema=public', told.url],
          { stdio: ['ignore', file, 'inherit'], env: told.env },
        ).finally(() => closeSync(file));
        if (code !== 0) throw new Stop(`The backup into ${path} failed; the reason is above.`);
        if (!isOurs((await contentsOf(programs, beside)) ?? '')) {
          throw new Stop(`There is no record in that database, so nothing was written to ${path}.`);
        }
      },
    );
    await addChecksum(beside);
    renameSync(beside, path);
  } finally {
    rmSync(beside, { force: true });
  }
  say(`Everything is in ${path}.`);
}

/**
 * @param {string} beside
 * @param {string} path
 */
function openBeside(beside, path) {
  try {
    return openSync(beside, 'wx', PRIVATE);
  } catch (cause) {
    const { code } = /** @type {NodeJS.ErrnoException} */ (cause);
    throw new Stop(
      code === 'ENOSPC'
        ? `The disk is full: ${path} cannot be written.`
        : `${path} cannot be written (${code}).`,
    );
  }
}

/**
 * The migrations that this Katachron knows, and the tables and collations that they make; its own book of them is one table more.
 * @param {string} project
 */
export function knownSchema(project) {
  const folder = join(project, 'app', 'src', 'lib', 'server', 'database', 'migrations');
  const files = readdirSync(folder).filter((name) => /^\d{4}-.*\.ts$/.test(name));
  /** @param {RegExp} made */
  const named = (made) =>
    files.flatMap((name) =>
      [...readFileSync(join(folder, name), 'utf8').matchAll(made)].map(
        ([, plain, shelf]) => plain ?? shelf ?? '',
      ),
    );
  return {
    migrations: files.map((name) => name.replace(/\.ts$/, '')),
    tables: ['migrations', ...named(/CREATE TABLE (\w+)|shelfTable\('(\w+)'\)/g)],
    collations: named(/CREATE COLLATION (\w+)/g),
  };
}

/**
 * Replaces the database's contents with those of a backup, or leaves them as they are when that fails.
 * @param {string} project
 * @param {string} path
 */
export async function restore(project, path) {
  if (!existsSync(path)) throw new Stop(`There is no backup at ${path}.`);
  const failed = `Restoring ${path} failed and nothing was changed`;
  await needModules(project);
  await needBuild(project);
  await withDatabase(
    project,
    { does: 'A backup is read back', empty: true },
    async (programs, url) => {
      const contents = statSync(path).isFile() ? await contentsOf(programs, path) : undefined;
      if (contents === undefined) throw new Stop(`${path} is no backup: nothing was changed.`);
      if (!(await isWhole(path))) {
        throw new Stop(`${path} is damaged: it is not as it was written. Nothing was changed.`);
      }
      if (!isOurs(contents)) {
        throw new Stop(
          `${path} is a backup of something else, not of Katachron: nothing was changed.`,
        );
      }
      const { migrations, tables, collations } = knownSchema(project);
      const been = await ask(join(programs, 'pg_restore'), [
        ...['--data-only', '--table=migrations', '--file=-', path],
      ]);
      const unknown = (been.out.match(/^\d{4}-[\w-]+$/gm) ?? []).filter(
        (name) => !migrations.includes(name),
      );
      if (unknown.length > 0) {
        throw new Stop(
          `${path} was made by a newer Katachron (${unknown.at(-1)}): nothing was changed.`,
        );
      }
      // The whole of it is read before anything is touched; then one transaction takes the old out and the new in.
      const script = `${path}.sql-${process.pid}`;
      closeSync(openBeside(script, script));
      try {
        const read = await run(
          join(programs, 'pg_restore'),
          ['--no-owner', '--no-privileges', '--schema=public', `--file=${script}`, path],
          { stdio: ['ignore', 'inherit', 'inherit'] },
        );
        if (read !== 0) throw new Stop(`${failed}; the reason is above.`);
        const told = withoutPassword(url);
        const emptied = [
          `DROP TABLE IF EXISTS ${tables.join(', ')} CASCADE`,
          ...collations.map((name) => `DROP COLLATION IF EXISTS ${name}`),
        ].join('; ');
        const code = await run(
          join(programs, 'psql'),
          [
            ...['-X', '-q', '-v', 'ON_ERROR_STOP=1', '--single-transaction'],
            ...['-c', emptied, '-f', script, told.url],
          ],
          // One line for each table that was not there yet would hide what matters.
          {
            stdio: ['ignore', 'ignore', 'inherit'],
            env: { ...told.env, PGOPTIONS: '-c client_min_messages=warning' },
          },
        );
        if (code !== 0) throw new Stop(`${failed}; the reason is above.`);
      } finally {
        rmSync(script, { force: true });
      }
      if (!(await migrateOnly(url))) {
        throw new Stop(
          `${path} is back, but could not be brought to the newest shape; the reason is above.`,
        );
      }
    },
  );
  say(`Everything is back from ${path}.`);
}
