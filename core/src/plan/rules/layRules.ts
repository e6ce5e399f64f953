import { packThickness } from '../../shims/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { DETAIL_TABLE, type Station, type Unit } from '../../unit/index.ts';
import { dressedWith, isPackFirst } from '../buildEvents.ts';
import { figure, lacksStep, numbers } from '../figures.ts';
import { afterAll, nameOf, type Rule } from '../rule.ts';
import { setterAt } from '../setters.ts';

const PLACE_WORDS = DETAIL_TABLE.place.type === 'choice' ? DETAIL_TABLE.place.valueWords : {};

/** Whether a gear is bolted to a flange of the body that turns, as a crown wheel is to its carrier. */
const isBoltedGear = (unit: Unit, { kind, partId }: Station): boolean =>
  kind === 'gear' && unit.parts.some(({ id, kind: part }) => id === partId && part === 'carrier');

/** Common practice, no source. */
const BOLTED_GEAR =
  'flange and back face clean, dry and free of burrs; no oil between them, or the gear creeps. Warm the gear or draw it on evenly by its bolts; the bolts dry, oiled or with threadlocker as the maker says.';

/** What is laid in by hand before the rings that shut it in: gears and hubs on their shaft, shims at their places. */
export const LAY_RULES: readonly Rule[] = [
  {
    id: 'dressShaft',
    phase: 'seat',
    on: 'axis',
    form: 'tick',
    when: ({ unit, axis }) => dressedWith(unit, axis).length > 0,
    title: (subject) => `Fit what runs on the shaft, ${nameOf(subject)}`,
    how: ({ unit, axis }) => {
      const all = dressedWith(unit, axis);
      const bolted = all.filter((station) => isBoltedGear(unit, station));
      const sliding = all.filter((station) => !bolted.includes(station));
      const names = (some: readonly Station[]) => some.map(({ name }) => name).join(', ');
      return [
        ...(bolted.length === 0 ? [] : [`${names(bolted)}: ${BOLTED_GEAR}`]),
        ...(sliding.length === 0
          ? []
          : [
              `In this order, each oiled, the same way round as before: ${names(sliding)}. Parts machined on the shaft are already there.`,
            ]),
      ].join(' ');
    },
    reason: 'The bearings that go on after it hold it.',
    consumables: ['the unit’s own oil'],
    after: [{ rule: 'gauge', of: 'axis' }, ...afterAll('axis', 'inspect', 'newPart', 'repair')],
  },
  {
    id: 'placeShims',
    phase: 'seat',
    on: 'station',
    kinds: ['shimSite'],
    form: 'tick',
    when: ({ unit, axis, station }) =>
      setterAt(axis, station) === null || isPackFirst(unit, axis, station),
    title: (subject) => `Place the shims at ${nameOf(subject)}`,
    how: ({ station }) =>
      station.place === undefined
        ? 'In their old order, wiped clean.'
        : `Place: ${PLACE_WORDS[station.place]}. Wiped clean, the old thickness to begin with unless a part that sets the position was changed.`,
    reason: 'The ring in front of them covers them.',
    numbers: ({ state, station }) => {
      const pack = state.setting.packs[station.id];
      return numbers(
        pack === undefined
          ? lacksStep(`the pack found at ${station.name}`, `recordPack:${station.id}`)
          : figure('Thickness', 'length', packThickness(pack.pieces), SOURCES.asMeasured.title),
      );
    },
    after: [
      { rule: 'recordPack', of: 'station' },
      { rule: 'inspect', of: 'station' },
      { rule: 'newPart', of: 'station' },
      ...afterAll('axis', 'chooseDepth', 'takeOffMockUp'),
    ],
  },
];
