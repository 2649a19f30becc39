import { createHash } from 'node:crypto';
import { appendFileSync, closeSync, createReadStream, openSync, readSync, statSync } from 'node:fs';

/**
 * A dump ends with a line that says what it should add up to: PostgreSQL's own format does not notice every damage, and its
 * tools read over what comes after the end.
 */
const LINE = /\nkatachron sha256 ([0-9a-f]{64})\n$/;
const LINE_BYTES = 1 + 'katachron sha256 '.length + 64 + 1;

/**
 * @param {string} path
 * @param {number} bytes so many from the beginning
 * @returns {Promise<string>}
 */
async function sumOf(path, bytes) {
  const hash = createHash('sha256');
  if (bytes > 0)
    for await (const part of createReadStream(path, { end: bytes - 1 })) hash.update(part);
  return hash.digest('hex');
}

/** @param {string} path */
export async function addChecksum(path) {
  appendFileSync(path, `\nkatachron sha256 ${await sumOf(path, statSync(path).size)}\n`);
}

/**
 * Is a dump as it was written? One from before there were checksums is taken as it is.
 * @param {string} path
 */
export async function isWhole(path) {
  const { size } = statSync(path);
  if (size < LINE_BYTES) return true;
  const end = Buffer.alloc(LINE_BYTES);
  const file = openSync(path, 'r');
  readSync(file, end, 0, LINE_BYTES, size - LINE_BYTES);
  closeSync(file);
  const told = LINE.exec(end.toString('latin1'))?.[1];
  return told === undefined || told === (await sumOf(path, size - LINE_BYTES));
}
