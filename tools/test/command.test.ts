import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { chmodSync, existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { spaceTrouble } from '../folder.mjs';
import { freePort } from '../port.mjs';

const project = dirname(dirname(dirname(fileURLToPath(import.meta.url))));
const command = join(project, 'katachron');
const folders: string[] = [];

function folder(): string {
  const made = mkdtempSync(join(tmpdir(), 'katachron-command-'));
  chmodSync(made, 0o755);
  folders.push(made);
  return made;
}

/** Runs the command to its end; a Stop is one sentence on the error stream. */
function run(args: string[], env: Record<string, string>) {
  const result = spawnSync(command, args, {
    encoding: 'utf8',
    timeout: 40_000,
    env: { ...process.env, ...env },
  });
  return { code: result.status, said: result.stderr.trim() };
}

afterAll(() => folders.forEach((made) => rmSync(made, { recursive: true, force: true })));

describe('what stops the start says so in one sentence', () => {
  let taken: Server;
  let port: number;
  beforeAll(async () => {
    taken = createServer();
    await new Promise<void>((resolve) => taken.listen(0, '127.0.0.1', resolve));
    port = (taken.address() as { port: number }).port;
  });
  afterAll(() => taken.close());

  it('a busy port', () => {
    const { code, said } = run(['start'], { PORT: String(port), KATACHRON_DATA: folder() });
    expect(code).toBe(1);
    expect(said).toBe(`Port ${port} on 127.0.0.1 is taken. Choose another one with PORT=….`);
  });

  it('a port that is none', () => {
    expect(run(['start'], { PORT: 'eighty' })).toEqual({
      code: 1,
      said: 'PORT is eighty; it has to be a number from 1 to 65535.',
    });
  });

  it('a data folder that cannot be written', () => {
    const { code, said } = run(['start'], { KATACHRON_DATA: '/sys/katachron', PORT: '4699' });
    expect(code).toBe(1);
    expect(said).toMatch(/^The data folder \/sys\/katachron cannot be written \(\w+\)\.$/);
  });

  it('a data folder that is a file', () => {
    const file = join(folder(), 'file');
    writeFileSync(file, '');
    const { code, said } = run(['start'], { KATACHRON_DATA: join(file, 'data'), PORT: '4699' });
    expect(code).toBe(1);
    expect(said).toContain('cannot be written');
  });

  it('a full disk', () => {
    expect(spaceTrouble('/data', 150e6)).toBe(
      'The disk of the data folder /data has 150 MB left; Katachron needs 200 MB.',
    );
    expect(spaceTrouble('/data', 5e9)).toBeUndefined();
  });

  it('a stopped database', async () => {
    const { code, said } = run(['start'], {
      DATABASE_URL: 'postgres://nobody@127.0.0.1:1/nothing',
      KATACHRON_DATA: folder(),
      PORT: String(await freePort(0)),
    });
    expect(code).toBe(1);
    expect(said).toBe('No database answers at 127.0.0.1:1.');
  });

  it('an old Node, or none', () => {
    const bin = folder();
    writeFileSync(join(bin, 'node'), '#!/bin/sh\necho v18.19.0\n', { mode: 0o755 });
    const path = `${bin}:/usr/bin:/bin`;
    expect(run(['start'], { PATH: path })).toEqual({
      code: 1,
      said: 'Katachron needs Node 20.19 or newer; this is v18.19.0.',
    });
    rmSync(join(bin, 'node'));
    for (const tool of ['bash', 'dirname'])
      writeFileSync(join(bin, tool), `#!/bin/sh\nexec /bin/${tool} "$@"\n`, { mode: 0o755 });
    const { code, said } = run(['start'], { PATH: bin });
    expect(code).not.toBe(0);
    expect(said).toContain('there is no node on the PATH');
  });

  it('no command, or an unknown one, lists them', () => {
    expect(run([], {}).code).toBe(2);
    expect(run(['dance'], {}).said).toContain('demo');
  });
});

describe('from start to Ctrl-C', () => {
  const data = folder();
  const start = async (word: string) => {
    const port = await freePort(0);
    const child = spawn(command, [word], {
      env: { ...process.env, PORT: String(port), KATACHRON_DATA: data, DATABASE_URL: '' },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let said = '';
    child.stdout.on('data', (text: Buffer) => (said += text.toString()));
    const ended = new Promise<number | null>((resolve) => child.on('close', resolve));
    for (let turn = 0; turn < 900 && !said.includes('Katachron is at'); turn += 1) {
      await new Promise((resolve) => setTimeout(resolve, 100));
      if (child.exitCode !== null) break;
    }
    return { child, address: `http://127.0.0.1:${port}`, ended, said: () => said };
  };
  const stop = async (child: ChildProcess, ended: Promise<number | null>) => {
    child.kill('SIGINT');
    return ended;
  };
  const logbook = async (address: string) =>
    (await (await fetch(`${address}/api/v1/logbook`)).json()).entries.length as number;

  it('makes its cluster, loads the demo, answers, stops everything, and keeps the data', async () => {
    const first = await start('demo');
    expect(first.said()).toContain('Making a PostgreSQL cluster');
    expect(first.said()).toContain(`Katachron is at ${first.address}`);
    expect(await (await fetch(`${first.address}/api/health`)).json()).toEqual({
      status: 'ok',
      database: 'ok',
    });
    const entries = await logbook(first.address);
    expect(entries).toBeGreaterThanOrEqual(8);
    const page = await fetch(`${first.address}/film`);
    expect(page.headers.get('content-security-policy')).toMatch(/script-src 'self' 'nonce-/);
    expect(page.headers.get('content-security-policy')).not.toContain('unsafe-inline');
    expect(page.headers.get('x-content-type-options')).toBe('nosniff');
    const large = await fetch(`${first.address}/api/v1/compute/push`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ boxSpeed: 400, note: 'x'.repeat(400_000) }),
    });
    expect(large.status).toBe(413);
    expect(await stop(first.child, first.ended)).toBe(0);
    expect(existsSync(join(data, 'postgres', 'postmaster.pid'))).toBe(false);
    await expect(fetch(first.address)).rejects.toThrow();

    const second = await start('demo');
    expect(second.said()).not.toContain('Making');
    expect(await logbook(second.address)).toBe(entries);
    expect(await stop(second.child, second.ended)).toBe(0);
  });

  it('backs everything up into one file and restores it', async () => {
    const file = join(data, 'all.dump');
    const env = { KATACHRON_DATA: data, DATABASE_URL: '' };
    expect(run(['backup', file], env)).toMatchObject({ code: 0 });
    expect(run(['restore', join(data, 'missing.dump')], env)).toEqual({
      code: 1,
      said: `There is no backup at ${join(data, 'missing.dump')}.`,
    });
    expect(run(['restore', file], env)).toMatchObject({ code: 0 });
    const again = await start('start');
    expect(await logbook(again.address)).toBeGreaterThanOrEqual(8);
    expect(await stop(again.child, again.ended)).toBe(0);
  });
});
