import { END, part, placesOf, station, type Layout, type TemplateInput } from './layout.ts';

/** A single bush in a housing, the shaft through it. */
export function oneBush(input: TemplateInput): Layout {
  const x = placesOf(input);
  const { bore, outside, width } = input.left.dimensions;
  return {
    parts: [part('case', 'Housing', 'case'), part('shaft', 'Shaft', 'shaft')],
    stations: [
      station('journal', 'shaftStep', 'Journal', [x.left - 20, width + 40, 0, bore], {
        partId: 'shaft',
      }),
      station('boss', 'housing', 'Boss', [x.left, width, outside, x.rim]),
      station('bush', 'bush', 'Bush', [x.left, width, bore, outside]),
    ],
  };
}

/** One race on a shaft against its shoulder, held by a nut. */
export function oneRace(input: TemplateInput): Layout {
  const x = placesOf(input);
  const { designation, dimensions } = input.left;
  const { bore, outside, width } = dimensions;
  const on = { partId: 'shaft' };
  const shoulder = bore + 0.3 * (outside - bore);
  return {
    parts: [part('shaft', 'Shaft', 'shaft')],
    stations: [
      station('body', 'shaftStep', 'Shoulder', [x.left - 30, 30, 0, shoulder], on),
      station('seat', 'shaftStep', 'Seat', [x.left, width, 0, bore], on),
      station('end', 'shaftStep', 'Threaded end', [x.leftEnd, 26, 0, END * bore], on),
      station('bearing-left', 'ballBearing', 'Race', [x.left, width, bore, outside], {
        ...on,
        tightRing: 'inner',
        ...(designation === null ? {} : { designation }),
      }),
      station('nut', 'nut', 'Nut', [x.leftEnd, 8, END * bore, 1.4 * bore], on),
    ],
  };
}

/** Two needle thrust bearings on either side of a fixed plate, clamped on a spacer through it. */
export function thrustPastPlate(input: TemplateInput): Layout {
  const x = placesOf(input);
  const [l, r] = [input.left.dimensions, input.right.dimensions];
  const on = { partId: 'shaft' };
  const hole = Math.min(l.bore, r.bore);
  const shaft = 0.8 * hole;
  const rim = Math.max(l.outside, r.outside);
  const needle = (side: 'left' | 'right', at: number) => {
    const { designation, dimensions } = input[side];
    const { width, bore, outside } = dimensions;
    return station(
      `needles-${side}`,
      'needleThrust',
      `Needle thrust bearing, ${side}`,
      [at, width, bore, outside],
      {
        ...on,
        ...(designation === null ? {} : { designation }),
      },
    );
  };
  return {
    parts: [part('case', 'Case', 'case'), part('shaft', 'Shaft', 'shaft')],
    stations: [
      station('head', 'shaftStep', 'Shaft collar', [x.left - 10, 10, 0, rim], on),
      station('step', 'shaftStep', 'Shaft', [x.left, x.rightEnd - x.left + 24, 0, shaft], on),
      needle('left', x.left),
      station('plate', 'housing', 'Fixed plate', [x.leftEnd, input.span, 1.05 * hole, 1.6 * rim]),
      needle('right', x.right),
      station('spacer', 'spacer', 'Spacer', [x.left, x.rightEnd - x.left, shaft, 0.98 * hole], {
        ...on,
        spacerType: 'solid',
        place: 'pastFixedPlate',
      }),
      station('washer', 'thrustWasher', 'Thrust race', [x.rightEnd, 3, shaft, r.outside], on),
      station('nut', 'nut', 'Nut', [x.rightEnd + 3, 8, 0.94 * shaft, 1.5 * shaft], on),
    ],
  };
}

/** A piston with its two seals in a cover, held by a snap ring. */
export function pistonCover(input: TemplateInput): Layout {
  const x = placesOf(input);
  const { bore, outside, width } = input.left.dimensions;
  const on = { partId: 'cover' };
  const groove = 0.12 * (outside - bore);
  const seal = (id: string, name: string, inside: number, over: number) =>
    station(id, 'pistonSeal', name, [x.left + 0.3 * width, 0.4 * width, inside, over], {
      ...on,
      lip: 'left',
    });
  return {
    parts: [part('case', 'Case', 'case'), part('cover', 'Cover', 'cover')],
    stations: [
      station('back', 'cover', 'Back of the cover', [x.left - 10, 6, 0.6 * bore, x.rim], on),
      station('guide', 'cover', 'Guide', [x.left - 4, width + 24, 0.6 * bore, bore], on),
      station('bore', 'cover', 'Bore', [x.left - 4, width + 24, outside, x.rim], on),
      station('piston', 'piston', 'Piston', [x.left, width, bore, outside], {
        ...on,
        wayIn: 'left',
      }),
      seal('seal-inner', 'Inner piston seal', bore, bore + groove),
      seal('seal-outer', 'Outer piston seal', outside - groove, outside),
      station(
        'ring',
        'snapRing',
        'Snap ring',
        [x.leftEnd + 6, 2, 0.92 * outside, 1.03 * outside],
        on,
      ),
      station('wall', 'housing', 'Case wall', [x.left - 22, 12, 0.7 * bore, x.rim]),
      station(
        'joint-ring',
        'oRing',
        'Joint O-ring',
        [x.left - 12, 3, 0.9 * x.rim, 0.93 * x.rim],
        on,
      ),
      station('dowels', 'dowel', 'Dowels', [x.left - 16, 10, 0.86 * x.rim, 0.89 * x.rim], on),
      station('bolts', 'bolts', 'Cover bolts', [x.left - 14, 20, 0.94 * x.rim, 0.98 * x.rim], {
        ...on,
        pattern: 'circle',
      }),
    ],
  };
}
