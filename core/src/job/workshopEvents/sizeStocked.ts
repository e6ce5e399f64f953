import {
  identifier,
  leftOut,
  millimetres,
  number,
  orNull,
  record,
  whole,
} from '../../schema/index.ts';
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
  }),
  joint: ({ thickness }) => requireMicrometres(thickness),
  says: ({ count, thickness }, tell) => `In the box: ${count} shims of ${tell.show(thickness)}`,
  reduce: (state, { data: { sizeId: id, thickness, uncertainty, count, price } }) => {
    const known = state.sizes.find((row) => row.id === id)?.price ?? null;
    const size = { id, thickness, uncertainty, count, price: price ?? known };
    return { ...state, sizes: replaced(state.sizes, size, (row) => row.id) };
  },
});
