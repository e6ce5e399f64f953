import type { Side } from '../side.ts';
import {
  bearing,
  END,
  part,
  placesOf,
  station,
  type Layout,
  type TemplateInput,
} from './layout.ts';

/** A bush in a housing and a seal beside it, the shaft through both. */
export function bushAndSeal(input: TemplateInput): Layout {
  const x = placesOf(input);
  const [l, r] = [input.left.dimensions, input.right.dimensions];
  // It goes in from the side on which there is room for it.
  const wayIn: Side = l.outside <= r.outside ? 'left' : 'right';
  const between = (r.bore + r.outside) / 2;
  const middle = x.leftEnd + input.span / 2;
  const on = { partId: 'shaft' };
  const stations = [
    station('journal', 'shaftStep', 'Journal', [x.left - 20, middle - x.left + 20, 0, l.bore], on),
    station('track', 'shaftStep', 'Seal track', [middle, x.rightEnd + 20 - middle, 0, r.bore], on),
    station('boss', 'housing', 'Boss of the bush', [x.left, l.width, l.outside, x.rim]),
    station('wall', 'housing', 'Housing', [
      x.leftEnd,
      input.span,
      wayIn === 'left' ? Math.max(l.outside, between) : between,
      x.rim,
    ]),
    station('nose', 'housing', 'Seal bore', [x.right, r.width, r.outside, x.rim]),
    station('bush', 'bush', 'Bush', [x.left, l.width, l.bore, l.outside], { wayIn }),
    station('seal-right', 'seal', 'Seal', [x.right, r.width, r.bore, r.outside], {
      wayIn: 'left',
      lip: 'left',
    }),
  ];
  return {
    parts: [part('case', 'Housing', 'case'), part('shaft', 'Shaft', 'shaft')],
    stations,
  };
}

/** Two bearings driven into one bore one behind the other, a tube between their outer rings, a snap ring before the nearer. */
export function oneBore(input: TemplateInput): Layout {
  const x = placesOf(input);
  const [l, r] = [input.left.dimensions, input.right.dimensions];
  // The larger is the nearer one: the other goes past its seat.
  const isOpenRight = l.outside <= r.outside;
  const [deep, near] = isOpenRight ? [l, r] : [r, l];
  const wayIn: Side = isOpenRight ? 'left' : 'right';
  const on = { partId: 'shaft' };
  const shaft = Math.min(l.bore, r.bore);
  const shoulder = deep.bore + 0.6 * (deep.outside - deep.bore);
  const [stop, ring] = isOpenRight ? [x.left - 6, x.rightEnd] : [x.rightEnd, x.left - 2];
  const tube = near.bore + 0.7 * (near.outside - near.bore);
  const stations = [
    station('end-left', 'shaftStep', 'Left end', [x.left - 24, 24, 0, END * l.bore], on),
    station('seat-left', 'shaftStep', 'Left seat', [x.left, l.width, 0, l.bore], on),
    station('body', 'shaftStep', 'Shaft body', [x.leftEnd, input.span, 0, shaft], on),
    station('seat-right', 'shaftStep', 'Right seat', [x.right, r.width, 0, r.bore], on),
    station('end-right', 'shaftStep', 'Right end', [x.rightEnd, 24, 0, END * r.bore], on),
    station('bore-left', 'housing', 'Bore, left', [x.left, l.width, l.outside, x.rim]),
    station('bore-between', 'housing', 'Bore between them', [
      x.leftEnd,
      input.span,
      near.outside,
      x.rim,
    ]),
    station('bore-right', 'housing', 'Bore, right', [x.right, r.width, r.outside, x.rim]),
    station('shoulder', 'housing', 'Shoulder of the bore', [stop, 6, shoulder, x.rim]),
    ...(['left', 'right'] as const).map((side) => ({
      ...bearing(side, input, side === 'left' ? x.left : x.right, {
        kind: 'ballBearing',
        tight: 'outer',
      }),
      wayIn,
      lettering: isOpenRight ? ('right' as const) : ('left' as const),
    })),
    station('tube', 'spacer', 'Distance tube', [
      x.leftEnd,
      input.span,
      Math.min(tube, 0.96 * near.outside),
      near.outside,
    ]),
    station('ring', 'snapRing', 'Snap ring', [ring, 2, 0.9 * near.outside, 1.04 * near.outside]),
  ];
  return {
    parts: [part('case', 'Housing', 'case'), part('shaft', 'Shaft', 'shaft')],
    stations,
  };
}
