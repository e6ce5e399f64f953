import { useMemo } from 'react';

import { drawAxis, type AxisDrawing, type DrawnStation } from '@wendaxis/core/drawing';
import type { Axis } from '@wendaxis/core/unit';

import { PAINT, pathData } from './axisPaint.ts';

interface Props {
  readonly axis: Axis;
  readonly selected: string | null;
  readonly onSelect: (stationId: string) => void;
}

const GAIN_WORDS = {
  '-1': 'thicker: less play',
  '0': 'thicker: play stays',
  '1': 'thicker: more play',
} as const;

/** The section along the shaft, scribed on a dyed plate. Every station can be selected, by pointer or key. */
export function AxisView({ axis, selected, onSelect }: Props) {
  const drawing = useMemo(() => drawAxis(axis), [axis]);
  const { left, right, radius } = drawing.extent;
  const label = 0.16 * radius;
  const above = (1.8 + 1.2 * drawing.gains.length) * label;
  const height = 2 * radius + above + label;
  const width = right - left;
  return (
    <svg
      viewBox={`${left} ${-radius - above} ${width} ${height}`}
      className="block max-h-[52vh] w-full"
      role="group"
      aria-label={`Section along ${axis.name}`}
    >
      <defs>
        <Hatch id="cut-right" angle={45} />
        <Hatch id="cut-left" angle={-45} />
        <marker
          id="push"
          viewBox="0 0 10 10"
          refX="9"
          refY="5"
          markerWidth="5"
          markerHeight="5"
          orient="auto-start-reverse"
        >
          <path d="M0 0L10 5L0 10z" fill="var(--brass)" />
        </marker>
      </defs>
      {drawing.stations.map((drawn) => (
        <StationShape
          key={drawn.station.id}
          drawn={drawn}
          selected={drawn.station.id === selected}
          onSelect={onSelect}
        />
      ))}
      <line
        x1={left}
        x2={right}
        y1={0}
        y2={0}
        stroke="var(--brass)"
        strokeWidth="0.7"
        strokeDasharray="11 2.4 2 2.4"
        pointerEvents="none"
      />
      {drawing.loads.map(({ stationId, from, to }) => (
        <g key={stationId} stroke="var(--brass)" strokeWidth="1.1" pointerEvents="none">
          <line x1={from.x} y1={-from.y} x2={to.x} y2={-to.y} markerEnd="url(#push)" />
          <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} markerEnd="url(#push)" />
        </g>
      ))}
      <GainMarks drawing={drawing} size={label} />
    </svg>
  );
}

function StationShape({
  drawn,
  selected,
  onSelect,
}: {
  readonly drawn: DrawnStation;
  readonly selected: boolean;
  readonly onSelect: (id: string) => void;
}) {
  const { station, shapes } = drawn;
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={selected}
      aria-label={[station.name, station.designation].filter(Boolean).join(' ')}
      className="cursor-pointer"
      onClick={() => onSelect(station.id)}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onSelect(station.id);
      }}
    >
      {shapes.map((shape, index) => {
        const paint = PAINT[shape.role];
        const stroke = selected ? 'var(--brass)' : paint.stroke;
        const common = { fill: paint.fill, stroke, strokeWidth: selected ? 1.5 : 0.55 };
        return shape.kind === 'circle' ? (
          <circle
            key={index}
            cx={shape.centre.x}
            cy={-shape.centre.y}
            r={shape.radius}
            {...common}
          />
        ) : (
          <path key={index} d={pathData(shape)} {...common} />
        );
      })}
    </g>
  );
}

/** Above the section, led to each shim site: which way a thicker shim moves the play. */
function GainMarks({ drawing, size }: { readonly drawing: AxisDrawing; readonly size: number }) {
  return drawing.gains.map(({ stationId, row, anchor }, index) => {
    // Each label has a line of its own, so that neighbouring sites do not write over each other.
    const baseline = -drawing.extent.radius - (0.7 + 1.2 * index) * size;
    return (
      <g key={stationId} pointerEvents="none">
        <line
          x1={anchor.x}
          x2={anchor.x}
          y1={-anchor.y}
          y2={baseline + 0.25 * size}
          stroke="var(--brass)"
          strokeWidth="0.7"
        />
        <text
          x={anchor.x}
          y={baseline}
          textAnchor="middle"
          fontSize={size}
          fontWeight="650"
          fill="var(--brass)"
        >
          {GAIN_WORDS[row.gain]}
        </text>
      </g>
    );
  });
}

function Hatch({ id, angle }: { readonly id: string; readonly angle: number }) {
  return (
    <pattern
      id={id}
      width="3"
      height="3"
      patternUnits="userSpaceOnUse"
      patternTransform={`rotate(${angle})`}
    >
      <line y2="3" stroke="var(--scribe-soft)" strokeWidth="0.55" />
    </pattern>
  );
}
