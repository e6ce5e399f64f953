import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { createHash } from 'node:crypto';
import { join } from 'node:path';

import { withLock } from './lock.mjs';
import { ROOT, run, runOrFail, say } from './run.mjs';

const hashOf = (text) => createHash('sha256').update(text).digest('hex').slice(0, 16);

/** A name for this checkout, so that two checkouts on one machine keep apart. */
export const CHECKOUT = hashOf(ROOT);

/** Install the npm packages of the lock file, unless they are there already. */
export async function ensurePackages() {
  const wanted = hashOf(readFileSync(join(ROOT, 'package-lock.json')));
  const mark = join(ROOT, 'node_modules', '.wendaxis-lock');
  const current = () => existsSync(mark) && readFileSync(mark, 'utf8') === wanted;
  await withLock(join(tmpdir(), `wendaxis-npm-${CHECKOUT}`), async () => {
    if (current()) return;
    say('Installing npm packages from the lock file');
    await runOrFail('npm ci', 'npm', ['ci', '--no-audit', '--no-fund']);
    writeFileSync(mark, wanted);
  });
}

/**
 * Install Debian packages that are missing.
 * @param isThere tells whether what is needed is on the machine
 */
export async function ensureDebian(names, isThere, remedy) {
  if (await isThere()) return;
  const help = `${names.join(' and ')} is needed. ${remedy}`;
  if ((await run('apt-get', ['--version'], { quiet: true })).code !== 0)
    throw new Error(`${help} (This machine has no apt-get.)`);
  const root = process.getuid?.() === 0;
  const sudo = root ? [] : ['sudo', '-n'];
  if (!root && (await run('sudo', ['-n', 'true'], { quiet: true })).code !== 0)
    throw new Error(
      `${help} (No rights to install: run "apt-get install ${names.join(' ')}" as root.)`,
    );
  await withLock(join(tmpdir(), 'wendaxis-apt'), async () => {
    if (await isThere()) return;
    say(`Installing ${names.join(', ')} from Debian's packages`);
    const env = { DEBIAN_FRONTEND: 'noninteractive' };
    const apt = (...args) => {
      const [command, ...rest] = [
        ...sudo,
        'apt-get',
        '-o',
        'DPkg::Lock::Timeout=300',
        '-qq',
        ...args,
      ];
      return runOrFail(`apt-get ${args[0]}`, command, rest, { env });
    };
    await apt('update');
    await apt('install', '-y', '--no-install-recommends', ...names);
    if (!(await isThere())) throw new Error(help);
  });
}
