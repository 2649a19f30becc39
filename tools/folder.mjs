import {
  accessSync,
  constants,
  existsSync,
  mkdirSync,
  realpathSync,
  rmSync,
  statfsSync,
  writeFileSync,
} from 'node:fs';
import { createHash } from 'node:crypto';
import { dirname, join, resolve } from 'node:path';
import { ownerOf, reaches } from './owner.mjs';
import { isRoot } from './run.mjs';
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
 * Does a record lie in a data folder?
 * @param {string} folder
 */
export function hasRecord(folder) {
  return existsSync(join(folder, 'postgres'));
}

/**
 * Where the data goes when the project lies where the database's user cannot get in.
 * @param {string} project
 */
function elsewhereOf(project) {
  const name = createHash('sha256').update(realpathSync(project)).digest('hex').slice(0, 12);
  return join('/var/lib/katachron', name);
}

/**
 * The data folder, made, writable and with room. What lies in a folder is never removed and never moved from here: where
 * the database cannot reach a record that exists, the start refuses and says what to do.
 * @param {string} project
 * @returns {Promise<string>}
 */
export async function dataFolder(project) {
  const asked = process.env.KATACHRON_DATA;
  const folder = resolve(asked ?? join(project, 'data'));
  if (process.env.DATABASE_URL || !isRoot) return make(folder);
  const elsewhere = elsewhereOf(project);
  if (!asked && !hasRecord(folder) && hasRecord(elsewhere)) {
    say(`The data is kept in ${elsewhere}, where an earlier start put it.`);
    return make(elsewhere);
  }
  if (asked) make(folder);
  const way = existsSync(folder) ? folder : nearest(folder);
  if (await reaches(await ownerOf(folder), way)) return make(folder);
  if (hasRecord(folder)) {
    throw new Stop(
      `The record is in ${folder}, and the database's user cannot get in there. Nothing was touched. ` +
        `Either let everybody pass through the folders above it (chmod o+x), ` +
        `or move it to where they can, for example: mv ${folder} ${elsewhere}`,
    );
  }
  if (asked) {
    throw new Stop(
      `The database runs as the user postgres, who cannot reach ${folder}: choose another KATACHRON_DATA.`,
    );
  }
  say(`The database's user cannot reach ${folder}, so the data is kept in ${elsewhere}.`);
  return make(elsewhere);
}

/**
 * The nearest folder above that exists.
 * @param {string} folder
 */
function nearest(folder) {
  let above = dirname(folder);
  while (!existsSync(above)) above = dirname(above);
  return above;
}

/**
 * @param {string} folder
 * @returns {string} the same
 */
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
  return folder;
}
