import { InputError } from '@wendaxis/core/faults';
import { unitFromTemplate, writeUnitFile } from '@wendaxis/core/unit';

import { NO_BEARING } from './bearingEntry.ts';
import { beginUnit, unitFromFile } from './bookIn.ts';

const ENTRY = {
  left: { ...NO_BEARING, designation: '30206' },
  right: { ...NO_BEARING, designation: '30205' },
  span: '60',
};
const TEMPLATE = { from: 'template', template: 'coverShims' } as const;

describe('beginning a unit', () => {
  test('should be drawn as soon as both ends and the distance are there', () => {
    expect(beginUnit(TEMPLATE, 'Reel', ENTRY, 'metric')).toMatchObject({ name: 'Reel' });
    expect(beginUnit(TEMPLATE, '', ENTRY, 'metric')).toMatchObject({ name: 'Unnamed' });
    expect(beginUnit(TEMPLATE, 'Reel', { ...ENTRY, span: '' }, 'metric')).toBeNull();
    expect(beginUnit(TEMPLATE, 'Reel', { ...ENTRY, left: NO_BEARING }, 'metric')).toBeNull();
  });

  test('should say what is wrong instead of drawing it', () => {
    const result = beginUnit(TEMPLATE, 'Reel', { ...ENTRY, span: '0' }, 'metric');
    expect(result instanceof InputError && result.faults[0]!.field).toBe('span');
  });

  test('should begin from a whole unit under a name of its own', () => {
    const made = beginUnit(TEMPLATE, 'Reel', ENTRY, 'metric');
    if (made === null || made instanceof InputError) throw new Error('not made');
    const beginning = { from: 'unit', words: '', unit: made } as const;
    expect(beginUnit(beginning, ' Second ', ENTRY, 'metric')).toEqual({ ...made, name: 'Second' });
    expect(beginUnit(beginning, '', ENTRY, 'metric')).toBe(made);
  });
});

describe('a unit from a file', () => {
  test('should be the unit, or the reason why not', () => {
    const dimensions = { bore: 20, outside: 47, width: 14 };
    const end = { designation: null, family: null, dimensions };
    const unit = unitFromTemplate('thrustWasher', {
      name: 'Reel',
      left: end,
      right: end,
      span: 40,
    });
    expect(unitFromFile(writeUnitFile(unit))).toEqual(unit);
    const refused = unitFromFile('{}');
    expect(refused instanceof InputError && refused.faults[0]!.field).toBe('format');
  });
});
