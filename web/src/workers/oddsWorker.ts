import { expose } from 'comlink';

import { orderSizes, packOdds, whatRaisesOdds } from '@wendaxis/core/odds';

/** What the worker computes: many draws at a time, away from the screen. */
const ODDS_WORKER = { packOdds, whatRaisesOdds, orderSizes };
export type OddsWorker = typeof ODDS_WORKER;

expose(ODDS_WORKER);
