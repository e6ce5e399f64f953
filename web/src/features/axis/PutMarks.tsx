import { SIDES, type Axis, type Side } from '@wendaxis/core/unit';

/** A mark is this large, in units of the drawing: a gloved finger finds it. */
const RADIUS = 4.4;

interface Props {
  readonly axis: Axis;
  readonly selected: unknown;
  readonly unit: number;
  readonly onPut: (side: Side) => void;
}

/** At both sides of a station, where a body in hand can be put; the buttons beside the drawing do the same by key. */
export function PutMarks({ axis, selected, unit, onPut }: Props) {
  const station = axis.stations.find(({ id }) => id === selected);
  if (station === undefined) return null;
  const radius = RADIUS * unit;
  const y = -station.outside / 2 - 0.2 * radius;
  return SIDES.map((side) => {
    const x =
      side === 'left' ? station.at - 1.1 * radius : station.at + station.width + 1.1 * radius;
    return (
      <g
        key={side}
        data-put={side}
        aria-hidden="true"
        className="cursor-pointer"
        onClick={() => onPut(side)}
        transform={`translate(${x} ${y})`}
      >
        <circle r={radius} fill="var(--brass)" stroke="var(--scribe)" strokeWidth={0.4 * unit} />
        <path
          d={`M${-0.55 * radius} 0H${0.55 * radius}M0 ${-0.55 * radius}V${0.55 * radius}`}
          stroke="var(--brass-ink)"
          strokeWidth={0.9 * unit}
        />
      </g>
    );
  });
}
