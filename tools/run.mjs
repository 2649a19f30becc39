import { spawn } from 'node:child_process';
import { interrupt } from './interrupt.mjs';
import { Interrupted } from './say.mjs';

export const isRoot = process.getuid?.() === 0;

/**
 * Runs a program to its end with its output shown. When the command is interrupted the program is ended first.
 * @param {string} program
 * @param {string[]} args
 * @param {import('node:child_process').SpawnOptions} [options]
 * @returns {Promise<number>} its exit code
 * @throws Interrupted
 */
export async function run(program, args, options = {}) {
  return (await finished(program, args, { stdio: 'inherit', ...options })).code;
}

/**
 * Runs a program quietly and returns what it printed.
 * @param {string} program
 * @param {string[]} args
 * @param {import('node:child_process').SpawnOptions & { input?: string }} [options]
 * @returns {Promise<{ ok: boolean, out: string, err: string }>}
 * @throws Interrupted
 */
export async function ask(program, args, { input, ...options } = {}) {
  const { code, out, err } = await finished(program, args, {
    stdio: ['pipe', 'pipe', 'pipe'],
    ...options,
    input: input ?? '',
  });
  return { ok: code === 0, out, err };
}

/**
 * @param {string} program
 * @param {string[]} args
 * @param {import('node:child_process').SpawnOptions & { input?: string }} options
 * @returns {Promise<{ code: number, out: string, err: string }>}
 */
function finished(program, args, { input, ...options }) {
  if (interrupt.aborted) return Promise.reject(new Interrupted());
  return new Promise((resolve, reject) => {
    const child = spawn(program, args, options);
    let out = '';
    let err = '';
    const end = () => child.kill('SIGTERM');
    interrupt.addEventListener('abort', end, { once: true });
    child.stdout?.on('data', (text) => (out += text));
    child.stderr?.on('data', (text) => (err += text));
    // A program that ends before it has read everything is judged by its exit code.
    child.stdin?.on('error', () => undefined).end(input);
    child.on('error', (cause) => (err += cause.message));
    child.on('close', (code, signal) => {
      interrupt.removeEventListener('abort', end);
      if (interrupt.aborted) reject(new Interrupted());
      else resolve({ code: code ?? (signal ? 130 : 127), out, err });
    });
  });
}

/**
 * Where a program is on the PATH.
 * @param {string} program
 * @returns {Promise<string | undefined>}
 */
export async function which(program) {
  const found = await ask('bash', ['-c', 'command -v "$0"', program]);
  return found.ok ? found.out.trim() : undefined;
}

/** @param {number} ms */
export const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
