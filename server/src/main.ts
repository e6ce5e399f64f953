import { startInProcess } from './inProcess.ts';

const server = await startInProcess(process.env).catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exit(1);
});
process.stdout.write(`Wendaxis is open at ${server.address}\n`);

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.once(signal, () => void server.stop().then(() => process.exit(0)));
