import 'reflect-metadata';
import { faultsOfEvent } from './tests/batches.ts';

describe('an axis by itself, and a torque through another', () => {
  test.each([
    [{ axis: [] }, 'axis'],
    [{ axis: { id: 'a', name: 'a', arrangement: 'sideways', sets: [] } }, 'axis.arrangement'],
    [{ axis: { id: 'toString', name: 'a', arrangement: 'faceToFace', sets: [] } }, 'axis.id'],
  ])('should be refused as %j', (data, field) => {
    expect(faultsOfEvent('AxisDescribed', data)[0]?.field).toBe(`events[0].data.${field}`);
  });

  test('should be refused where a carrier is said to be read at itself', () => {
    const spec = {
      specId: 's',
      axisId: 'a',
      kind: 'rollingTorque',
      band: { lower: 1, upper: 2, target: null },
      source: '',
    };
    const through = (axisId: string) =>
      faultsOfEvent('SpecSet', { ...spec, through: { axisId, ratio: 4 } });
    expect(through('b')).toEqual([]);
    expect(through('a')[0]?.field).toBe('events[0].data.through.axisId');
  });
});
