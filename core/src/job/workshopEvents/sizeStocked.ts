import {
  identifier,
  leftOut,
  millimetres,
  number,
  orNull,
  record,
  whole,
} from '../../schema/index.ts';
import { refuse } from '../../faults/index.ts';
import { workshopEvent } from '../eventRow.ts';
import { requireMicrometres } from '../pieces.ts';
import { replaced } from '../rowsById.ts';

/** A counted size: replaces the earlier count of the same size. */
export const sizeStocked = workshopEvent({
  type: 'SizeStocked',
  since: 1,
  data: record({
    sizeId: identifier(),
    thickness: millimetres(0.001, 20),
    uncertainty: millimetres(0, 0.1),
    /** Pieces in all, those in jobs included. */
    count: whole(0, 400),
    /** Of one piece, in the workshop's money; null or absent where it is not known. */
    price: leftOut(orNull(number(0, 100_000))),
    /** Diameters of a piece; null or absent where they are not known. */
    inside: leftOut(orNull(millimetres(1, 1000))),
    outside: leftOut(orNull(millimetres(1, 1000))),
  }),
  joint: ({ thickness, inside, outside }) => {
    requireMicrometres(thickness);
    if (inside != null && outside != null && outside <= inside)
      refuse('contradiction', 'outside', outside, { id: 'aboveInside', inside });
  },
  says: ({ count, thickness }, tell) => `In the box: ${count} shims of ${tell.show(thickness)}`,
  reduce: (
    state,
    { data: { sizeId: id, thickness, uncertainty, count, price, inside, outside } },
  ) => {
    const known = state.sizes.find((row) => row.id === id);
    const size = {
      id,
      thickness,
      uncertainty,
      count,
      price: price ?? known?.price ?? null,
      ...diameters(inside ?? known?.inside, outside ?? known?.outside),
    };
    return { ...state, sizes: replaced(state.sizes, size, (row) => row.id) };
  },
});

/** The diameters of a piece as far as they are known. */
const diameters = (inside: number | undefined, outside: number | undefined) => ({
  ...(inside === undefined ? {} : { inside }),
  ...(outside === undefined ? {} : { outside }),
});
