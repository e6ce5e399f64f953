import type { RuleId } from '../ruleIds.ts';
import type { Rule, RuleFor, Subject } from '../rule.ts';
import { BOOK_IN_RULES } from './bookInRules.ts';
import { FINISH_RULES } from './finishRules.ts';
import { CLOSE_RULES } from './closeRules.ts';
import { OFF_RULES } from './offRules.ts';
import { ON_RULES } from './onRules.ts';
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
  ...OFF_RULES,
  ...REACH_RULES,
  ...INSPECT_RULES,
  ...RENEW_RULES,
  ...SEAT_RULES,
  ...SMALL_RULES,
  ...RETAIN_RULES,
  ...ON_RULES,
  ...SET_RULES,
  ...PRELOAD_RULES,
  ...PAIR_RULES,
  ...CLOSE_RULES,
  ...FINISH_RULES,
];

/** Rules by their ids: each is only given what it is on. */
export const RULE_OF: ReadonlyMap<RuleId, RuleFor<Subject>> = new Map(
  RULES.map((rule) => [rule.id, rule as RuleFor<Subject>]),
);
