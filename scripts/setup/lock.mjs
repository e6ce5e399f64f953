import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';

/** Whether a process is alive. */
export function alive(pid) {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return error.code === 'EPERM';
  }
}

/** Do something while no other process of ours does; a lock left by a dead process is taken over. */
export async function withLock(folder, action) {
  mkdirSync(join(folder, '..'), { recursive: true });
  while (!tryLock(folder)) await sleep(200);
  try {
    return await action();
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

function tryLock(folder) {
  const owner = join(folder, 'pid');
  try {
    mkdirSync(folder);
    writeFileSync(owner, String(process.pid));
    return true;
  } catch {
    try {
      if (!alive(Number(readFileSync(owner, 'utf8')))) rmSync(folder, { recursive: true });
    } catch {
      // The owner is just writing its number, or has just let go: look again.
    }
    return false;
  }
}
