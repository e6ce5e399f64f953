import { unitFromTemplate, type Unit } from '../../unit/index.ts';

const end = (bore: number, outside: number) => ({
  designation: null,
  family: null,
  dimensions: { bore, outside, width: 15 },
});
const MADE = unitFromTemplate('crankcaseHalves', {
  name: 'Case',
  left: end(25, 52),
  right: end(30, 62),
  span: 60,
});
/** Case halves of aluminium of which mass and surface are known, with a 6205 and a 6206 as sizes. */
export const HALVES: Unit = {
  ...MADE,
  parts: MADE.parts.map((part) => ({
    ...part,
    material: part.kind === 'shaft' ? 'carbonSteel' : 'castAluminium',
    mass: 1.6,
    area: 0.09,
  })),
};
