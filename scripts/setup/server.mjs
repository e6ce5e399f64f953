import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';

import { ROOT, runOrFail } from './run.mjs';

/** Build the pages into a folder of its own, so that two builds do not disturb each other. */
export async function buildPages() {
  const folder = mkdtempSync(join(tmpdir(), 'wendaxis-pages-'));
  await runOrFail('build of the pages', 'npx', [
    'vite',
    'build',
    'web',
    '--outDir',
    folder,
    '--emptyOutDir',
    '--logLevel',
    'warn',
  ]);
  return { folder, remove: () => rmSync(folder, { recursive: true, force: true }) };
}

/**
 * Bundle the server into a folder of its own beside its sources: it opens in a second, and edits do not reach it while it runs.
 * @returns the file to run, and a way to remove it
 */
export async function buildServer() {
  const builds = join(ROOT, 'server', '.build');
  mkdirSync(builds, { recursive: true });
  const folder = mkdtempSync(join(builds, 'server-'));
  await runOrFail('build of the server', 'npx', [
    'vite',
    'build',
    'server',
    '--config',
    join(ROOT, 'server', 'vite.config.ts'),
    '--ssr',
    '--outDir',
    folder,
    '--logLevel',
    'warn',
  ]);
  return {
    program: join(folder, 'main.js'),
    remove: () => rmSync(folder, { recursive: true, force: true }),
  };
}

/**
 * Start the bundled server within this process, which reads and warms its program once for many of them.
 * @param env as for `startServer`; where `WENDAXIS_SERVER` names no bundle it is started as a program
 * @returns the address, and a way to stop it
 */
export async function startHere(env) {
  const all = { ...process.env, ...env };
  if (!all.WENDAXIS_SERVER) return startServer(env);
  const { startInProcess } = await import(join(dirname(all.WENDAXIS_SERVER), 'inProcess.js'));
  return startInProcess(all);
}

/**
 * Start the server, bundled where `WENDAXIS_SERVER` names the file and else from its sources, and wait for its address.
 * @returns the address, a way to stop it, and a promise of its end
 */
export function startServer(env) {
  const all = { ...process.env, ...env };
  const program = all.WENDAXIS_SERVER;
  const args = program ? [program] : ['--import', 'tsx', 'server/src/main.ts'];
  const child = spawn(process.execPath, args, {
    cwd: ROOT,
    env: all,
    stdio: ['ignore', 'pipe', 'inherit'],
    detached: true, // Ctrl-C reaches us first; we then stop things in order
  });
  const ended = new Promise((resolve) => child.once('exit', resolve));
  const stop = async (signal = 'SIGTERM') => {
    child.kill(signal);
    await ended;
  };
  return new Promise((resolve, reject) => {
    let printed = '';
    child.stdout.on('data', (chunk) => {
      printed += chunk;
      const address = /open at (\S+)/.exec(printed)?.[1];
      if (address) resolve({ address, stop, ended });
      if (address && !/open at/.test(String(chunk))) process.stdout.write(chunk); // warnings of the server
    });
    child.once('exit', (code) => reject(new Error(`the server stopped with code ${code}`)));
  });
}
