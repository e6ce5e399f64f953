import type { Rule } from '../rule.ts';
import { BOOK_IN_RULES } from './bookInRules.ts';
import { FINISH_RULES } from './finishRules.ts';
import { CLAMP_RULES } from './clampRules.ts';
import { CLOSE_RULES } from './closeRules.ts';
import { PAIR_RULES } from './pairRules.ts';
import { REACH_RULES } from './reachRules.ts';
import { RENEW_RULES } from './renewRules.ts';
import { INSPECT_RULES } from './inspectRules.ts';
import { RETAIN_RULES } from './retainRules.ts';
import { SEAT_RULES } from './seatRules.ts';
import { PRELOAD_RULES } from './preloadRules.ts';
import { PULL_RULES } from './pullRules.ts';
import { SET_RULES } from './setRules.ts';
import { SMALL_RULES } from './smallRules.ts';
import { STRIP_RULES } from './stripRules.ts';

/** Every rule of the plan. Where nothing else decides, steps stand in this order. */
export const RULES: readonly Rule[] = [
  ...BOOK_IN_RULES,
  ...STRIP_RULES,
  ...PULL_RULES,
  ...REACH_RULES,
  ...INSPECT_RULES,
  ...RENEW_RULES,
  ...SEAT_RULES,
  ...SMALL_RULES,
  ...RETAIN_RULES,
  ...SET_RULES,
  ...CLAMP_RULES,
  ...PRELOAD_RULES,
  ...PAIR_RULES,
  ...CLOSE_RULES,
  ...FINISH_RULES,
];
