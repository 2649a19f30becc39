import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { inTurn } from './lock.mjs';
import { ask } from './run.mjs';
import { Stop, say } from './say.mjs';

const SOURCES = [
  'core/src',
  'app/src',
  'app/static',
  'app/vite.config.ts',
  'app/cut-fonts.ts',
  'app/svelte.config.js',
  'package-lock.json',
];

/**
 * Builds the application when its sources are not the ones built last.
 * @param {string} project
 * @returns {Promise<void>}
 */
export async function needBuild(project) {
  const stamp = join(project, 'app', 'build', '.sources');
  const wanted = fingerprint(project);
  const isBuilt = () => existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted;
  if (isBuilt()) return;
  await inTurn(join(project, 'app'), async () => {
    // Another command may have built it meanwhile.
    if (isBuilt()) return;
    say('Building the application.');
    const built = await ask('npm', ['run', 'build', '--silent'], { cwd: project });
    if (!built.ok) throw new Stop(`${built.err}\nThe build failed; its message is above.`);
    writeFileSync(stamp, wanted);
  });
}

/** @param {string} project */
function fingerprint(project) {
  const hash = createHash('sha256');
  /** @param {string} path */
  const add = (path) => {
    if (statSync(path).isDirectory()) {
      for (const name of readdirSync(path).sort()) add(join(path, name));
    } else {
      hash.update(path.slice(project.length)).update(readFileSync(path));
    }
  };
  for (const source of SOURCES) add(join(project, source));
  return hash.digest('hex');
}
