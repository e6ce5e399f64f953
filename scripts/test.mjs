import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';

import { ensureChromium } from './setup/chromium.mjs';
import { ensurePackages } from './setup/packages.mjs';
import { temporaryPostgres } from './setup/postgres.mjs';
import { ROOT, run, say } from './setup/run.mjs';
import { buildPages, buildServer } from './setup/server.mjs';

/**
 * `npm test`: types, lint, arrows, format, unit, server and browser tests, and one line that counts them. One after the other:
 * each keeps two cores at work by itself, and side by side they take a fifth more of them.
 */
const results = mkdtempSync(join(tmpdir(), 'wendaxis-results-'));
const leaving = [() => rmSync(results, { recursive: true, force: true })];
const total = { passed: 0, failed: 0 };
/** What failed, said once more at the end, where it is looked for. */
const failures = [];
/** How long each part took, and which tests took longest of it. */
const parts = [];
const began = Date.now();
/** How many of the slowest tests of a suite are named. */
const SLOWEST = 8;

const CHECKS = [
  ['types', ['npm', ['run', '-s', 'types']]],
  ['types of the core by itself', ['npm', ['run', '-s', 'types:core']]],
  ['lint', ['npm', ['run', '-s', 'lint']]],
  ['arrows between modules', ['npm', ['run', '-s', 'arrows']]],
  ['format', ['npm', ['run', '-s', 'format:check']]],
];

for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => void leave().then(() => process.exit(130)));
try {
  await timed('packages', ensurePackages);
  const database = process.env.DATABASE_URL
    ? { url: process.env.DATABASE_URL, stop: async () => undefined }
    : await timed('database', temporaryPostgres);
  leaving.push(database.stop);
  await timed('browser', ensureChromium);
  say('Building the pages and the server');
  const [pages, bundle] = await timed('builds', () => Promise.all([buildPages(), buildServer()]));
  leaving.push(pages.remove, bundle.remove);
  const env = {
    DATABASE_URL: database.url,
    WENDAXIS_PAGES: pages.folder,
    WENDAXIS_SERVER: bundle.program,
  };
  await checksAndUnitTests(env);
  await browserTests(env);
} catch (error) {
  failures.push(error.message);
  total.failed += 1;
}
await leave();
for (const { name, seconds, slowest = [] } of parts)
  process.stdout.write(
    `${[`${seconds.toFixed(0).padStart(5)} s  ${name}`, ...slowest.map((one) => `         ${one}`)].join('\n')}\n`,
  );
process.stdout.write(`${((Date.now() - began) / 1000).toFixed(0).padStart(5)} s  in all\n`);
for (const message of failures) process.stdout.write(`\n${shortened(message)}\n`);
process.stdout.write(`\n${total.passed} passed, ${total.failed} failed\n`);
process.exit(total.failed === 0 ? 0 : 1);

async function leave() {
  for (const step of leaving.splice(0).toReversed()) await step();
}

/** Do a part, and remember how long it took. */
async function timed(name, part) {
  const from = Date.now();
  const outcome = await part();
  const row = { name, seconds: (Date.now() - from) / 1000, slowest: outcome?.slowest };
  if (row.seconds >= 1) parts.push(row);
  return outcome;
}

async function checksAndUnitTests(env) {
  say(`Checking ${CHECKS.map(([name]) => name).join(', ')}`);
  for (const [name, [command, args]] of CHECKS) await timed(name, () => check(name, command, args));
  await timed('unit and server tests', () =>
    suite(
      'unit and server tests',
      'jest',
      [
        '--ci',
        '--forceExit',
        '--silent',
        '--maxWorkers=2',
        '--json',
        `--outputFile=${join(results, 'jest.json')}`,
      ],
      env,
      'jest.json',
      (json) => ({
        passed: json.numPassedTests,
        failed: json.numFailedTests + json.numRuntimeErrorTestSuites,
        messages: json.testResults
          .filter(({ status }) => status === 'failed')
          .map(({ name, message }) => `${name}\n${message}`),
        took: json.testResults.map(({ name, startTime, endTime }) => [
          relative(ROOT, name),
          endTime - startTime,
        ]),
      }),
    ),
  );
}

function browserTests(env) {
  return timed('browser tests', () =>
    suite(
      'browser tests',
      'playwright',
      ['test', '--config', 'e2e/playwright.config.ts'],
      { ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: join(results, 'e2e.json') },
      'e2e.json',
      (json) => ({
        passed: json.stats.expected + json.stats.flaky,
        failed: json.stats.unexpected,
        messages: json.suites.flatMap(browserFailures),
        took: json.suites.flatMap(browserTimes),
      }),
    ),
  );
}

/** One of the checks, beside the others; what it prints is shown when it fails. */
async function check(name, command, args) {
  const { code, output } = await run(command, args, { quiet: true });
  const messages = code === 0 ? [] : [`${name}\n${output.trim()}`];
  count({ passed: code === 0 ? 1 : 0, failed: code === 0 ? 0 : 1, messages });
}

/**
 * Run a test runner and read its own count; a runner that fails without a failed test counts as one.
 * @returns what took longest of it
 */
async function suite(name, program, args, env, file, read) {
  say(`Running ${name}`);
  const { code } = await run('npx', [program, ...args], { env });
  const path = join(results, file);
  const counted = existsSync(path)
    ? read(JSON.parse(readFileSync(path, 'utf8')))
    : { passed: 0, failed: 1 };
  count(code !== 0 && counted.failed === 0 ? { ...counted, failed: 1 } : counted);
  const slowest = (counted.took ?? [])
    .toSorted(([, a], [, b]) => b - a)
    .slice(0, SLOWEST)
    .map(([what, took]) => `${(took / 1000).toFixed(0).padStart(4)} s  ${what}`);
  return { slowest };
}

function count({ passed, failed, messages = [] }) {
  failures.push(...messages);
  total.passed += passed;
  total.failed += failed;
}

function browserFailures({ suites = [], specs = [] }) {
  const own = specs
    .filter(({ ok }) => !ok)
    .map(({ file, line, title, tests }) => {
      const errors = tests.flatMap(({ results }) => results.flatMap((one) => one.errors));
      return [`${file}:${line} ${title}`, ...errors.map(({ message }) => message)].join('\n');
    });
  return [...own, ...suites.flatMap(browserFailures)];
}

function browserTimes({ suites = [], specs = [] }) {
  const own = specs.map(({ file, title, tests }) => [
    `${file} ${title}`,
    tests.flatMap(({ results }) => results).reduce((sum, { duration }) => sum + duration, 0),
  ]);
  return [...own, ...suites.flatMap(browserTimes)];
}

function shortened(message) {
  const lines = message.split('\n');
  return [...lines.slice(0, 60), ...(lines.length > 60 ? ['…'] : [])].join('\n');
}
