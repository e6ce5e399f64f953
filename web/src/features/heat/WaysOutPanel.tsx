import type { WayOut } from '@wendaxis/core/heat';
import type { JobState } from '@wendaxis/core/job';
import { ringWaysOut, ringWords } from '@wendaxis/core/plan';
import { findStation, isPressed } from '@wendaxis/core/unit';

import { useWorkshop } from '../../stores/useWorkshop.ts';
import { Panel } from '../../ui/Panel.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import type { ScreenUnits } from '../../wording/screenUnits.ts';
import { standing, timeOf } from './wayWords.ts';

interface Props {
  readonly state: JobState;
  readonly stationId: string;
  /** Which of its rings come out. */
  readonly rings: readonly ('outer' | 'inner')[];
}

/** Every way to get the tight rings of a bearing out, the gentlest first. */
export function WaysOutPanel({ state, stationId, rings }: Props) {
  const units = useUnits();
  const press = useWorkshop().data?.pressRating ?? null;
  const found = findStation(state.unit!, stationId);
  if (found === null) return null;
  return rings.map((ring) => {
    const ways = ringWaysOut(state, stationId, ring, press);
    const name = isPressed(found.station)
      ? found.station.name
      : `the ${ringWords(found.station)[ring]}`;
    return ways.length === 0 ? null : (
      <Panel key={ring} title={`Ways out of ${name}`}>
        <ul className="m-0 list-none p-0" aria-label={`Ways out of ${name}`}>
          {ways.map((way) => (
            <Way key={way.id} way={way} units={units} />
          ))}
        </ul>
      </Panel>
    );
  });
}

function Way({ way, units }: { readonly way: WayOut; readonly units: ScreenUnits }) {
  const figures = [
    way.temperature === null ? '' : `at ${units.show(way.temperature, 'temperature', 0)}`,
    timeOf({ ...way, timeWords: 'about' }),
    way.force === null || way.forceMost === null
      ? ''
      : `force ${units.show(way.force, 'force')}, at the most ${units.show(way.forceMost, 'force')}`,
  ].filter(Boolean);
  const { words, ink } = standing(way);
  return (
    <li className="border-edge grid grid-cols-[7rem_1fr] gap-x-4 border-t py-2">
      <span className={`text-lg font-bold ${ink}`}>{words}</span>
      <span>
        <span className="text-lg font-semibold">{way.words}</span>
        <span className="figure ml-3">{figures.join(', ')}</span>
        <span className="block">{units.told(way.limit)}</span>
        <span className="small-label block">
          {way.risks}
          {way.spoils === true ? ' It is scrap after that.' : ''}
        </span>
      </span>
    </li>
  );
}
