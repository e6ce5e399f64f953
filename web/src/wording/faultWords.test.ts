import { drawsFrom, randomUnit } from '@wendaxis/core/draws';
import type { InputError, InputFault } from '@wendaxis/core/faults';
import { DETAIL_NAMES, geometryFaults } from '@wendaxis/core/unit';
import { tryParseQuantity } from '@wendaxis/core/units';

import { screenUnits } from './screenUnits.ts';
import { faultsWords, faultWords } from './faultWords.ts';
import { FIELD_WORDS } from './fieldWords.ts';

const METRIC = screenUnits('metric');
const INCH = screenUnits('inch');
const OUTSIDE: InputFault = {
  code: 'contradiction',
  field: 'outside',
  value: 25.4,
  wanted: { id: 'aboveInside', inside: 30 },
};

describe('a fault on screen', () => {
  test('should say only what is wrong where it lies in no one field', () => {
    const fault: InputFault = {
      code: 'contradiction',
      field: '',
      value: null,
      wanted: { id: 'wayPast', moving: 'Seal', other: 'Case', between: ['seal', 'wall'] },
    };
    expect(faultWords(fault, screenUnits('metric'))).toBe(
      'Seal does not pass Case, neither in nor out',
    );
  });

  test('should call the field by its label, in the units of the screen', () => {
    expect(faultWords(OUTSIDE, METRIC)).toBe(
      'Outside diameter is 25.400 mm: expected more than the inside, 30.000 mm',
    );
    expect(faultWords(OUTSIDE, INCH)).toBe(
      'Outside diameter is 1.0000 in: expected more than the inside, 1.1811 in',
    );
  });

  test('should say where it is in a list, and that nothing is there', () => {
    const field = 'unit.axes[0].stations[2].mass';
    const wanted = { id: 'number', above: 0, unit: 'kg' } as const;
    expect(faultWords({ code: 'missing', field, value: undefined, wanted }, METRIC)).toBe(
      `Mass (${field}) is not given: expected more than 0.00 kg`,
    );
  });

  test('should show a figure of a material in the unit of its field', () => {
    const wanted = { id: 'number', min: 100, max: 1_000_000 } as const;
    const fault = { code: 'outOfRange', field: 'material.modulus', value: 2e9, wanted } as const;
    expect(faultsWords([fault], METRIC)).toBe(
      'Young’s modulus is 2000000 GPa: expected at least 0.1 GPa and at most 1000 GPa',
    );
  });

  test('should have a label for every detail, and no raw number in whatever a unit can be wrong in', () => {
    for (const name of DETAIL_NAMES) expect(FIELD_WORDS[name]!.words).toMatch(/^[A-Z]/u);
    let seen = 0;
    for (let seed = 1; seed <= 300; seed += 1)
      for (const fault of Object.values(geometryFaults(randomUnit(drawsFrom(seed)))).flat())
        for (const units of [METRIC, INCH]) {
          const words = faultWords(fault, units);
          seen += 1;
          expect(words).not.toMatch(/\d\.\d{5}|undefined|NaN|\[object/u);
          expect(words).toMatch(/^[A-Z]/u);
          if (units === INCH) expect(words).not.toMatch(/\d mm\b/u);
        }
    expect(seen).toBeGreaterThan(100);
  });

  test('should leave what was typed as it was typed', () => {
    const typed = tryParseQuantity('five', 'length', 'mm', 'width') as InputError;
    expect(faultsWords(typed.faults, METRIC)).toMatch(/^Width is “five”: expected a number/u);
  });
});
