import { unitFromTemplate } from '@wendaxis/core/unit';

import { attachFit, fitTargets } from './attachFit.ts';
import { EMPTY_QUESTION } from './fitsDesk.ts';

const end = { designation: null, family: null, dimensions: { bore: 25, outside: 52, width: 15 } };
const UNIT = unitFromTemplate('crankcaseHalves', { name: 'Case', left: end, right: end, span: 60 });
const [target] = fitTargets(UNIT);

describe('attaching an answer of the fits desk', () => {
  test('should offer the bearings of a unit and nothing else', () => {
    expect(fitTargets(UNIT).map(({ station }) => station.id)).toEqual([
      'bearing-left',
      'bearing-right',
    ]);
  });

  test('should put the class of the seat on the side that was asked for', () => {
    const asked = { ...EMPTY_QUESTION, diameter: '52', hole: ' N7 ', shaft: '52' };
    const bore = attachFit(target!, asked, '9 to 39 µm tight');
    expect(bore.described!.station).toMatchObject({ id: 'bearing-left', boreClass: 'N7' });
    expect(bore.note).toMatch(/^Fits desk, .*, outer ring, N7 \/ 52 at 52: 9 to 39 µm tight$/);
    const journal = attachFit(target!, { ...asked, ring: 'inner', hole: '25', shaft: 'k5' }, '');
    expect(journal.described!.station).toMatchObject({ journalClass: 'k5' });
    expect(journal.described!.station.boreClass).toBeUndefined();
  });

  test('should leave a measured size to its own step', () => {
    expect(
      attachFit(target!, { ...EMPTY_QUESTION, hole: '51.98', shaft: '52' }, '').described,
    ).toBeNull();
  });
});
