import type { Axis, Station } from '../unit.ts';
import { crankcaseHalves } from './caseLayouts.ts';
import { END, part, placesOf, station, type Layout, type TemplateInput } from './layout.ts';

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

/** A shaft of the gearbox: a bearing in each half, gears between, on the output a seal outside. */
function gearboxShaft(input: TemplateInput, id: string, name: string): Axis {
  const x = placesOf(input);
  const [bore, outside, width] = [
    0.6 * Math.min(input.left.dimensions.bore, input.right.dimensions.bore),
    0.75 * Math.min(input.left.dimensions.outside, input.right.dimensions.outside),
    0.8 * Math.min(input.left.dimensions.width, input.right.dimensions.width),
  ];
  const on = { partId: `${id}-shaft` };
  const step = (end: string, words: string, box: readonly [number, number, number, number]) =>
    station(`${id}-${end}`, 'shaftStep', words, box, on);
  const ball = (side: 'left' | 'right', at: number): Station =>
    station(
      `${id}-bearing-${side}`,
      'ballBearing',
      `${name}, ${side} bearing`,
      [at, width, bore, outside],
      {
        partId: `half-${side}`,
        tightRing: 'outer',
        wayIn: side,
        lettering: side === 'left' ? 'right' : 'left',
      },
    );
  const [from, to] = [x.leftEnd, x.right];
  const gap = 0.3 * (to - from);
  return {
    id: `${id}-axis`,
    name,
    arrangement: 'plainThrust',
    sets: [],
    stations: [
      step('end-left', `${name}, left end`, [from - width - 12, 12, 0, END * bore]),
      step('seat-left', `${name}, left seat`, [from - width, width, 0, bore]),
      step('body', `${name}, body`, [from, to - from, 0, 1.2 * bore]),
      step('seat-right', `${name}, right seat`, [to, width, 0, bore]),
      step('end-right', `${name}, right end`, [
        to + width,
        id === 'output' ? 30 : 12,
        0,
        END * bore,
      ]),
      station(
        `${id}-wall-left`,
        'housing',
        `Left half, ${name}`,
        [from - width, width, outside, 1.3 * outside],
        {
          partId: 'half-left',
        },
      ),
      station(
        `${id}-wall-right`,
        'housing',
        `Right half, ${name}`,
        [to, width + 10, outside, 1.3 * outside],
        {
          partId: 'half-right',
        },
      ),
      ball('left', from - width),
      ball('right', to),
      station(
        `${id}-gear`,
        'gear',
        `${name}, gear`,
        [from + gap, 0.4 * (to - from), 1.2 * bore, 1.8 * outside],
        on,
      ),
      ...(id === 'output'
        ? [
            station(
              `${id}-seal`,
              'seal',
              `${name}, seal`,
              [to + width + 2, 6, END * bore, outside],
              {
                partId: 'half-right',
                wayIn: 'left',
                lip: 'left',
              },
            ),
          ]
        : []),
    ],
  };
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
