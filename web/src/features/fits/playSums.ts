import type { MaterialId } from '@wendaxis/core/materials';
import { depthStack } from '@wendaxis/core/measure';
import { preloadForce, rigidWarmPlay } from '@wendaxis/core/preload';

import { length, madeOf, mm, type BenchSum, type Figures, type SumField } from './benchSum.ts';

/** Bearings of a shaft, the second left open where there is only one. */
const PAIR = [0, 1] as const;
const pairFields = (name: string, label: string): readonly SumField[] =>
  PAIR.flatMap((at): SumField[] => {
    const open = at === 0 ? {} : ({ optional: true } as const);
    return [
      length(`${name}${at + 1}`, `${label} ${at + 1}`, {
        path: `bearings[${at}].${name}`,
        ...open,
      }),
      {
        name: `angle${at + 1}`,
        label: `Contact angle ${at + 1}`,
        kind: 'angle',
        path: `bearings[${at}].contactAngle`,
        ...open,
      },
    ];
  });
const pairOf = <Name extends string>(figures: Figures, name: Name) =>
  PAIR.flatMap((at) => {
    const [size, contactAngle] = [figures[`${name}${at + 1}`], figures[`angle${at + 1}`]];
    if (at === 1 && size === undefined && contactAngle === undefined) return [];
    return [
      { [name]: size!, contactAngle: contactAngle! } as Record<Name, number> & {
        contactAngle: number;
      },
    ];
  });

/** Lengths that a stack may have here. */
const STACK = [1, 2, 3, 4, 5] as const;

/** Sums of depths, play and preload. */
export const PLAY_SUMS: readonly BenchSum[] = [
  {
    id: 'stack',
    title: 'A depth put together from several lengths',
    fields: [
      ...STACK.map((at) =>
        length(`length${at}`, `Length ${at}, with − where it is taken off`, {
          path: `lengths[${at - 1}].value`,
          ...(at > 1 ? ({ optional: true } as const) : {}),
        }),
      ),
      length('within', 'Each may be off by', { path: 'lengths[0].within' }),
      length('direct', 'The same depth in one go', { path: 'direct.value', optional: true }),
    ],
    run: (figures) => {
      const within = figures['within']!;
      const given = STACK.flatMap((at) => figures[`length${at}`] ?? []);
      const lengths = given.map((value) => ({
        way: value < 0 ? ('minus' as const) : ('plus' as const),
        value: Math.abs(value),
        within,
      }));
      const direct = figures['direct'];
      const stack = depthStack(lengths, direct === undefined ? null : { value: direct, within });
      return {
        figures: [
          mm('The depth', stack.value),
          mm('off at the worst by', stack.worst),
          mm('off as it usually comes out by', stack.likely),
          ...(stack.off === null ? [] : [mm('Measured in one go it is more by', stack.off)]),
        ],
        sentences:
          stack.agrees === null
            ? []
            : [
                stack.agrees
                  ? 'Both can be right.'
                  : 'Both cannot be right: measure the lengths again, and the depth.',
              ],
        working: stack.working,
      };
    },
  },
  {
    id: 'warm',
    title: 'Play with case and shaft as warm as they run',
    fields: [
      length('cold', 'Play at 20 °C'),
      length('span', 'Between the middles of the cups'),
      {
        name: 'housingWarm',
        label: 'The case is at',
        kind: 'temperature',
        path: 'housingTemperature',
      },
      {
        name: 'shaftWarm',
        label: 'The shaft is at',
        kind: 'temperature',
        path: 'shaftTemperature',
      },
      ...pairFields('meanDiameter', 'Mean diameter, bearing').map(
        ({ optional: _, ...asked }): SumField => asked,
      ),
    ],
    choices: [
      {
        name: 'arrangement',
        label: 'The wide ends of the rollers face',
        options: [
          ['faceToFace', 'each other'],
          ['backToBack', 'away from each other'],
        ],
      },
      madeOf('housing', 'The case is of'),
      madeOf('shaft', 'The shaft is of'),
    ],
    run: (figures, { arrangement, housing, shaft }) => {
      const { warm, working } = rigidWarmPlay({
        cold: figures['cold']!,
        span: figures['span']!,
        arrangement: arrangement as 'faceToFace' | 'backToBack',
        housing: housing as MaterialId,
        shaft: shaft as MaterialId,
        housingTemperature: figures['housingWarm']!,
        shaftTemperature: figures['shaftWarm']!,
        bearings: pairOf(figures, 'meanDiameter'),
      });
      return {
        figures: [mm('Play when warm', warm)],
        sentences: [
          ...(warm < 0 ? ['Below zero it is preload.'] : []),
          'For a case whose cups follow it: iron, or cups that stay tight when it is warm.',
        ],
        working,
      };
    },
  },
  {
    id: 'preload',
    title: 'Preload of tapered bearings, by their rolling torque',
    fields: [
      ...pairFields('bore', 'Bore, bearing'),
      {
        name: 'torque',
        label: 'Rolling torque',
        kind: 'torque',
        path: 'given.torque',
        optional: true,
      },
      {
        name: 'force',
        label: 'or the preload',
        kind: 'force',
        path: 'given.force',
        optional: true,
      },
    ],
    oneOf: ['torque', 'force'],
    run: (figures) => {
      const { force, torque, factor, working } = preloadForce(pairOf(figures, 'bore'), {
        torque: figures['torque'] ?? null,
        force: figures['force'] ?? null,
      });
      const asked =
        figures['force'] === undefined
          ? ({ words: 'Preload', value: force, kind: 'force' } as const)
          : ({ words: 'Rolling torque', value: torque, kind: 'torque' } as const);
      return {
        figures: [
          { ...asked, words: `${asked.words}, about` },
          { ...asked, words: 'it may be as little as', value: asked.value / factor },
          { ...asked, words: 'or as much as', value: asked.value * factor },
        ],
        sentences: [
          'New bearings, oiled. It tells hundreds from thousands: set by the maker’s torque, not by this.',
        ],
        working,
      };
    },
  },
];
