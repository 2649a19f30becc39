import { spawn } from 'node:child_process';
import { openSync } from 'node:fs';
import { connect } from 'node:net';

/**
 * Keeps one database server for one command: it ends the server when the command asks for it, and also when the command is
 * gone, however it went. Run by postgres.mjs, in a session of its own.
 *   keeper.mjs LIFELINE LOG UID GID PROGRAM ARGUMENT…
 */
const [lifeline = '', log = '', uid = '', gid = '', program = '', ...args] = process.argv.slice(2);
/** A fast shutdown takes a moment; after this the server is told to drop everything, ms. Nothing confirmed is lost either way. */
const PATIENCE_MS = 10_000;

const output = openSync(log, 'a');
const database = spawn(program, args, {
  stdio: ['ignore', output, output],
  cwd: '/',
  ...(uid && { uid: Number(uid), gid: Number(gid) }),
});
let ending = false;
function end() {
  if (ending) return;
  ending = true;
  database.kill('SIGINT');
  setTimeout(() => database.kill('SIGQUIT'), PATIENCE_MS).unref();
}
const command = connect(lifeline.replace('@', '\0'));
command.on('data', end).on('close', end).on('error', end);
for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP']))
  process.on(signal, end);
database.on('error', () => process.exit(1));
database.on('close', () => {
  // Only now the command's end of the line is closed: it knows then that nothing runs any more.
  command.destroy();
  process.exit(0);
});
