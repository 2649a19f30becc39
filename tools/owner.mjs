import { chownSync, existsSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { ask, isRoot } from './run.mjs';
import { Stop } from './say.mjs';

/** @typedef {{ uid?: number, gid?: number }} Owner nobody else than this process's own user unless said */

/**
 * The user that the database of a data folder runs as. PostgreSQL will not run as root: there it is whoever owns the
 * cluster, and for a new one the user that Debian's package makes.
 * @param {string} folder
 * @returns {Promise<Owner>}
 */
export async function ownerOf(folder) {
  if (!isRoot) return {};
  const cluster = join(folder, 'postgres');
  if (existsSync(cluster)) {
    const { uid, gid } = statSync(cluster);
    if (uid !== 0) return { uid, gid };
  }
  const id = async (/** @type {string} */ flag) =>
    Number((await ask('id', [flag, 'postgres'])).out.trim() || NaN);
  const owner = { uid: await id('-u'), gid: await id('-g') };
  if (Number.isNaN(owner.uid)) {
    throw new Stop('PostgreSQL does not run as root, and there is no user postgres to run it as.');
  }
  return owner;
}

/**
 * Can that user get into a folder?
 * @param {Owner} owner
 * @param {string} folder
 */
export async function reaches(owner, folder) {
  return (await ask('test', ['-x', folder], { ...owner, cwd: '/' })).ok;
}

/**
 * @param {Owner} owner
 * @param {string} path
 */
export function giveTo({ uid, gid }, path) {
  if (uid !== undefined && gid !== undefined) chownSync(path, uid, gid);
}
