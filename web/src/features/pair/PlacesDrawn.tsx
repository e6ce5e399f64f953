import type { BacklashVerdict } from '@wendaxis/core/gears';
import type { BacklashRow } from '@wendaxis/core/job';

import { useUnits } from '../../ui/useUnits.ts';

const SIZE = 220;
const MID = SIZE / 2;
/** Circles of the smallest and the largest, px. */
const INNER = 52;
const OUTER = 78;

interface Props {
  readonly row: BacklashRow;
  readonly verdict: BacklashVerdict;
}

type Place = BacklashRow['places'][number];

/** The round as it lies on the gear: each place out by how much it reads, what swings once round drawn through them. */
export function PlacesDrawn({ row, verdict }: Props) {
  const units = useUnits();
  const { smallest, range, wave, mean } = verdict;
  const radius = (value: number): number =>
    range < 1e-9 ? (INNER + OUTER) / 2 : INNER + ((value - smallest) / range) * (OUTER - INNER);
  const swing = (angle: number): number =>
    mean + (wave?.amplitude ?? 0) * Math.cos(((angle - (wave?.angle ?? 0)) * Math.PI) / 180);
  const words = row.places.map(({ angle, value }) => `${Math.round(angle)}°: ${units.show(value)}`);
  return (
    <svg
      viewBox={`0 0 ${SIZE} ${SIZE}`}
      className="w-56 max-w-full"
      role="img"
      aria-label={words.join(', ')}
    >
      <circle cx={MID} cy={MID} r="24" fill="none" stroke="var(--ink)" strokeWidth="2.5" />
      <circle
        cx={MID}
        cy={MID}
        r={INNER}
        fill="none"
        stroke="var(--brass-edge)"
        strokeWidth="1.5"
        strokeDasharray="10 4 2 4"
      />
      {wave !== null && (
        <polyline
          points={ROUND.map((angle) => point(angle, radius(swing(angle))).join(',')).join(' ')}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2"
          opacity="0.55"
        />
      )}
      {row.places.map((place) => (
        <PlaceMark
          key={place.angle}
          place={place}
          out={radius(place.value)}
          text={units.digits(place.value)}
          isSmallest={place.value === smallest}
        />
      ))}
    </svg>
  );
}

const ROUND: readonly number[] = Array.from({ length: 73 }, (_, at) => at * 5);

function point(angle: number, out: number): readonly [number, number] {
  const turn = ((angle - 90) * Math.PI) / 180;
  return [MID + out * Math.cos(turn), MID + out * Math.sin(turn)];
}

interface PlaceMarkProps {
  readonly place: Place;
  readonly out: number;
  readonly text: string;
  readonly isSmallest: boolean;
}

/** A place on its spoke: the smallest is a filled square, the others open circles. */
function PlaceMark({ place, out, text, isSmallest }: PlaceMarkProps) {
  const [x, y] = point(place.angle, out);
  const [tx, ty] = point(place.angle, OUTER + 19);
  return (
    <g>
      <line x1={MID} y1={MID} x2={x} y2={y} stroke="var(--brass-edge)" strokeWidth="1" />
      {isSmallest ? (
        <rect x={x - 7} y={y - 7} width="14" height="14" fill="var(--ink)" />
      ) : (
        <circle cx={x} cy={y} r="6" fill="var(--panel)" stroke="var(--ink)" strokeWidth="2.5" />
      )}
      <text
        x={tx}
        y={ty + 5}
        textAnchor="middle"
        fontSize="14"
        fill="var(--ink)"
        className="figure"
      >
        {text}
      </text>
    </g>
  );
}
