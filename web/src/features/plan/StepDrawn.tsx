import { useId, useMemo } from 'react';

import {
  drawStep,
  NARROW,
  WIDE,
  type PlacedDimension,
  type StepDrawing,
  type StepShape,
  type Stroke,
} from '@wendaxis/core/drawing';
import { stepMarks, stepPicture, type Step } from '@wendaxis/core/plan';

import type { OpenJob } from '../../stores/useJob.ts';
import { useNarrow } from '../../ui/useNarrow.ts';
import { useUnits } from '../../ui/useUnits.ts';
import { paintOf } from '../axis/axisPaint.ts';
import { CentreLine } from '../axis/CentreLine.tsx';
import { Patterns } from '../axis/axisPatterns.tsx';
import { PaintedShape } from '../axis/PaintedShape.tsx';
import { BoltsDrawn, BoltsOnPaper } from './BoltsDrawn.tsx';
import { markWords } from './markWords.ts';
import { pictureWords } from './pictureWords.ts';

interface Props {
  readonly job: Pick<OpenJob, 'jobId' | 'state' | 'plan'>;
  readonly step: Step;
  /** Printed: bolts are numbered, not ticked off. */
  readonly paper?: true;
}

/**
 * The unit as it is while the step is done: what is in stands in its place, what moves is lifted out along its way; which way
 * round, where the force goes, how deep, what is hot and in which order bolts are tightened are said at their places.
 */
export function StepDrawn({ job: { jobId, state, plan }, step, paper }: Props) {
  const layout = useNarrow() ? NARROW : WIDE;
  const units = useUnits();
  const drawn = useMemo(() => {
    const picture = stepPicture(state, step, plan.steps);
    if (picture === null) return null;
    const marks = stepMarks(state, step, picture);
    const work = markWords(marks, picture, units);
    return {
      picture,
      marks,
      work,
      drawing: drawStep(picture.axis, picture.stations, work, layout),
    };
  }, [state, plan, step, units, layout]);
  if (drawn === null) return null;
  const { picture, marks, work, drawing } = drawn;
  const words = pictureWords(picture, state.unit?.parts ?? []);
  const said = [...work.notes, work.force, work.dimension].flatMap((one) => one?.words ?? []);
  return (
    <figure className="bg-plate text-scribe on-plate plate m-0 rounded-[3px] p-3">
      <div className="flex flex-wrap items-center gap-3">
        <Section
          drawing={drawing}
          into={picture.to === 'in'}
          words={[words, ...new Set(said)].join('. ')}
        />
        {marks.bolts !== null && paper !== undefined && <BoltsOnPaper bolts={marks.bolts} />}
        {marks.bolts !== null && paper === undefined && (
          <BoltsDrawn key={step.id} draft={`bolts:${jobId}:${step.id}`} bolts={marks.bolts} />
        )}
      </div>
      <figcaption className="min-h-7 pt-2 text-lg font-semibold">{words}</figcaption>
    </figure>
  );
}

interface SectionProps {
  readonly drawing: StepDrawing;
  readonly into: boolean;
  readonly words: string;
}

function Section({ drawing, into, words }: SectionProps) {
  const hatch = useId();
  const { box, unit, window } = drawing;
  const arrow = `url(#${CSS.escape(`${hatch}push`)})`;
  const whole = window.whole === null ? 0 : 4 * unit;
  return (
    <svg
      viewBox={`${box.left} ${-box.top - whole} ${box.right - box.left} ${box.top - box.bottom + whole}`}
      className="block max-h-[min(46vh,max(16rem,calc(100dvh-27rem)))] min-w-60 flex-1 max-sm:max-h-[30vh]"
      role="img"
      aria-label={words}
    >
      <Patterns hatch={hatch} unit={unit} />
      {drawing.shapes.map((one, index) => (
        <Drawn key={index} one={one} hatch={hatch} unit={unit} />
      ))}
      <CentreLine left={box.left} right={box.right} unit={unit} />
      {drawing.arrows.map(({ from, to }, index) => (
        <Line
          key={index}
          stroke={into ? { from, to } : { from: to, to: from }}
          width={0.7 * unit}
          markerEnd={arrow}
        />
      ))}
      {drawing.forces.map((stroke, index) => (
        <Line key={index} stroke={stroke} width={0.6 * unit} markerEnd={arrow} />
      ))}
      {drawing.supports.map((stroke, index) => (
        <Line key={index} stroke={stroke} width={1.4 * unit} />
      ))}
      <Notes drawing={drawing} />
      {drawing.dimension !== null && (
        <Dimension dimension={drawing.dimension} unit={unit} arrow={arrow} />
      )}
      {window.whole !== null && <WholeAxis drawing={drawing} whole={window.whole} />}
    </svg>
  );
}

interface DrawnProps {
  readonly one: StepShape;
  readonly hatch: string;
  readonly unit: number;
}

/** A shape of the section; what is hot or cold is hatched over. */
function Drawn({ one: { shape, moving, marked, heat }, hatch, unit }: DrawnProps) {
  const paint = paintOf(shape.role, hatch);
  const stands = moving || marked;
  const outline = {
    stroke: stands ? 'var(--brass)' : paint.stroke,
    strokeWidth: (stands ? 0.5 : 0.26) * unit,
  };
  const fills = [paint.fill, ...(heat === null ? [] : [`url(#${CSS.escape(hatch + heat)})`])];
  return fills.map((fill, index) => (
    <PaintedShape key={index} shape={shape} fill={fill} {...outline} />
  ));
}

interface LineProps {
  readonly stroke: Stroke;
  readonly width: number;
  readonly markerEnd?: string;
}

function Line({ stroke: { from, to }, width, markerEnd }: LineProps) {
  return (
    <line
      x1={from.x}
      y1={-from.y}
      x2={to.x}
      y2={-to.y}
      stroke="var(--brass)"
      strokeWidth={width}
      markerEnd={markerEnd}
    />
  );
}

/** Words in rows over the section, each with a line to its place. */
function Notes({ drawing: { notes, unit } }: { readonly drawing: StepDrawing }) {
  return notes.map(({ words, at, text }) => (
    <g key={`${words} ${at.x}`}>
      <path
        d={`M${at.x} ${-at.y}V${-text.y + 0.8 * unit}`}
        fill="none"
        stroke="var(--scribe)"
        strokeWidth={0.25 * unit}
      />
      <circle cx={at.x} cy={-at.y} r={0.5 * unit} fill="var(--scribe)" />
      <text x={text.x} y={-text.y} fontSize={2.9 * unit} fontWeight={650} fill="var(--scribe)">
        {words}
      </text>
    </g>
  ));
}

interface DimensionProps {
  readonly dimension: PlacedDimension;
  readonly unit: number;
  readonly arrow: string;
}

/** A depth below the section, between two lines down from what it is measured on. */
function Dimension({
  dimension: { extensions, arrows, words, text },
  unit,
  arrow,
}: DimensionProps) {
  return (
    <g>
      {extensions.map(({ from, to }, index) => (
        <path
          key={index}
          d={`M${from.x} ${-from.y}V${-to.y}`}
          stroke="var(--scribe)"
          strokeWidth={0.25 * unit}
        />
      ))}
      {arrows.map((stroke, index) => (
        <Line key={index} stroke={stroke} width={0.5 * unit} markerEnd={arrow} />
      ))}
      <text x={text.x} y={-text.y} fontSize={2.9 * unit} fontWeight={650} fill="var(--scribe)">
        {words}
      </text>
    </g>
  );
}

interface WholeProps {
  readonly drawing: StepDrawing;
  readonly whole: NonNullable<StepDrawing['window']['whole']>;
}

/** The whole axis as a line, with what the picture shows of it between brackets. */
function WholeAxis({ drawing: { box, unit, window }, whole }: WholeProps) {
  const width = box.right - box.left - 4 * unit;
  const scale = width / (whole.right - whole.left);
  const x = (at: number) => box.left + 2 * unit + (at - whole.left) * scale;
  const y = -box.top - 1.6 * unit;
  const [from, to] = [Math.max(window.left, whole.left), Math.min(window.right, whole.right)];
  return (
    <g stroke="var(--scribe-soft)" strokeWidth={0.25 * unit} fill="none">
      <path d={`M${x(whole.left)} ${y}H${x(whole.right)}`} />
      {whole.stations.map((one, index) => (
        <path key={index} d={`M${x(one.from)} ${y - 0.7 * unit}H${x(one.to)}`} />
      ))}
      <path
        stroke="var(--brass)"
        strokeWidth={0.5 * unit}
        d={`M${x(from)} ${y - 1.4 * unit}V${y + 1.4 * unit}M${x(from)} ${y}H${x(to)}M${x(to)} ${y - 1.4 * unit}V${y + 1.4 * unit}`}
      />
    </g>
  );
}
