import { opposite } from '../side.ts';
import type { Axis, Station } from '../unit.ts';
import { crankcaseHalves } from './caseLayouts.ts';
import {
  END,
  part,
  placesOf,
  station,
  type Box,
  type Layout,
  type TemplateInput,
} from './layout.ts';

/** A crank between two case halves, and beside it the two shafts of its gearbox, from half to half. */
export function crankGearbox(input: TemplateInput): Layout {
  const crank = crankcaseHalves(input);
  return {
    parts: [
      ...crank.parts,
      part('input-shaft', 'Input shaft', 'shaft'),
      part('output-shaft', 'Output shaft', 'shaft'),
    ],
    stations: crank.stations,
    beside: [
      gearboxShaft(input, 'input', 'Input shaft'),
      gearboxShaft(input, 'output', 'Output shaft'),
    ],
  };
}

/** Sizes that a gearbox shaft is drawn by: in proportion to the crank's bearings. mm. */
function proportionsOf(input: TemplateInput) {
  const { left, right } = input;
  const least = (of: 'bore' | 'outside' | 'width') =>
    Math.min(left.dimensions[of], right.dimensions[of]);
  const { leftEnd: from, right: to } = placesOf(input);
  return {
    bore: 0.6 * least('bore'),
    outside: 0.75 * least('outside'),
    width: 0.8 * least('width'),
    from,
    to,
  };
}
type Proportions = ReturnType<typeof proportionsOf>;

/** A shaft of the gearbox: a bearing in each half, a gear between, on the output a seal outside. */
function gearboxShaft(input: TemplateInput, id: string, name: string): Axis {
  const by = proportionsOf(input);
  const { bore, outside, width, from, to } = by;
  const gap = 0.3 * (to - from);
  const gear: Box = [from + gap, 0.4 * (to - from), 1.2 * bore, 1.8 * outside];
  const seal: Box = [to + width + 2, 6, END * bore, outside];
  return {
    id: `${id}-axis`,
    name,
    arrangement: 'plainThrust',
    sets: [],
    stations: [
      ...gearboxSteps(id, name, by),
      ...gearboxBearings(id, name, by),
      station(`${id}-gear`, 'gear', `${name}, gear`, gear, { partId: `${id}-shaft` }),
      ...(id === 'output'
        ? [
            station(`${id}-seal`, 'seal', `${name}, seal`, seal, {
              partId: 'half-right',
              wayIn: 'left',
              lip: 'left',
            }),
          ]
        : []),
    ],
  };
}

function gearboxSteps(id: string, name: string, { bore, width, from, to }: Proportions) {
  const step = (end: string, words: string, box: Box) =>
    station(`${id}-${end}`, 'shaftStep', `${name}, ${words}`, box, { partId: `${id}-shaft` });
  const tail = id === 'output' ? 30 : 12;
  return [
    step('end-left', 'left end', [from - width - 12, 12, 0, END * bore]),
    step('seat-left', 'left seat', [from - width, width, 0, bore]),
    step('body', 'body', [from, to - from, 0, 1.2 * bore]),
    step('seat-right', 'right seat', [to, width, 0, bore]),
    step('end-right', 'right end', [to + width, tail, 0, END * bore]),
  ];
}

function gearboxBearings(
  id: string,
  name: string,
  { bore, outside, width, from, to }: Proportions,
) {
  return (['left', 'right'] as const).flatMap((side): readonly Station[] => {
    const at = side === 'left' ? from - width : to;
    const wall: Box = [at, side === 'left' ? width : width + 10, outside, 1.3 * outside];
    const words = side === 'left' ? 'Left half' : 'Right half';
    const partId = `half-${side}`;
    return [
      station(`${id}-wall-${side}`, 'housing', `${words}, ${name}`, wall, { partId }),
      station(
        `${id}-bearing-${side}`,
        'ballBearing',
        `${name}, ${side} bearing`,
        [at, width, bore, outside],
        {
          partId,
          tightRing: 'outer',
          wayIn: side,
          lettering: opposite(side),
        },
      ),
    ];
  });
}

/** A crank in a block on shells under caps, its thrust washers at the right bearing. */
export function blockShells(input: TemplateInput): Layout {
  const x = placesOf(input);
  const [l, r] = [input.left.dimensions, input.right.dimensions];
  const on = { partId: 'shaft' };
  const web = 1.5 * Math.max(l.outside, r.outside);
  const gap = Math.min(3, input.span / 4);
  const [from, to] = [x.leftEnd + gap, x.right - gap];
  const collar = 0.5 * (r.bore + r.outside);
  return {
    parts: [part('case', 'Block', 'case'), part('shaft', 'Crankshaft', 'shaft')],
    stations: [
      station('nose', 'shaftStep', 'Nose', [x.left - 20, 20, 0, END * l.bore], on),
      station('journal-left', 'shaftStep', 'Left journal', [x.left, from - x.left, 0, l.bore], on),
      station('webs', 'shaftStep', 'Crank webs', [from, to - from, 0, web], on),
      station(
        'journal-right',
        'shaftStep',
        'Right journal',
        [to, x.rightEnd + 2 - to, 0, r.bore],
        on,
      ),
      station(
        'flange-end',
        'shaftStep',
        'Flywheel flange',
        [x.rightEnd + 2, 12, 0, 1.2 * r.outside],
        on,
      ),
      ...(['left', 'right'] as const).flatMap((side) => {
        const { bore, outside, width } = input[side].dimensions;
        const at = side === 'left' ? x.left : x.right;
        return [
          station(`bed-${side}`, 'housing', `Bearing bed, ${side}`, [at, width, outside, x.rim]),
          station(`shells-${side}`, 'plainBearing', `Main shells, ${side}`, [
            at,
            width,
            bore,
            outside,
          ]),
          station(
            `caps-${side}`,
            'bolts',
            `Cap bolts, ${side}`,
            [at + 0.3 * width, 0.4 * width, 0.8 * x.rim, 0.95 * x.rim],
            {
              pattern: 'row',
            },
          ),
        ];
      }),
      station('thrust', 'shimSite', 'Thrust washers', [x.rightEnd, 2, r.bore, collar], {
        place: 'fillsThrustGap',
      }),
    ],
  };
}
