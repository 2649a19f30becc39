import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { join } from 'node:path';
import { inTurn } from './lock.mjs';
import { isRoot, run, which } from './run.mjs';
import { Stop, say } from './say.mjs';

/**
 * Installs Debian packages.
 * @param {string[]} names
 * @param {string} why
 */
async function aptInstall(names, why) {
  if (!(await which('apt-get'))) {
    throw new Stop(
      `${why} is missing and there is no apt-get here: install ${names.join(' and ')}.`,
    );
  }
  say(`Installing ${names.join(' and ')} with apt-get: ${why}.`);
  const prefix = isRoot ? [] : ['sudo'];
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  /** @param {string[]} args */
  const apt = (args) => {
    const [program, ...rest] = [...prefix, 'apt-get', ...args];
    return run(String(program), rest, { env, stdio: ['inherit', 'ignore', 'inherit'] });
  };
  await apt(['update', '-qq']);
  if ((await apt(['install', '-y', '-qq', '--no-install-recommends', ...names])) !== 0) {
    throw new Stop(`apt-get could not install ${names.join(' and ')}.`);
  }
}

/** @returns {Promise<string | undefined>} the folder with initdb and postgres, newest version first */
async function postgresPrograms() {
  const debian = '/usr/lib/postgresql';
  const versions = existsSync(debian)
    ? readdirSync(debian)
        .filter((name) => existsSync(join(debian, name, 'bin', 'initdb')))
        .sort((a, b) => Number(b) - Number(a))
    : [];
  if (versions[0]) return join(debian, versions[0], 'bin');
  const onPath = await which('initdb');
  return onPath?.replace(/\/initdb$/, '');
}

/** @returns {Promise<string>} the folder of PostgreSQL's programs, installed first where missing */
export async function needPostgres() {
  const found = await postgresPrograms();
  if (found) return found;
  await aptInstall(['postgresql'], 'the database');
  const installed = await postgresPrograms();
  if (!installed) throw new Stop('PostgreSQL was installed but its programs were not found.');
  return installed;
}

/**
 * A program that only the tests need, installed first where missing.
 * @param {string} program
 * @param {string} debianPackage
 * @param {string} why
 * @returns {Promise<string>} where it is
 */
async function needProgram(program, debianPackage, why) {
  const found = await which(program);
  if (found) return found;
  await aptInstall([debianPackage], why);
  const installed = await which(program);
  if (!installed)
    throw new Stop(`${debianPackage} was installed but ${program} is not on the PATH.`);
  return installed;
}

export const needChromium = () => needProgram('chromium', 'chromium', 'the browser for the tests');

/** What draws a PDF as anybody's printer would. */
export const needPdfRenderer = () =>
  needProgram('pdftoppm', 'poppler-utils', 'what the tests look at PDFs with');

/**
 * npm ci, when the lock file is not the one that was installed last.
 * @param {string} project
 */
export async function needModules(project) {
  const lock = createHash('sha256').update(readFileSync(join(project, 'package-lock.json')));
  const wanted = lock.digest('hex');
  const stamp = join(project, 'node_modules', '.katachron-lock');
  const installed = () => existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted;
  if (installed()) return;
  // Two starts at once would install into one another.
  await inTurn(project, async () => {
    if (!installed()) await install(project);
    writeFileSync(stamp, wanted);
  });
}

/** @param {string} project */
async function install(project) {
  say('Installing the packages of package-lock.json with npm ci.');
  const code = await run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: project,
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  if (code !== 0) throw new Stop('npm ci failed; its message is above.');
}
