import { useId, useMemo } from 'react';
import { drawAxis, type AxisDrawing, type DrawnStation, type Point } from '@wendaxis/core/drawing';
import type { StationState } from '@wendaxis/core/plan';
import { isDrawn, type Axis, type Side } from '@wendaxis/core/unit';
import { StateShape } from '../../ui/StateMark.tsx';
import { STATION_STATE_WORDS } from '../../wording/stateWords.ts';
import { paintOf } from './axisPaint.ts';
import { windowOn } from './axisWindow.ts';
import { CentreLine } from './CentreLine.tsx';
import { GainMarks } from './axisMarks.tsx';
import { Patterns } from './axisPatterns.tsx';
import { PaintedShape } from './PaintedShape.tsx';
import { PutMarks } from './PutMarks.tsx';
import { useOneStop } from './useOneStop.ts';

type Selected = string | ReadonlySet<string> | null;

const isSelected = (selected: Selected, id: string): boolean =>
  selected === id || (typeof selected === 'object' && selected?.has(id) === true);

interface Props {
  readonly axis: Axis;
  /** The station that is selected, or all that are. */
  readonly selected: Selected;
  readonly onSelect: (stationId: string) => void;
  /** How each station stands; without it only numbers are shown. */
  readonly states?: Readonly<Record<string, StationState>>;
  /** Show the surroundings of this station only. */
  readonly zoomOn?: string | null;
  readonly size?: 'small' | 'plate';
  /** A body is in hand: it can be put at either side of the station that is selected. */
  readonly onPut?: (side: Side) => void;
}

/** The section along the shaft, scribed on a dyed plate. Every station can be selected, by pointer or key. */
export function AxisView({
  axis,
  selected,
  onSelect,
  states,
  zoomOn = null,
  size = 'plate',
  onPut,
}: Props) {
  const drawing = useMemo(() => drawAxis(axis), [axis]);
  const hatch = useId();
  const view = windowOn(drawing, zoomOn);
  const { unit } = view;
  const ids = drawing.stations.map(({ station }) => station.id);
  const { stopOf, onArrow } = useOneStop(ids, selected);
  return (
    <svg
      viewBox={`${view.x} ${view.y} ${view.width} ${view.height}`}
      className={`block w-full ${size === 'small' ? 'max-h-[28vh]' : 'max-h-[46vh]'}`}
      role="group"
      aria-label={`Section along ${axis.name}`}
      onKeyDown={onArrow}
    >
      <Patterns hatch={hatch} unit={unit} />
      {drawing.stations.map((drawn) => (
        <StationShape
          key={drawn.station.id}
          drawn={drawn}
          hatch={hatch}
          unit={unit}
          words={[
            drawn.station.name,
            drawn.station.designation,
            STATION_STATE_WORDS[states?.[drawn.station.id] ?? 'plain'],
            isSketched(drawn.station) ? 'sizes not known' : undefined,
          ]}
          selected={isSelected(selected, drawn.station.id)}
          stop={stopOf(drawn.station.id)}
          onSelect={onSelect}
        />
      ))}
      <CentreLine {...drawing.extent} unit={unit} />
      {drawing.loads.map(({ stationId, from, to }) => (
        <PushArrows key={stationId} unit={unit} from={from} to={to} hatch={hatch} />
      ))}
      <GainMarks drawing={drawing} size={3.4 * unit} />
      <Labels
        drawing={drawing}
        unit={unit}
        selected={selected}
        onSelect={onSelect}
        states={states}
      />
      {onPut !== undefined && (
        <PutMarks axis={axis} selected={selected} unit={unit} onPut={onPut} />
      )}
    </svg>
  );
}

interface PushArrowsProps {
  readonly unit: number;
  readonly from: Point;
  readonly to: Point;
  readonly hatch: string;
}

function PushArrows({ unit, from, to, hatch }: PushArrowsProps) {
  return (
    <g stroke="var(--brass)" strokeWidth={0.55 * unit} pointerEvents="none">
      {[1, -1].map((half) => (
        <line
          key={half}
          x1={from.x}
          y1={half * -from.y}
          x2={to.x}
          y2={half * -to.y}
          markerEnd={`url(#${CSS.escape(`${hatch}push`)})`}
        />
      ))}
    </g>
  );
}

/** Whether a diameter of it is not known: its outline is broken. */
const isSketched = (station: DrawnStation['station']): boolean =>
  isDrawn(station, 'inside', 'outside');

interface ShapeProps {
  readonly drawn: DrawnStation;
  readonly hatch: string;
  readonly unit: number;
  readonly words: readonly (string | undefined)[];
  readonly selected: boolean;
  /** Whether Tab stops at it: the drawing is one stop, arrows go on within. */
  readonly stop: boolean;
  readonly onSelect: (id: string) => void;
}

/** Around a station a finger finds it, in units of the drawing: a shim is thinner than any finger. */
const TOUCH = 6;

function StationShape({ drawn, hatch, unit, words, selected, stop, onSelect }: ShapeProps) {
  const { station, shapes } = drawn;
  const touch = Math.max(0, (TOUCH * unit - station.width) / 2);
  return (
    <g
      role="button"
      tabIndex={stop ? 0 : -1}
      data-station={station.id}
      aria-pressed={selected}
      aria-label={words.filter(Boolean).join(', ')}
      className="cursor-pointer"
      onClick={() => onSelect(station.id)}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onSelect(station.id);
      }}
    >
      {touch > 0 && (
        <rect
          x={station.at - touch}
          width={station.width + 2 * touch}
          y={-station.outside / 2}
          height={station.outside}
          fill="transparent"
        />
      )}
      {shapes.map((shape, index) => {
        const paint = paintOf(shape.role, hatch);
        const stroke = selected ? 'var(--brass)' : paint.stroke;
        const common = {
          fill: paint.fill,
          stroke,
          strokeWidth: (selected ? 0.75 : 0.28) * unit,
          ...(isSketched(station) ? { strokeDasharray: `${1.1 * unit} ${0.7 * unit}` } : {}),
        };
        return <PaintedShape key={index} shape={shape} {...common} />;
      })}
    </g>
  );
}

interface LabelProps {
  readonly drawing: AxisDrawing;
  readonly unit: number;
  readonly selected: Selected;
  readonly onSelect: (id: string) => void;
  readonly states: Readonly<Record<string, StationState>> | undefined;
}

/** Numbered marks under the section, each with the shape of its station's state. */
function Labels({ drawing, unit, selected, onSelect, states }: LabelProps) {
  const top = drawing.extent.radius + 2.2 * unit;
  return drawing.labels.map(({ stationId, number, x, anchor }) => {
    const state = states?.[stationId];
    const chosen = isSelected(selected, stationId);
    return (
      <g key={stationId} className="cursor-pointer" onClick={() => onSelect(stationId)}>
        <path
          d={`M${anchor.x} ${-anchor.y}V${drawing.extent.radius + 0.5 * unit}L${x} ${top}`}
          fill="none"
          stroke={chosen ? 'var(--brass)' : 'var(--scribe-soft)'}
          strokeWidth={(chosen ? 0.5 : 0.22) * unit}
        />
        <text
          x={x}
          y={top + 3.1 * unit}
          textAnchor="middle"
          fontSize={2.9 * unit}
          fontWeight={chosen ? 800 : 600}
          fill={chosen ? 'var(--brass)' : 'var(--scribe)'}
        >
          {number}
        </text>
        {state !== undefined && (
          <g transform={`translate(${x} ${top + 5.6 * unit}) scale(${0.16 * unit})`}>
            <StateShape state={state} />
          </g>
        )}
      </g>
    );
  });
}
