import { mkdtempSync, readFileSync, rmSync, chmodSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { needBuild } from './build.mjs';
import { needChromium, needModules, needPdfRenderer, needPostgres } from './packages.mjs';
import { startCluster } from './postgres.mjs';
import { run } from './run.mjs';
import { say } from './say.mjs';

/**
 * What failed is named again at the end: of a long output often only the end is kept.
 * @typedef {{ passed: number, failed: number, names?: string[] }} Tally
 */

/** Checks that count as one test each. */
const CHECKS = [
  { name: 'types', args: ['npm', 'run', 'types', '--silent'] },
  { name: 'types of the tools', args: ['npx', 'tsc', '--project', 'tools'] },
  {
    name: 'types of the tools’ tests',
    args: ['npx', 'tsc', '--noEmit', '--project', 'tools/test'],
  },
  { name: 'types of the benchmarks and browser tests', args: ['npx', 'tsc', '--noEmit'] },
  { name: 'types of the core’s tests', args: ['npx', 'tsc', '--noEmit', '--project', 'core/test'] },
  { name: 'lint', args: ['npx', 'eslint', '.', '--max-warnings=0'] },
  { name: 'format', args: ['npx', 'prettier', '--check', '--log-level=warn', '.'] },
];

/** A throwaway cluster needs no durability. */
const THROWAWAY = ['fsync=off', 'synchronous_commit=off', 'full_page_writes=off'];

/**
 * A cluster that is gone when the tests are over.
 * @returns {Promise<{ url: string, remove: () => Promise<void> }>}
 */
export async function throwawayCluster() {
  const programs = await needPostgres();
  const folder = mkdtempSync(join(tmpdir(), 'katachron-test-'));
  chmodSync(folder, 0o755);
  const cluster = await startCluster(folder, programs, THROWAWAY);
  return {
    url: cluster.url,
    remove: async () => {
      await cluster.stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/**
 * @param {string} project
 * @returns {Promise<Tally>}
 */
async function checks(project) {
  const names = [];
  for (const { name, args } of CHECKS) {
    say(`\nChecking ${name}.`);
    const [program, ...rest] = args;
    if ((await run(String(program), rest, { cwd: project })) !== 0) names.push(name);
  }
  return { passed: CHECKS.length - names.length, failed: names.length, names };
}

/**
 * Everything under Vitest; a skipped test counts as failed.
 * @param {string} project
 * @param {NodeJS.ProcessEnv} env
 * @param {string[]} filters
 * @returns {Promise<Tally>}
 */
async function vitest(project, env, filters = []) {
  say('\nRunning the unit, property, database and command tests.');
  const report = join(mkdtempSync(join(tmpdir(), 'katachron-report-')), 'vitest.json');
  const code = await run(
    'npx',
    [
      'vitest',
      'run',
      '--reporter=dot',
      '--reporter=./tools/second-goes.mjs',
      '--reporter=json',
      `--outputFile.json=${report}`,
      ...filters,
    ],
    { cwd: project, env: { ...process.env, ...env } },
  );
  return tallyOf(code, () => {
    const { numPassedTests: passed, numTotalTests: total, testResults } = readJson(report);
    const names = testResults.flatMap((/** @type {VitestFile} */ file) =>
      file.assertionResults.filter((one) => one.status !== 'passed').map(named),
    );
    return { passed, failed: total - passed, names };
  });
}

/**
 * @typedef {{ fullName: string, status: string, failureMessages?: string[] }} VitestTest
 * @typedef {{ assertionResults: VitestTest[] }} VitestFile
 * @typedef {{ file?: string, title: string, suites?: Suite[], specs?: { title: string, ok: boolean }[] }} Suite
 */

/** @param {VitestTest} test */
function named({ fullName, failureMessages = [] }) {
  return [fullName, failureMessages[0]?.split('\n')[0]].filter(Boolean).join(': ');
}

/**
 * @param {Suite[]} suites
 * @returns {string[]}
 */
function failedSpecs(suites) {
  return suites.flatMap(({ title, specs = [], suites: inner = [] }) => [
    ...specs.filter((spec) => !spec.ok).map((spec) => `${title} › ${spec.title}`),
    ...failedSpecs(inner),
  ]);
}

/**
 * The browser tests; each worker starts the built application with a database of its own.
 * @param {string} project
 * @param {NodeJS.ProcessEnv} env
 * @returns {Promise<Tally>}
 */
async function browser(project, env) {
  say('\nRunning the browser tests.');
  const report = join(mkdtempSync(join(tmpdir(), 'katachron-report-')), 'playwright.json');
  const code = await run('npx', ['playwright', 'test', '--reporter=line,json'], {
    cwd: join(project, 'app'),
    env: { ...process.env, ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: report },
  });
  return tallyOf(code, () => {
    const { stats, suites } = readJson(report);
    const { expected, unexpected, flaky, skipped } = stats;
    if (flaky > 0) say(`${flaky} browser tests passed only when they were run again.`);
    return { passed: expected + flaky, failed: unexpected + skipped, names: failedSpecs(suites) };
  });
}

/** @param {string} path */
function readJson(path) {
  return JSON.parse(readFileSync(path, 'utf8'));
}

/**
 * A runner that fell over without a failed test still counts as one.
 * @param {number} code
 * @param {() => Tally} read
 * @returns {Tally}
 */
function tallyOf(code, read) {
  try {
    const tally = read();
    return code !== 0 && tally.failed === 0 ? { ...tally, failed: 1 } : tally;
  } catch {
    return { passed: 0, failed: 1 };
  }
}

/** @param {Tally[]} tallies */
function conclude(tallies) {
  const passed = tallies.reduce((sum, tally) => sum + tally.passed, 0);
  const failed = tallies.reduce((sum, tally) => sum + tally.failed, 0);
  const names = tallies.flatMap((tally) => tally.names ?? []);
  if (names.length > 0) say(`\nFailed:\n${names.map((name) => `  ${name}`).join('\n')}`);
  say(`\n${passed} passed, ${failed} failed`);
  process.exitCode = failed > 0 ? 1 : 0;
}

/**
 * Types, lint, format and the tests that need neither database nor browser.
 * @param {string} project
 */
export async function quickCheck(project) {
  await needModules(project);
  conclude([
    await checks(project),
    await vitest(project, {}, ['--project=core', '--project=unit']),
  ]);
}

/**
 * Everything.
 * @param {string} project
 */
export async function wholeTest(project) {
  await needModules(project);
  const chromium = await needChromium();
  await needPdfRenderer();
  await needBuild(project);
  const tallies = [await checks(project)];
  const cluster = await throwawayCluster();
  try {
    tallies.push(await vitest(project, { TEST_DATABASE_URL: cluster.url }));
    tallies.push(
      await browser(project, { TEST_DATABASE_URL: cluster.url, KATACHRON_CHROMIUM: chromium }),
    );
  } finally {
    await cluster.remove();
  }
  conclude(tallies);
}
