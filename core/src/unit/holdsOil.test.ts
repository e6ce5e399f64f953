import { holdsOil } from './holdsOil.ts';
import { UNIT_TEMPLATES, unitFromTemplate } from './index.ts';

test('a bare part on a bench should hold no oil, and everything that turns in a case should', () => {
  const ring = {
    designation: null,
    family: null,
    dimensions: { bore: 30, outside: 62, width: 16 },
  };
  const dry = UNIT_TEMPLATES.filter(
    (id) => !holdsOil(unitFromTemplate(id, { name: id, left: ring, right: ring, span: 120 })),
  );
  expect(dry).toEqual(['oneRace', 'oneBush', 'pistonCover', 'bushAndSeal']);
});
