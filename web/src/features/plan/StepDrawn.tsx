import { useId, useMemo } from 'react';

import { drawStep, type StepDrawing, type StepShape } from '@wendaxis/core/drawing';
import type { JobState } from '@wendaxis/core/job';
import { stepPicture, type Step, type StepPicture } from '@wendaxis/core/plan';

import { paintOf, pathData } from '../axis/axisPaint.ts';
import { Patterns } from '../axis/axisPatterns.tsx';
import { pictureWords } from './pictureWords.ts';

interface Props {
  readonly state: JobState;
  readonly step: Step;
}

/** The unit as it is while the step is done: what is in stands in its place, what moves is lifted out along its way. */
export function StepDrawn({ state, step }: Props) {
  const picture = useMemo(() => stepPicture(state, step), [state, step]);
  if (picture === null) return null;
  return <Plate picture={picture} />;
}

function Plate({ picture }: { readonly picture: StepPicture }) {
  const hatch = useId();
  const drawing = useMemo(() => drawStep(picture.axis, picture.stations), [picture]);
  const { left, right, radius } = drawing.extent;
  const unit = (right - left) / 100;
  const words = pictureWords(picture);
  return (
    <figure className="bg-plate text-scribe on-plate plate m-0 rounded-[3px] p-3">
      <svg
        viewBox={`${left} ${-radius - 5 * unit} ${right - left} ${2 * radius + 6 * unit}`}
        className="block max-h-[34vh] w-full"
        role="img"
        aria-label={words}
      >
        <Patterns hatch={hatch} unit={unit} />
        {drawing.shapes.map((one, index) => (
          <Drawn key={index} one={one} hatch={hatch} unit={unit} />
        ))}
        <line
          x1={left}
          x2={right}
          y1={0}
          y2={0}
          stroke="var(--brass)"
          strokeWidth={0.35 * unit}
          strokeDasharray={[5.5, 1.2, 1, 1.2].map((length) => length * unit).join(' ')}
        />
        <Arrows drawing={drawing} into={picture.to === 'in'} hatch={hatch} unit={unit} />
      </svg>
      <figcaption className="min-h-7 pt-2 text-lg font-semibold">{words}</figcaption>
    </figure>
  );
}

interface DrawnProps {
  readonly one: StepShape;
  readonly hatch: string;
  readonly unit: number;
}

function Drawn({ one: { shape, moving, marked }, hatch, unit }: DrawnProps) {
  const paint = paintOf(shape.role, hatch);
  const stands = moving || marked;
  const common = {
    fill: paint.fill,
    stroke: stands ? 'var(--brass)' : paint.stroke,
    strokeWidth: (stands ? 0.5 : 0.26) * unit,
  };
  return shape.kind === 'circle' ? (
    <circle cx={shape.centre.x} cy={-shape.centre.y} r={shape.radius} {...common} />
  ) : (
    <path d={pathData(shape)} {...common} />
  );
}

interface ArrowsProps {
  readonly drawing: StepDrawing;
  readonly into: boolean;
  readonly hatch: string;
  readonly unit: number;
}

/** From where it is lifted to where it stands, or the other way round. */
function Arrows({ drawing: { arrows, extent }, into, hatch, unit }: ArrowsProps) {
  const y = extent.radius + 2.6 * unit;
  // One arrow for all that goes one way.
  const ways = [true, false].flatMap((right) =>
    arrows.filter(({ from, to }) => from > to === right).slice(0, 1),
  );
  return ways.map(({ stationId, from, to }) => (
    <line
      key={stationId}
      x1={into ? from : to}
      x2={into ? to : from}
      y1={-y}
      y2={-y}
      stroke="var(--brass)"
      strokeWidth={0.9 * unit}
      markerEnd={`url(#${CSS.escape(`${hatch}push`)})`}
    />
  ));
}
