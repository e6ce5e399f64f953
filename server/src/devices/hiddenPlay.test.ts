import { randomUUID } from 'node:crypto';

import { foldJob, type JobEvent } from '@wendaxis/core/job';

import { sillLog } from '../demo/sill.ts';
import { hiddenPlay } from './deviceService.ts';

const SILL = sillLog();

describe('the hidden play of the virtual assembly', () => {
  const events = sillLog().events as unknown as readonly JobEvent[];
  const fitted = (thickness: number) =>
    foldJob([
      ...events,
      {
        ...events[0]!,
        id: randomUUID(),
        type: 'PackFitted',
        data: {
          siteId: 'cover-shims',
          pieces: [{ sizeId: 'x', thickness, quantity: 1, uncertainty: 0 }],
        },
      } as unknown as JobEvent,
    ]);

  test('should follow the pack that goes in, by the gain of its place', () => {
    const found = hiddenPlay(foldJob(events), SILL.streamId);
    expect(found).toBeGreaterThan(0.18);
    expect(hiddenPlay(fitted(0.9), SILL.streamId)).toBeCloseTo(found - 0.1, 9);
    expect(hiddenPlay(fitted(1.05), SILL.streamId)).toBeCloseTo(found + 0.05, 9);
  });
});
