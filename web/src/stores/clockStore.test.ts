import { useClocks, type HeldClock } from './clockStore.ts';

const clock = (clockId: string, jobId: string): HeldClock => ({
  clockId,
  jobId,
  jobName: 'Case',
  partName: 'Half',
  kind: 'oven',
  targetId: 'half',
  seconds: 60,
  startedAt: '2026-01-01T00:00:00.000Z',
  stoppedAt: null,
});
const ids = () => useClocks.getState().clocks.map(({ clockId }) => clockId);

describe('clocks held for the header', () => {
  test('should follow each job’s log and leave other jobs’ clocks alone', () => {
    const { hold } = useClocks.getState();
    hold('one', [clock('a', 'one'), clock('b', 'one')]);
    hold('two', [clock('c', 'two')]);
    expect(ids()).toEqual(['a', 'b', 'c']);
    hold('one', [clock('b', 'one')]);
    expect(ids().toSorted()).toEqual(['b', 'c']);
    hold('two', []);
    expect(ids()).toEqual(['b']);
  });

  test('should remember which were heard', () => {
    useClocks.getState().hear('b');
    expect(useClocks.getState().heard).toContain('b');
  });
});
