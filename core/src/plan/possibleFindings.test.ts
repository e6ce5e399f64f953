import type { Unit } from '../unit/index.ts';
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
  const unit = { id: 'u', name: 'u', description: '', axes: [], parts: [part] } as unknown as Unit;
  expect(possibleFindings(unit, { stationId: null, partId: 'p' })).toContain('cracked');
  expect(possibleFindings(unit, { stationId: 'gone', partId: null })).toEqual([]);
  expect(possibleFindings(unit, { stationId: null, partId: 'gone' })).toEqual([]);
});
