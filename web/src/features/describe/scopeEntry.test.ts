import { unitFromTemplate } from '@wendaxis/core/unit';

import { scopeOf, WHOLE_JOB } from './scopeEntry.ts';

const end = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };
const unit = unitFromTemplate('coverShims', { name: 'Hoist', left: end, right: end, span: 60 });

describe('what a job is booked in for', () => {
  test('should be all of a running unit where nothing else is said', () => {
    expect(scopeOf(unit, WHOLE_JOB)).toEqual({ scope: 'overhaul', start: 'running' });
  });

  test('should wait for something to renew, and leave out what the unit does not have', () => {
    const renewing = { ...WHOLE_JOB, scope: 'renew' as const, start: 'open' as const };
    expect(scopeOf(unit, renewing)).toBeNull();
    expect(scopeOf(unit, { ...renewing, renew: ['of-another-unit'] })).toBeNull();
    expect(scopeOf(unit, { ...renewing, renew: ['of-another-unit', 'seal-right'] })).toEqual({
      scope: 'renew',
      start: 'open',
      renew: [{ stationId: 'seal-right' }],
    });
  });
});
