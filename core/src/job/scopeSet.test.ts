import { Recorder } from './tests/recorder.ts';
import { unitFromTemplate } from '../unit/index.ts';

const end = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };
const UNIT = unitFromTemplate('coverShims', { name: 'Reel', left: end, right: end, span: 60 });
const opened = () => new Recorder(UNIT, 'overhaul');

describe('what a job is for', () => {
  test('should change while it is under way, and decide on what is named', () => {
    const job = opened();
    job.record({
      type: 'ScopeSet',
      data: { scope: 'renew', start: 'bare', renew: [{ stationId: 'seal-right' }] },
    });
    expect(job.state.sheet).toMatchObject({ scope: 'renew', start: 'bare', renew: ['seal-right'] });
    expect(job.state.inspection.decisions).toEqual({
      'seal-right': { verdict: 'replace', repair: null, reason: '' },
    });
    job.record({
      type: 'ScopeSet',
      data: { scope: 'renew', renew: [{ stationId: 'bearing-left' }] },
    });
    expect(Object.keys(job.state.inspection.decisions)).toEqual(['bearing-left']);
    expect(job.state.sheet.start).toBe('running');
  });

  test('should leave what was decided by looking', () => {
    const job = opened();
    const decided = { verdict: 'replace', repair: null, reason: 'Track pitted' } as const;
    job.record({ type: 'InspectionDecided', data: { targetId: 'bearing-left', ...decided } });
    job.record({
      type: 'ScopeSet',
      data: { scope: 'renew', renew: [{ stationId: 'seal-right' }] },
    });
    expect(job.state.inspection.decisions['bearing-left']).toEqual(decided);
    job.record({
      type: 'ScopeSet',
      data: { scope: 'renew', renew: [{ stationId: 'bearing-left' }] },
    });
    expect(job.state.inspection.decisions).toEqual({ 'bearing-left': decided });
  });

  test('should name only what the unit has', () => {
    const job = opened();
    job.record({ type: 'ScopeSet', data: { scope: 'renew', renew: [{ stationId: 'gone' }] } });
    expect(job.state.sheet.scope).toBe('overhaul');
    expect(job.state.log.ignored[0]!.reason).toContain('gone');
  });
});
