import { spawn } from 'node:child_process';

import { ensurePackages } from './setup/packages.mjs';
import { sharedPostgres } from './setup/postgres.mjs';
import { ROOT } from './setup/run.mjs';

/** `npm run dev`: the server restarts and the pages reload as files change. */
await ensurePackages();
const database = process.env.DATABASE_URL
  ? { url: process.env.DATABASE_URL, stop: async () => undefined }
  : await sharedPostgres('demo');
const env = { ...process.env, DATABASE_URL: database.url, WENDAXIS_DEMO: '1', PORT: '4180' };
const options = { cwd: ROOT, env, stdio: 'inherit' };
const children = [
  spawn('npx', ['tsx', 'watch', 'server/src/main.ts'], options),
  spawn('npx', ['vite', 'web'], options),
];
process.on('SIGINT', () => undefined); // the children get it too and end by themselves
await Promise.all(children.map((child) => new Promise((resolve) => child.once('exit', resolve))));
await database.stop();
