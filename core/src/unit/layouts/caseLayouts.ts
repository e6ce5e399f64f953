import {
  bearing,
  part,
  placesOf,
  seal,
  shaftOf,
  station,
  type Layout,
  type TemplateInput,
} from './layout.ts';

const CASE_SHAFT = [part('case', 'Case', 'case'), part('shaft', 'Shaft', 'shaft')];

/** A crank between two case halves: bearings in the halves, shims on the crank, seals outside. */
export function crankcaseHalves(input: TemplateInput): Layout {
  const x = placesOf(input);
  const l = input.left.dimensions;
  const seam = (x.leftEnd + x.right) / 2;
  const web = 1.1 * x.rim;
  const shim = Math.min(0.5, input.span / 8);
  const stations = [
    ...shaftOf(input, x),
    station(
      'webs',
      'shaftStep',
      'Crank webs',
      [x.leftEnd + 0.15 * input.span, 0.7 * input.span, 0, web],
      { partId: 'shaft' },
    ),
    ...halvesOf(input, x, { seam, web }),
    {
      ...bearing('left', input, x.left, {
        kind: 'ballBearing',
        tight: 'both',
        partId: 'half-left',
      }),
      wayIn: 'left' as const,
    },
    {
      ...bearing('right', input, x.right, {
        kind: 'ballBearing',
        tight: 'both',
        partId: 'half-right',
      }),
      wayIn: 'right' as const,
    },
    station(
      'shims',
      'shimSite',
      'Crank shims',
      [x.leftEnd, shim, l.bore, 0.5 * (l.bore + l.outside)],
      { partId: 'shaft', place: 'fillsThrustGap' },
    ),
    seal('left', input, x.left - 8.5, 'half-left'),
    seal('right', input, x.rightEnd + 1.5, 'half-right'),
    station('dowels', 'dowel', 'Case dowels', [seam - 8, 16, 1.05 * web, 1.08 * web], {
      partId: 'half-right',
      count: 2,
    }),
    station('bolts', 'bolts', 'Case bolts', [seam - 12, 24, 1.14 * web, 1.2 * web], {
      partId: 'half-right',
      pattern: 'pan',
    }),
  ];
  return {
    parts: [
      part('half-left', 'Left case half', 'caseHalf'),
      part('half-right', 'Right case half', 'caseHalf'),
      part('shaft', 'Crankshaft', 'shaft'),
    ],
    stations,
  };
}

/** Wall, plate and rim of each half. */
function halvesOf(
  { left, right }: TemplateInput,
  x: ReturnType<typeof placesOf>,
  { seam, web }: { readonly seam: number; readonly web: number },
) {
  const [l, r] = [left.dimensions, right.dimensions];
  const [fore, aft] = [{ partId: 'half-left' }, { partId: 'half-right' }];
  return [
    station(
      'wall-left',
      'housing',
      'Left half, bearing wall',
      [x.left - 9, l.width + 9, l.outside, x.rim],
      fore,
    ),
    station(
      'plate-left',
      'housing',
      'Left half, plate',
      [x.leftEnd - 7, 7, x.rim, 1.25 * web],
      fore,
    ),
    station(
      'rim-left',
      'housing',
      'Left half, joint',
      [x.leftEnd, seam - x.leftEnd, 1.1 * web, 1.25 * web],
      fore,
    ),
    station(
      'wall-right',
      'housing',
      'Right half, bearing wall',
      [x.right, r.width + 9, r.outside, x.rim],
      aft,
    ),
    station('plate-right', 'housing', 'Right half, plate', [x.right, 7, x.rim, 1.25 * web], aft),
    station(
      'rim-right',
      'housing',
      'Right half, joint',
      [seam, x.right - seam, 1.1 * web, 1.25 * web],
      aft,
    ),
  ];
}

/** A gear cluster on loose rollers on a fixed countershaft, floating between two thrust washers. */
export function floatingCountershaft(input: TemplateInput): Layout {
  const x = placesOf(input);
  const [l, r] = [input.left.dimensions, input.right.dimensions];
  const [pin, bore] = [Math.min(l.bore, r.bore), Math.max(l.outside, r.outside)];
  const rollers = (side: 'left' | 'right', at: number) => {
    const { bore: journal, outside, width } = input[side].dimensions;
    return station(
      `rollers-${side}`,
      'looseRollers',
      `Rollers, ${side}`,
      [at, width, journal, outside],
      { partId: 'cluster', rollerDiameter: (outside - journal) / 2 },
    );
  };
  const length = x.rightEnd - x.left;
  const on = { partId: 'cluster' };
  const stations = [
    station('pin', 'shaftStep', 'Countershaft', [x.left - 18, length + 36, 0, pin], {
      partId: 'shaft',
    }),
    station('cluster', 'gear', 'Gear cluster', [x.left, length, bore, 1.5 * bore], on),
    station(
      'big-gear',
      'gear',
      'Driven gear',
      [x.left + 0.1 * length, 0.25 * length, 1.5 * bore, 2.4 * bore],
      on,
    ),
    rollers('left', x.left),
    rollers('right', x.right),
    station('washer-left', 'thrustWasher', 'Thrust washer, left', [x.left - 2, 2, pin, 1.4 * bore]),
    station('washer-right', 'shimSite', 'Thrust washer, right', [x.rightEnd, 2, pin, 1.4 * bore], {
      place: 'fillsThrustGap',
    }),
    station('wall-left', 'housing', 'Case wall, left', [x.left - 14, 12, pin, 2.6 * bore]),
    station('wall-right', 'housing', 'Case wall, right', [x.rightEnd + 2, 12, pin, 2.6 * bore]),
  ];
  return { parts: [...CASE_SHAFT, part('cluster', 'Gear cluster', 'carrier')], stations };
}

/** A gear between two needle thrust bearings, its float set by one washer. */
export function needleThrustStack(input: TemplateInput): Layout {
  const x = placesOf(input);
  const [l, r] = [input.left.dimensions, input.right.dimensions];
  const bore = Math.max(l.bore, r.bore);
  const needle = (side: 'left' | 'right', at: number) => {
    const {
      designation,
      dimensions: { width, bore: inside, outside },
    } = input[side];
    return station(
      `needles-${side}`,
      'needleThrust',
      `Needle thrust bearing, ${side}`,
      [at, width, inside, outside],
      { partId: 'shaft', ...(designation === null ? {} : { designation }) },
    );
  };
  const stations = [
    station(
      'shaft',
      'shaftStep',
      'Shaft',
      [x.left - 16, x.rightEnd - x.left + 34, 0, Math.min(l.bore, r.bore)],
      { partId: 'shaft' },
    ),
    station('collar', 'shaftStep', 'Shaft collar', [x.left - 8, 8, 0, 1.1 * l.outside], {
      partId: 'shaft',
    }),
    needle('left', x.left),
    station(
      'gear',
      'gear',
      'Gear',
      [x.leftEnd, input.span, bore, 1.9 * Math.max(l.outside, r.outside)],
      { partId: 'shaft' },
    ),
    needle('right', x.right),
    station('shims', 'shimSite', 'Thrust washer', [x.rightEnd, 2, r.bore, r.outside], {
      partId: 'shaft',
      place: 'fillsThrustGap',
    }),
    station('ring', 'snapRing', 'Snap ring', [x.rightEnd + 2, 2, 0.96 * r.bore, 1.3 * r.bore], {
      partId: 'shaft',
    }),
  ];
  return { parts: CASE_SHAFT, stations };
}
