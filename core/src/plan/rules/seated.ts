import type { After } from '../rule.ts';

export const READY: readonly After[] = [
  { rule: 'compare', of: 'station' },
  { rule: 'newPart', of: 'station' },
  { rule: 'repair', of: 'station' },
  { rule: 'repairPart', of: 'all' },
  { rule: 'replacePart', of: 'all' },
  { rule: 'inspect', of: 'station' },
  { rule: 'inspectPart', of: 'all' },
];
