import { run, say } from './setup/run.mjs';
import { ensurePackages } from './setup/packages.mjs';
import { temporaryPostgres } from './setup/postgres.mjs';

/**
 * `npm run trials`: the long form of what `npm test` does in short: 20,000 drawn units and 20,000 drawn logs, sound and
 * broken, through fold, plan, drawing and list; 3,000 sleeves from stiff to soft; 10,000 seats against a general solver of differential equations; and 10,000
 * malformed requests. The seeds run from WENDAXIS_SEED (1).
 */
await ensurePackages();
const seed = process.env.WENDAXIS_SEED ?? '1';
say(`20,000 units and logs from seed ${seed}, 10,000 seats, 10,000 malformed requests`);
const database = await temporaryPostgres();
const env = {
  DATABASE_URL: database.url,
  WENDAXIS_TRIALS: process.env.WENDAXIS_TRIALS ?? '20000',
  WENDAXIS_SLEEVES: process.env.WENDAXIS_SLEEVES ?? '3000',
  WENDAXIS_WINDOWS: process.env.WENDAXIS_WINDOWS ?? '10000',
  WENDAXIS_REQUESTS: process.env.WENDAXIS_REQUESTS ?? '10000',
  WENDAXIS_SEED: seed,
};
const tests = [
  'core/src/plan/anyJob.test.ts',
  'core/src/plan/everyTemplate.test.ts',
  'core/src/heat/waysIn.test.ts',
  'core/src/preload/sleeveSteps.test.ts',
  'core/src/simulate/virtualPair.test.ts',
  'core/src/tries/toldOdds.test.ts',
  'core/src/plan/wordsFit.test.ts',
  'core/src/thermal/seatWindow.test.ts',
  'core/src/heat/leastHeat.test.ts',
  'server/src/routes/badRequests.test.ts',
];
const { code } = await run('npx', ['jest', '--testTimeout=3600000', '--', ...tests], { env });
await database.stop();
process.exit(code);
