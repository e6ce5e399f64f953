import { shimGain } from '@wendaxis/core/arrangement';
import { packThickness } from '@wendaxis/core/shims';
import type { JobState } from '@wendaxis/core/job';
import type { Axis, Station, StationKind } from '@wendaxis/core/unit';

import { useUnits } from '../../ui/useUnits.ts';

const KIND_WORDS: Readonly<Record<StationKind, string>> = {
  taperedRoller: 'Tapered roller bearing',
  ballBearing: 'Ball bearing',
  seal: 'Shaft seal',
  gear: 'Gear',
  housing: 'Housing',
  cover: 'Cover',
  shimSite: 'Shim site',
  shaftStep: 'Shaft',
};

/** Everything about the selected station. */
export function StationCard({
  axis,
  station,
  state,
}: {
  readonly axis: Axis;
  readonly station: Station;
  readonly state: JobState;
}) {
  const units = useUnits();
  const part = state.unit?.parts.find(({ id }) => id === station.partId);
  const pack = state.packs[station.id];
  const rows: readonly (readonly [string, string])[] = [
    ['Kind', [KIND_WORDS[station.kind], station.designation].filter(Boolean).join(' ')],
    [
      'Size',
      [station.inside, station.outside, station.width]
        .map((mm) => units.digits(mm, 'length', 2))
        .join(' × ') + ` ${units.unit()}`,
    ],
    ['Part', part === undefined ? '' : `${part.name}, ${part.material}`],
    ['Takes the push', station.thrust === null ? '' : `to the ${station.thrust}`],
    ['Pack in place', pack === undefined ? '' : units.show(packThickness(pack.pieces))],
  ];
  return (
    <section className="bg-panel border-edge rounded-[3px] border-2 p-5" aria-live="polite">
      <h2 className="m-0 text-2xl">{station.name}</h2>
      <dl className="m-0 mt-2 grid grid-cols-[max-content_1fr] gap-x-4 gap-y-1">
        {rows
          .filter(([, value]) => value !== '')
          .map(([name, value]) => (
            <div key={name} className="contents">
              <dt className="text-soft">{name}</dt>
              <dd className="m-0 font-semibold">{value}</dd>
            </div>
          ))}
      </dl>
      {station.place !== null && (
        <p className="m-0 mt-3">{shimGain(axis.arrangement, station.place).effect}</p>
      )}
    </section>
  );
}
