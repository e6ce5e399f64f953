import { InputError } from '@wendaxis/core/faults';

import {
  driverFrom,
  EMPTY_DRIVER,
  EMPTY_ROD,
  EMPTY_SPACER,
  rodFrom,
  spacerFrom,
} from './pressToolEntry.ts';

const fieldOf = (card: unknown) => (card instanceof InputError ? card.faults[0]!.field : card);

describe('the cards of what things are pressed and drawn with', () => {
  test('should be read in the screen’s unit, or in the one that is typed', () => {
    expect(
      driverFrom({ ...EMPTY_DRIVER, name: ' Tube ', outside: '2', bore: '40 mm' }, 'd', 'inch'),
    ).toEqual({
      id: 'd',
      name: 'Tube',
      outside: 50.8,
      bore: 40,
    });
    expect(
      rodFrom({ name: 'Rod', thread: 'M12', pitch: '1.75', strength: '8.8' }, 'r', 'metric'),
    ).toMatchObject({ thread: 12, pitch: 1.75, strength: '8.8' });
  });

  test('should have a nose where there is a collar, and spacers their limits', () => {
    const driver = { ...EMPTY_DRIVER, name: 'Stepped', outside: '20', bore: '0', nose: '12' };
    expect(driverFrom({ ...driver, noseWithin: '0.02' }, 'd', 'metric')).toMatchObject({
      nose: 12,
      noseWithin: 0.02,
    });
    // How well it is known is not guessed.
    expect(fieldOf(driverFrom(driver, 'd', 'metric'))).toBe('driver.noseWithin');
    const spacer = {
      ...EMPTY_SPACER,
      name: 'Washer',
      thickness: '2',
      within: '0.01',
      bore: '20.5',
    };
    expect(spacerFrom({ ...spacer, outside: '40' }, 's', 'metric')).toMatchObject({ count: 1 });
    expect(fieldOf(spacerFrom({ ...spacer, outside: '20' }, 's', 'metric'))).toBe('spacer.bore');
    expect(fieldOf(spacerFrom({ ...spacer, outside: '40', count: '0' }, 's', 'metric'))).toBe(
      'spacer.count',
    );
  });

  test('should name what cannot be so', () => {
    expect(fieldOf(driverFrom(EMPTY_DRIVER, 'd', 'metric'))).toBe('name');
    expect(
      fieldOf(driverFrom({ ...EMPTY_DRIVER, name: 'T', outside: '20', bore: '20' }, 'd', 'metric')),
    ).toBe('driver.bore');
    expect(fieldOf(rodFrom({ ...EMPTY_ROD, name: 'R', thread: 'x' }, 'r', 'metric'))).toBe(
      'rod.thread',
    );
    expect(
      fieldOf(rodFrom({ ...EMPTY_ROD, name: 'R', thread: '4', pitch: '3' }, 'r', 'metric')),
    ).toBe('rod.pitch');
  });
});
