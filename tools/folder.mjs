import {
  accessSync,
  constants,
  mkdirSync,
  realpathSync,
  rmSync,
  statfsSync,
  writeFileSync,
} from 'node:fs';
import { createHash } from 'node:crypto';
import { join, resolve } from 'node:path';
import { ask, isRoot } from './run.mjs';
import { Stop, say } from './say.mjs';

const LEAST_FREE_BYTES = 200e6;

/**
 * What is wrong with the space left, or nothing.
 * @param {string} folder
 * @param {number} freeBytes
 */
export function spaceTrouble(folder, freeBytes) {
  return freeBytes < LEAST_FREE_BYTES
    ? `The disk of the data folder ${folder} has ${Math.floor(freeBytes / 1e6)} MB left; Katachron needs ${LEAST_FREE_BYTES / 1e6} MB.`
    : undefined;
}

/**
 * Can the database's own user reach a folder? PostgreSQL will not run as root.
 * @param {string} folder
 */
function postgresReaches(folder) {
  return ask('runuser', ['-u', 'postgres', '--', 'test', '-x', folder], { cwd: '/' }).ok;
}

/**
 * The data folder, made, writable and with room.
 * @param {string} project
 * @returns {string}
 */
export function dataFolder(project) {
  const asked = process.env.KATACHRON_DATA;
  const folder = resolve(asked ?? join(project, 'data'));
  make(folder);
  if (process.env.DATABASE_URL || !isRoot || postgresReaches(folder)) return folder;
  if (asked) {
    throw new Stop(
      `The database runs as the user postgres, who cannot reach ${folder}: choose another KATACHRON_DATA.`,
    );
  }
  const name = createHash('sha256').update(realpathSync(project)).digest('hex').slice(0, 12);
  const elsewhere = join('/var/lib/katachron', name);
  say(`The database's user cannot reach ${folder}, so the data is kept in ${elsewhere}.`);
  rmSync(folder, { recursive: true });
  make(elsewhere);
  return elsewhere;
}

/** @param {string} folder */
function make(folder) {
  try {
    mkdirSync(folder, { recursive: true, mode: 0o755 });
    accessSync(folder, constants.W_OK);
    const probe = join(folder, '.probe');
    writeFileSync(probe, 'x');
    rmSync(probe);
  } catch (cause) {
    const code = /** @type {NodeJS.ErrnoException} */ (cause).code;
    throw new Stop(
      code === 'ENOSPC'
        ? `The disk of the data folder ${folder} is full.`
        : `The data folder ${folder} cannot be written (${code}).`,
    );
  }
  const { bavail, bsize } = statfsSync(folder);
  const trouble = spaceTrouble(folder, bavail * bsize);
  if (trouble) throw new Stop(trouble);
}
