import { useId } from 'react';

import { bandTarget, type Band, type DecisionWord } from '@wendaxis/core/measure';

import type { QuantityKind } from '@wendaxis/core/units';

import { bandStripModel, type StripModel, type StripValue } from './bandStripModel.ts';
import { useUnits } from './useUnits.ts';
import { VERDICT_INK } from './Verdict.tsx';

const WIDTH = 600;
const MID = 46;

interface Props {
  readonly band: Band;
  readonly value: StripValue | null;
  readonly guard: number;
  readonly word: DecisionWord | null;
  /** What is measured; a length when not given. */
  readonly quantity?: QuantityKind;
}

/** The one figure for every measured thing: band, guard zones hatched, value with its uncertainty, target. */
export function BandStrip({ band, value, guard, word, quantity = 'length' }: Props) {
  const units = useUnits();
  const id = useId();
  const model = bandStripModel(band, value, guard);
  const ink = word === null ? 'var(--ink)' : VERDICT_INK[word];
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 92`}
      className="w-full"
      role="img"
      aria-label={stripWords(band, value, (one) => units.show(one, quantity))}
    >
      <Hatching id={id} />
      <Scale id={id} band={band} model={model} digits={(limit) => units.digits(limit, quantity)} />
      {model.value !== null && <ValueMark at={model.value} ink={ink} />}
    </svg>
  );
}

/** The limits of a band, under their places. */
function limitsOf(band: Band, model: StripModel, digits: (limit: number) => string) {
  const ends = [
    { share: model.band.from, limit: band.lower },
    { share: model.band.to, limit: band.upper },
  ];
  return ends.flatMap(({ share, limit }) =>
    limit === null ? [] : [{ share, text: digits(limit), anchor: 'middle' as const }],
  );
}

/** The strip in words. */
function stripWords(band: Band, value: StripValue | null, show: (one: number) => string): string {
  const limit = (one: number | null) => (one === null ? 'open' : show(one));
  const range = `limits ${limit(band.lower)} to ${limit(band.upper)}, target ${show(bandTarget(band))}`;
  if (value === null) return `${range}, nothing measured`;
  const read =
    value.low === value.high ? show(value.low) : `${show(value.low)} to ${show(value.high)}`;
  return `${range}, measured ${read} plus or minus ${show(value.expanded)}`;
}

interface ScaleProps {
  readonly id: string;
  readonly band: Band;
  readonly model: StripModel;
  readonly digits: (limit: number) => string;
}

/** The band with its zones, its target and its limits. */
function Scale({ id, band, model, digits }: ScaleProps) {
  return (
    <>
      <line
        x1="0"
        x2={WIDTH}
        y1={MID}
        y2={MID}
        stroke="var(--brass-edge)"
        strokeWidth="2"
        strokeDasharray="26 6 5 6"
      />
      <rect
        x={x(model.band.from)}
        width={x(model.band.to - model.band.from)}
        y={MID - 20}
        height="40"
        fill="var(--panel)"
        stroke="var(--ink)"
        strokeWidth="2.5"
      />
      {model.guards.map(({ from, to }, index) => (
        <rect
          key={index}
          x={x(from)}
          width={x(to - from)}
          y={MID - 20}
          height="40"
          fill={`url(#${CSS.escape(id)})`}
          opacity="0.75"
        />
      ))}
      <path
        d={`M ${x(model.target)} ${MID - 21} l -8 -13 h 16 z`}
        fill="var(--brass)"
        stroke="var(--ink)"
        strokeWidth="1.5"
      />
      {limitsOf(band, model, digits).map(({ share, text, anchor }) => (
        <text
          key={text}
          x={x(share)}
          y="84"
          textAnchor={anchor}
          fontSize="19"
          fontWeight="600"
          fill="var(--ink)"
        >
          {text}
        </text>
      ))}
    </>
  );
}

/** A share of the strip in its own units. */
const x = (share: number) => share * WIDTH;

interface HatchingProps {
  readonly id: string;
}

function Hatching({ id }: HatchingProps) {
  return (
    <defs>
      <pattern
        id={id}
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line y2="7" stroke="var(--ink-soft)" strokeWidth="2.4" />
      </pattern>
    </defs>
  );
}

interface ValueMarkProps {
  readonly at: NonNullable<StripModel['value']>;
  readonly ink: string;
}

/** The value with its uncertainty, over the band. */
function ValueMark({ at, ink }: ValueMarkProps) {
  return (
    <g>
      <rect
        x={x(at.from)}
        width={Math.max(5, x(at.to - at.from))}
        y={MID - 7}
        height="14"
        fill={ink}
      />
      <rect
        x={x(at.low) - 2}
        width={x(at.high - at.low) + 4}
        y={MID - 17}
        height="34"
        fill={ink}
        stroke="var(--panel)"
        strokeWidth="1.5"
      />
    </g>
  );
}
