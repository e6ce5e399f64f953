import { expose } from 'comlink';

import { jointOdds, orderSizes, packOdds, whatRaisesOdds } from '@wendaxis/core/odds';
import { jointOrder } from '@wendaxis/core/shims';

/** What the worker computes: many draws or packs at a time, away from the screen. */
const ODDS_WORKER = { packOdds, whatRaisesOdds, orderSizes, jointOdds, jointOrder };
export type OddsWorker = typeof ODDS_WORKER;

expose(ODDS_WORKER);
