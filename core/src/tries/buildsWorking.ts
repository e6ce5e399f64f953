import type { QuantityKind } from '../units/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import type { HeldGain } from './fitLine.ts';
import type { BeforeBuilds, Build, LearnedBuilds } from './builds.ts';

type Term = readonly [symbol: string, value: number, kind: QuantityKind];

/** What was read of a build, as a term of the working. */
const readOf = ({ by, read }: Build, at: number): Term =>
  by === 'play' ? [`play ${at + 1}`, read, 'length'] : [`T ${at + 1}`, read, 'torque'];

/**
 * How play, gains and scatter come from the builds; nothing where one build says them all.
 * @param names of the sites, where there are several
 * @param torque that is wanted, N·m, where a rolling torque was read
 */
export function buildsWorking(
  builds: readonly Build[],
  before: BeforeBuilds,
  learned: LearnedBuilds,
  { names = [], torque }: { readonly names?: readonly string[]; readonly torque?: number } = {},
): readonly WorkingLine[] {
  if (builds.length === 1) return [];
  const place = learned.torques?.[0];
  return [
    ...before.gains.map((held, site) =>
      gainLine(builds, held, { site, gain: learned.gains[site]!.value, name: names[site] }),
    ),
    line(
      'Scatter from one assembly to the next, by the same builds',
      's² weighed over all that it can be; s = √2 · that of one assembly',
      [
        ['s least', before.scatter.least, 'length'],
        ['s most', before.scatter.most, 'length'],
      ],
      ['s', learned.scatter.value, 'length'],
      'learnedPlay',
    ),
    line(
      'Play with what is in place, by all builds',
      before.gains.length > 1 ? 'e₀ = a + Σ gain·t₀' : 'e₀ = a + gain·t₀',
      [readOf(builds.at(-1)!, builds.length - 1)],
      ['e₀', learned.value, 'length'],
      'learnedPlay',
    ),
    ...(place === undefined || torque === undefined
      ? []
      : [
          line(
            'Play that gives the rolling torque wanted, by the torque that was read',
            'T = k·(−e)ⁿ; k weighed over all that the builds leave, n 1 to 1.5',
            [
              ...builds.flatMap((build, at) => (build.by === 'torque' ? [readOf(build, at)] : [])),
              ['T*', torque, 'torque'],
              ['e₀', learned.value, 'length'],
            ],
            ['e*', place.play, 'length'],
            'sleeveLaw',
          ),
        ]),
  ];
}

function gainLine(
  builds: readonly Build[],
  held: HeldGain,
  {
    site,
    gain,
    name,
  }: { readonly site: number; readonly gain: number; readonly name: string | undefined },
): WorkingLine {
  return line(
    `Gain of ${name ?? 'the place'}, by the builds so far, held to what was known before`,
    'play = a + gain·t',
    [
      ['gain before', held.value, 'number'],
      ['± (1 σ)', held.uncertainty, 'number'],
      ...builds.flatMap((build, at): readonly Term[] => [
        [`t${at + 1}`, build.thicknesses[site]!, 'length'],
        readOf(build, at),
      ]),
    ],
    ['gain', gain, 'number'],
    'learnedPlay',
  );
}
