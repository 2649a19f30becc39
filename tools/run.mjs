import { spawn, spawnSync } from 'node:child_process';

/**
 * Runs a program to its end with its output shown.
 * @param {string} program
 * @param {string[]} args
 * @param {import('node:child_process').SpawnOptions} [options]
 * @returns {Promise<number>} its exit code
 */
export function run(program, args, options = {}) {
  return new Promise((resolve) => {
    const child = spawn(program, args, { stdio: 'inherit', ...options });
    child.on('error', () => resolve(127));
    child.on('close', (code, signal) => resolve(code ?? (signal ? 130 : 1)));
  });
}

/**
 * Runs a program quietly and returns what it printed.
 * @param {string} program
 * @param {string[]} args
 * @param {import('node:child_process').SpawnSyncOptions} [options]
 */
export function ask(program, args, options = {}) {
  const result = spawnSync(program, args, { encoding: 'utf8', ...options });
  return {
    ok: result.status === 0,
    out: String(result.stdout ?? ''),
    err: String(result.stderr ?? result.error?.message ?? ''),
  };
}

/**
 * Where a program is on the PATH.
 * @param {string} program
 * @returns {string | undefined}
 */
export function which(program) {
  const found = ask('bash', ['-c', 'command -v "$0"', program]);
  return found.ok ? found.out.trim() : undefined;
}

export const isRoot = process.getuid?.() === 0;
