import { InputError } from '@wendaxis/core/faults';

import { driverFrom, EMPTY_DRIVER, EMPTY_ROD, rodFrom } from './pressToolEntry.ts';

const fieldOf = (card: unknown) => (card instanceof InputError ? card.faults[0]!.field : card);

describe('the cards of what things are pressed and drawn with', () => {
  test('should be read in the screen’s unit, or in the one that is typed', () => {
    expect(driverFrom({ name: ' Tube ', outside: '2', bore: '40 mm' }, 'd', 'inch')).toEqual({
      id: 'd',
      name: 'Tube',
      outside: 50.8,
      bore: 40,
    });
    expect(
      rodFrom({ name: 'Rod', thread: 'M12', pitch: '1.75', strength: '8.8' }, 'r', 'metric'),
    ).toMatchObject({ thread: 12, pitch: 1.75, strength: '8.8' });
  });

  test('should name what cannot be so', () => {
    expect(fieldOf(driverFrom(EMPTY_DRIVER, 'd', 'metric'))).toBe('name');
    expect(fieldOf(driverFrom({ name: 'T', outside: '20', bore: '20' }, 'd', 'metric'))).toBe(
      'driver.bore',
    );
    expect(fieldOf(rodFrom({ ...EMPTY_ROD, name: 'R', thread: 'x' }, 'r', 'metric'))).toBe(
      'rod.thread',
    );
    expect(
      fieldOf(rodFrom({ ...EMPTY_ROD, name: 'R', thread: '4', pitch: '3' }, 'r', 'metric')),
    ).toBe('rod.pitch');
  });
});
