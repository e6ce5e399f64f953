import { EVENT_VERSION, JOB_EVENTS, type JobEvent, type JobEventType } from '../job/index.ts';
import type { Draws } from './draws.ts';
import { openedWith } from './openedWith.ts';
import { instantAt } from './instantAt.ts';
import { dataOf } from './randomData.ts';
import { randomUnit } from './randomUnit.ts';

const TYPES = Object.keys(JOB_EVENTS) as readonly JobEventType[];
/** What is done over and over comes more often; what ends a job, seldom. */
const OFTEN: readonly JobEventType[] = [
  'ReadingTaken',
  'ReadingTaken',
  'ReadingTaken',
  'RunOpened',
  'SpecSet',
  'SizeMeasured',
  'TorqueRead',
];
const SELDOM: readonly JobEventType[] = ['JobFinished', 'AxisRemoved', 'JobOpened'];

/** Something that no rule of the wire would let through, in place of a value. */
const BROKEN: readonly unknown[] = [
  null,
  '',
  'constructor',
  '__proto__',
  -1,
  1e9,
  1e308,
  [],
  {},
  true,
  '2026-W48-2',
];

/** A log about a drawn unit. @param broken share of events with one value that no wire would have let through */
export function randomLog(draws: Draws, length: number, broken = 0): readonly JobEvent[] {
  const unit = randomUnit(draws);
  const log: JobEvent[] = [];
  const add = (type: JobEventType, data: object) => {
    const seq = log.length + 1;
    const spoilt = draws.chance(broken);
    log.push({
      id: `e${seq}`,
      seq,
      type,
      version: EVENT_VERSION,
      by: 'ann',
      at: spoilt && draws.chance(0.2) ? '2026-W48-2' : instantAt(seq),
      data: spoilt ? spoil(draws, data) : data,
    } as unknown as JobEvent);
  };
  add('JobOpened', openedWith(draws, unit));
  while (log.length < length) {
    const type = draws.one(draws.chance(0.5) ? OFTEN : TYPES);
    if (!SELDOM.includes(type) || draws.chance(0.2)) add(type, dataOf(draws, type, unit, log));
  }
  return log;
}

/** A copy with one value somewhere replaced. */
function spoil(draws: Draws, data: object): object {
  const entries = Object.entries(data);
  if (entries.length === 0) return data;
  const [name, value] = draws.one(entries) as [string, unknown];
  const deeper = typeof value === 'object' && value !== null && draws.chance(0.7);
  const changed = deeper ? spoil(draws, value) : draws.one(BROKEN);
  return Array.isArray(data) ? data.with(Number(name), changed) : { ...data, [name]: changed };
}
