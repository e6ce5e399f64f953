import { spawn } from 'node:child_process';

/** The repository's root. */
export const ROOT = new URL('../../', import.meta.url).pathname;

/** Say what is being done, on one line. */
export function say(text) {
  process.stdout.write(`• ${text}\n`);
}

/**
 * Run a program to its end.
 * @returns its exit code and what it printed (empty when the output goes straight to the terminal)
 */
export function run(command, args, { quiet = false, env = {}, cwd = ROOT, account = {} } = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      cwd,
      env: { ...process.env, ...env },
      stdio: quiet ? ['ignore', 'pipe', 'pipe'] : ['ignore', 'inherit', 'inherit'],
      ...account,
    });
    let output = '';
    child.stdout?.on('data', (chunk) => (output += chunk));
    child.stderr?.on('data', (chunk) => (output += chunk));
    child.once('error', (error) => resolve({ code: 127, output: error.message }));
    child.once('close', (code, signal) => resolve({ code: signal === null ? code : 1, output }));
  });
}

/** As {@link run}, raising an error that shows what was printed when the program fails. */
export async function runOrFail(what, command, args, options = {}) {
  const { code, output } = await run(command, args, { quiet: true, ...options });
  if (code !== 0) throw new Error(`${what} failed (exit ${code}):\n${output.trim().slice(-2000)}`);
  return output;
}
