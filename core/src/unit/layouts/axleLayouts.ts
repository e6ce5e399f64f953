import type { Station } from '../unit.ts';
import {
  bearing,
  END,
  part,
  placesOf,
  seal,
  shaftOf,
  station,
  type Layout,
  type TemplateInput,
} from './layout.ts';

const AXLE_PARTS = [
  part('case', 'Axle case', 'case'),
  part('carrier', 'Differential carrier', 'carrier'),
];

/** A bevel pinion on tapered rollers back to back, head on the left; `between` is what stands between the cones. */
function pinion(
  input: TemplateInput,
  between: (bore: number, from: number, to: number) => readonly Station[],
): Layout {
  const x = placesOf(input);
  const [l, r] = [input.left.dimensions, input.right.dimensions];
  const [bore, shoulder] = [Math.max(l.bore, r.bore), 0.85 * Math.min(l.outside, r.outside)];
  const on = { partId: 'shaft' };
  const head = 0.7 * l.bore;
  const stations = [
    ...shaftOf(input, x, Math.min(l.bore, r.bore)).filter(
      ({ id }) => id !== 'end-left' && id !== 'end-right',
    ),
    station('pinion', 'gear', 'Pinion head', [x.left - 1.2 - head, head, 0, 1.6 * l.bore], on),
    station('depth-shim', 'shimSite', 'Depth shim', [x.left - 1.2, 1.2, l.bore, 1.3 * l.bore], {
      ...on,
      place: 'behindHeadCone',
    }),
    station('wall-left', 'housing', 'Nose, head bearing', [x.left, l.width, l.outside, x.rim]),
    station('wall-between', 'housing', 'Shoulders between the cups', [
      x.leftEnd,
      input.span,
      shoulder,
      x.rim,
    ]),
    station('wall-right', 'housing', 'Nose, tail bearing', [
      x.right,
      r.width + 10,
      r.outside,
      x.rim,
    ]),
    bearing('left', input, x.left, {
      kind: 'taperedRoller',
      thrust: 'right',
      tight: 'both',
      name: 'Head bearing',
    }),
    bearing('right', input, x.right, {
      kind: 'taperedRoller',
      thrust: 'left',
      tight: 'outer',
      name: 'Tail bearing',
    }),
    ...between(bore, x.leftEnd, x.right),
    { ...seal('right', input, x.rightEnd + 2.5, 'case'), name: 'Shaft seal' },
    station('flange', 'gear', 'Drive flange', [x.rightEnd + 11, 10, END * r.bore, r.outside], on),
    station('nut', 'nut', 'Pinion nut', [x.rightEnd + 21.5, 9, END * r.bore, 1.4 * r.bore], on),
    station('end-right', 'shaftStep', 'Splined end', [x.rightEnd, 34, 0, END * r.bore], on),
  ];
  return { parts: [part('case', 'Axle case', 'case'), part('shaft', 'Pinion', 'shaft')], stations };
}

/** How large what stands between the cones can be: it goes through both cups. */
function rimBetween({ left, right }: TemplateInput, bore: number): number {
  const outside = Math.min(left.dimensions.outside, right.dimensions.outside);
  return Math.max(1.08 * bore, Math.min(1.25 * bore, bore + 0.4 * (outside - bore)));
}

/** A pinion on one piece between its cones. */
export function pinionOn(
  input: TemplateInput,
  id: string,
  name: string,
  spacerType: 'collapsible' | 'solid',
): Layout {
  return pinion(input, (bore, from, to) => [
    station(id, 'spacer', name, [from, to - from, bore, rimBetween(input, bore)], {
      partId: 'shaft',
      spacerType,
      place: 'betweenClampedCones',
    }),
  ]);
}

/** Preload set by crushing a collapsible sleeve with the nut. */
export function pinionSleeve(input: TemplateInput): Layout {
  return pinionOn(input, 'sleeve', 'Collapsible sleeve', 'collapsible');
}

/** Preload set by a solid spacer with shims beside it. */
export function pinionSpacer(input: TemplateInput): Layout {
  return pinion(input, (bore, from, to) => {
    const shims = Math.min(0.8, (to - from) / 4);
    return [
      station(
        'spacer',
        'spacer',
        'Solid spacer',
        [from, to - from - shims, bore, rimBetween(input, bore)],
        {
          partId: 'shaft',
          spacerType: 'solid',
        },
      ),
      station(
        'shims',
        'shimSite',
        'Shims beside the spacer',
        [to - shims, shims, bore, rimBetween(input, bore)],
        { partId: 'shaft', place: 'betweenClampedCones' },
      ),
    ];
  });
}

/** Preload set by a solid spacer that is turned to its length. */
export function pinionSolid(input: TemplateInput): Layout {
  return pinionOn(input, 'spacer', 'Solid spacer', 'solid');
}

type Setting = (
  side: 'left' | 'right',
  input: TemplateInput,
  x: ReturnType<typeof placesOf>,
) => Station;

/** A differential carrier on tapered rollers face to face; `setting` is what positions it at each side. */
function carrier(input: TemplateInput, setting: Setting): Layout {
  const x = placesOf(input);
  const [l, r] = [input.left.dimensions, input.right.dimensions];
  const on = { partId: 'carrier' };
  const body = 1.15 * Math.max(l.outside, r.outside);
  const stations = [
    ...shaftOf(input, x, body).map((step): Station => ({
      ...step,
      partId: 'carrier',
      name: step.id === 'body' ? 'Carrier body' : step.name,
    })),
    station(
      'ring-gear',
      'gear',
      'Ring gear',
      [x.leftEnd + 0.12 * input.span, 0.2 * input.span, body, 2 * body],
      on,
    ),
    station('wall-left', 'housing', 'Bearing saddle, left', [
      x.left - 8,
      l.width + 8,
      l.outside,
      x.rim,
    ]),
    station('wall-right', 'housing', 'Bearing saddle, right', [
      x.right,
      r.width + 8,
      r.outside,
      x.rim,
    ]),
    bearing('left', input, x.left, { kind: 'taperedRoller', thrust: 'left', tight: 'inner' }),
    bearing('right', input, x.right, { kind: 'taperedRoller', thrust: 'right', tight: 'inner' }),
    setting('left', input, x),
    setting('right', input, x),
    station(
      'caps',
      'bolts',
      'Bearing cap bolts',
      [x.left + 0.3 * l.width, 0.4 * l.width, 0.8 * x.rim, 0.95 * x.rim],
      { pattern: 'row' },
    ),
  ];
  return { parts: AXLE_PARTS, stations, mesh: { driverId: null, drivenId: 'ring-gear' } };
}

/** Shims outboard of the cups. */
export function carrierOutboard(input: TemplateInput): Layout {
  return carrier(input, (side, { [side]: { dimensions } }, x) =>
    station(
      `shims-${side}`,
      'shimSite',
      `Shims outboard, ${side}`,
      [
        side === 'left' ? x.left - 1.5 : x.rightEnd,
        1.5,
        0.85 * dimensions.outside,
        dimensions.outside,
      ],
      { place: 'outboardOfCup' },
    ),
  );
}

/** Shims between the carrier's shoulders and the cones. */
export function carrierInboard(input: TemplateInput): Layout {
  return carrier(input, (side, { [side]: { dimensions }, span }, x) => {
    const shim = Math.min(1.2, span / 10);
    return station(
      `shims-${side}`,
      'shimSite',
      `Shims inboard, ${side}`,
      [side === 'left' ? x.leftEnd : x.right - shim, shim, dimensions.bore, 1.2 * dimensions.bore],
      { partId: 'carrier', place: 'betweenShoulderAndCone' },
    );
  });
}

/** Threaded adjusters against the cups. */
export function carrierAdjusters(input: TemplateInput): Layout {
  return carrier(input, (side, { [side]: { dimensions } }, x) =>
    station(
      `adjuster-${side}`,
      'adjuster',
      `Adjuster, ${side}`,
      [side === 'left' ? x.left - 8 : x.rightEnd, 8, 0.75 * dimensions.outside, dimensions.outside],
      { place: 'adjusterCupInwards', hand: 'right', lock: 'lockTab' },
    ),
  );
}
