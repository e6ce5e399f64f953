import type { JobRow } from '@wendaxis/contract';

import { filterJobs } from './jobFilter.ts';

const job = (name: string, rest: Partial<JobRow> = {}): JobRow => ({
  jobId: name, name, reason: 'growls', stage: 'strip', scope: 'overhaul', next: 'step',
  step: { title: 'Drain the oil', reason: '' }, behind: 0, steps: 9, missing: [], finished: false,
  openedAt: '', updatedAt: '', pieces: {}, ...rest,
}); // prettier-ignore
const JOBS = [
  job('Old reel', { finished: true, step: null }),
  job('Winch', { missing: ['Seal: depth'] }),
  job('Axle', { step: { title: 'Measure the end play', reason: '' } }),
];
const names = (...args: Parameters<typeof filterJobs> extends [unknown, ...infer Rest] ? Rest : never) =>
  filterJobs(JOBS, ...args).map(({ name }) => name); // prettier-ignore

describe('the list of jobs', () => {
  test('should show what is on the bench, what lacks a figure, what is finished', () => {
    expect(names('bench', '')).toEqual(['Winch', 'Axle']);
    expect(names('lacking', '')).toEqual(['Winch']);
    expect(names('finished', '')).toEqual(['Old reel']);
  });

  test('should put finished ones last', () => {
    expect(names('all', '')).toEqual(['Winch', 'Axle', 'Old reel']);
  });

  test('should find every word in any order, in name, reason and next step', () => {
    expect(names('all', 'growls winch')).toEqual(['Winch']);
    expect(names('all', '  END play ')).toEqual(['Axle']);
    expect(names('all', 'winch axle')).toEqual([]);
  });
});
