import { axisLike } from './axisLike.ts';
import { requireUnit } from './requireUnit.ts';
import { UNIT_TEMPLATES } from './templateTable.ts';
import { unitFromTemplate } from './templates.ts';

const end = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };
const input = { name: 'Hoist', left: end, right: end, span: 60 };
const newId = (id: string): string => `second-${id}`;

describe('an axis of a usual arrangement for a unit that is there', () => {
  test('should make a sound unit of any two arrangements', () => {
    for (const first of UNIT_TEMPLATES)
      for (const second of UNIT_TEMPLATES) {
        const unit = unitFromTemplate(first, input);
        const { axis, parts } = axisLike(unit, second, input, '', newId);
        const both = { ...unit, axes: [...unit.axes, axis], parts: [...unit.parts, ...parts] };
        expect(() => requireUnit(both)).not.toThrow();
      }
  });

  test('should stand in the unit’s own case, and bring its own shaft and cover', () => {
    const unit = unitFromTemplate('coverShims', input);
    const renamed = {
      ...unit,
      parts: unit.parts.map((part) => (part.id === 'case' ? { ...part, name: 'Gearbox' } : part)),
    };
    const { axis, parts } = axisLike(renamed, 'coverShims', input, ' Countershaft ', newId);
    expect(axis).toMatchObject({ id: 'second-axis', name: 'Countershaft' });
    expect(parts.map(({ id }) => id).toSorted()).toEqual(['second-cover', 'second-shaft']);
    expect(new Set(axis.stations.map(({ partId }) => partId))).toEqual(
      new Set(['case', 'second-cover', 'second-shaft']),
    );
  });
});
