import type { JobState } from '../job/index.ts';
import { Bench, unitOf } from './tests/bench.ts';
import { possibleFindings } from './possibleFindings.ts';

test('what may be found depends on what is looked at, station or part; nothing is found on what is gone', () => {
  const part = {
    id: 'p',
    name: 'p',
    kind: 'shaft',
    material: null,
    mass: null,
    area: null,
    wall: null,
  };
  const unit = { id: 'u', name: 'u', description: '', axes: [], parts: [part] };
  const state = { unit } as unknown as JobState;
  expect(possibleFindings(state, { stationId: null, partId: 'p' })).toContain('cracked');
  expect(possibleFindings(state, { stationId: 'gone', partId: null })).toEqual([]);
  expect(possibleFindings(state, { stationId: null, partId: 'gone' })).toEqual([]);
});

test('what is spoiled by coming out is not found sound', () => {
  const bench = new Bench(unitOf('bushAndSeal'), 'overhaul');
  const { id } = bench.axis.stations.find(({ kind }) => kind === 'bush')!;
  const usual = () => possibleFindings(bench.state, { stationId: id, partId: null })[0];
  expect(usual()).toBe('sound');
  bench.record({ type: 'StepDone', data: { stepId: `pull:${id}`, note: '' } });
  expect(usual()).toBe('onceOnly');
});
