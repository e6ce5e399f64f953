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

const CASE_COVER_SHAFT = [
  part('case', 'Case', 'case'),
  part('cover', 'Cover', 'cover'),
  part('shaft', 'Shaft', 'shaft'),
];
const CASE_SHAFT = [part('case', 'Case', 'case'), part('shaft', 'Shaft', 'shaft')];

/** Tapered rollers face to face: cups held from outside, shims under the cover flange. */
export function coverShims(input: TemplateInput): Layout {
  const x = placesOf(input);
  const [l, r] = [input.left.dimensions, input.right.dimensions];
  const seam = x.rightEnd + 3;
  const cover = { partId: 'cover' };
  const bore = Math.max(0.82 * r.outside, 0.94 * r.bore + 6);
  const stations = [
    ...shaftOf(input, x),
    station('wall-left', 'housing', 'Case wall, left', [x.left - 6, l.width + 8, l.outside, x.rim]),
    station('shoulder-left', 'housing', 'Shoulder behind the cup', [
      x.left - 6,
      6,
      0.8 * l.outside,
      l.outside,
    ]),
    station('wall-right', 'housing', 'Case wall, right', [
      x.right - 4,
      seam - x.right + 4,
      r.outside,
      x.rim,
    ]),
    {
      ...bearing('left', input, x.left, { kind: 'taperedRoller', thrust: 'left', tight: 'inner' }),
      // Its shoulder is outside: it goes in from the open side of the case.
      wayIn: 'left',
      lettering: 'right',
    } as const,
    bearing('right', input, x.right, { kind: 'taperedRoller', thrust: 'right', tight: 'inner' }),
    station('spigot', 'cover', 'Cover spigot', [x.rightEnd, 4, 0.82 * r.outside, r.outside], cover),
    station('shims', 'shimSite', 'Cover shims', [seam, 1, r.outside, x.rim], {
      ...cover,
      place: 'underCoverFlange',
    }),
    station('flange', 'cover', 'Cover flange', [seam + 1, 10, bore, x.rim], cover),
    seal('right', input, seam + 3, 'cover'),
    station('bolts', 'bolts', 'Cover bolts', [seam + 1, 15, 0.84 * x.rim, 0.92 * x.rim], {
      ...cover,
      pattern: 'circle',
    }),
  ];
  return { parts: CASE_COVER_SHAFT, stations };
}

/** Tapered rollers face to face: one cup against a shoulder, the other held by a threaded adjuster in the case. */
export function adjusterOneEnd(input: TemplateInput): Layout {
  const x = placesOf(input);
  const r = input.right.dimensions;
  const isKept = (id: string) =>
    /^(end|seat|bearing)-|^body$|^wall-left$|^shoulder-left$/u.test(id);
  const stations = [
    ...coverShims(input).stations.filter(({ id }) => isKept(id)),
    station('wall-right', 'housing', 'Case wall, right', [
      x.right - 4,
      r.width + 16,
      r.outside,
      x.rim,
    ]),
    station('adjuster', 'adjuster', 'Adjuster', [x.rightEnd, 10, 0.75 * r.outside, r.outside], {
      place: 'adjusterCupInwards',
      hand: 'right',
      lock: 'lockTab',
    }),
  ];
  return { parts: CASE_SHAFT, stations };
}

/** Cover shims, and a gear that turns on a sleeve held between the shaft's shoulder and the right cone. */
export function retainedGear(input: TemplateInput): Layout {
  const x = placesOf(input);
  const { parts, stations } = coverShims(input);
  const { bore } = input.right.dimensions;
  const on = { partId: 'shaft' };
  const [shim, sleeve] = [Math.min(1, input.span / 20), 0.4 * input.span];
  const from = x.right - shim - sleeve;
  const free = stations.map((one) =>
    one.id === 'body' ? { ...one, width: from - x.leftEnd } : one,
  );
  return {
    parts,
    stations: [
      ...free,
      station('seat-sleeve', 'shaftStep', 'Seat of the sleeve', [from, sleeve + shim, 0, bore], on),
      station('sleeve', 'spacer', 'Gear sleeve', [from, sleeve, bore, 1.2 * bore], {
        ...on,
        spacerType: 'solid',
      }),
      station(
        'gear',
        'gear',
        'Gear on its sleeve',
        [from, sleeve - 0.15, 1.2 * bore, 1.9 * bore],
        on,
      ),
      station(
        'sleeve-shims',
        'shimSite',
        'Shims at the gear sleeve',
        [x.right - shim, shim, bore, 1.25 * bore],
        { ...on, place: 'gearSleeve' },
      ),
    ],
  };
}

/** Tapered rollers back to back: cones clamped by a nut on a spacer with shims beside it. */
export function coneSpacerShims(input: TemplateInput): Layout {
  const x = placesOf(input);
  const [l, r] = [input.left.dimensions, input.right.dimensions];
  const [bore, shoulder] = [Math.max(l.bore, r.bore), 0.85 * Math.min(l.outside, r.outside)];
  const on = { partId: 'shaft' };
  const stations = [
    ...shaftOf(input, x, bore),
    station('head', 'shaftStep', 'Shaft shoulder', [x.left - 8, 8, 0, 1.3 * l.bore], on),
    station('nut', 'nut', 'Nut', [x.rightEnd, 8, r.bore, 1.45 * r.bore], on),
    station('wall-left', 'housing', 'Case wall, left', [x.left, l.width, l.outside, x.rim]),
    station('wall-between', 'housing', 'Shoulders between the cups', [
      x.leftEnd,
      input.span,
      shoulder,
      x.rim,
    ]),
    station('wall-right', 'housing', 'Case wall, right', [x.right, r.width, r.outside, x.rim]),
    bearing('left', input, x.left, { kind: 'taperedRoller', thrust: 'right', tight: 'inner' }),
    bearing('right', input, x.right, { kind: 'taperedRoller', thrust: 'left', tight: 'inner' }),
    station(
      'spacer',
      'spacer',
      'Cone spacer',
      [x.leftEnd, Math.max(0.1, input.span - 0.9), bore, 1.2 * bore],
      { ...on, spacerType: 'solid' },
    ),
    station(
      'shims',
      'shimSite',
      'Shims beside the spacer',
      [x.right - 0.9, 0.9, bore, 1.2 * bore],
      { ...on, place: 'betweenClampedCones' },
    ),
  ];
  return { parts: CASE_SHAFT, stations };
}

/** A shaft whose end float is set by one washer between its shoulder and the left wall. */
export function thrustWasher(input: TemplateInput): Layout {
  const x = placesOf(input);
  const [l, r] = [input.left.dimensions, input.right.dimensions];
  const stations = [
    ...shaftOf(input, x),
    station('wall-left', 'housing', 'Case wall, left', [x.left - 2, l.width + 2, l.outside, x.rim]),
    station('wall-right', 'housing', 'Case wall, right', [x.right, r.width + 2, r.outside, x.rim]),
    bearing('left', input, x.left, { kind: 'ballBearing', tight: 'outer' }),
    bearing('right', input, x.right, { kind: 'ballBearing', tight: 'outer' }),
    station(
      'shims',
      'shimSite',
      'Thrust washer',
      [x.leftEnd, Math.min(2, input.span / 2), l.bore, 0.5 * (l.bore + l.outside)],
      { partId: 'shaft', place: 'fillsThrustGap' },
    ),
  ];
  return { parts: CASE_SHAFT, stations };
}
