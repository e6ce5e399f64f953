import { useId, useMemo } from 'react';

import { drawAxis } from '@wendaxis/core/drawing';
import type { Station, StationKind } from '@wendaxis/core/unit';

import { paintOf } from '../axis/axisPaint.ts';
import { Patterns } from '../axis/axisPatterns.tsx';
import { PaintedShape } from '../axis/PaintedShape.tsx';

/** Proportions in which a kind shows what it is, mm. */
const SHOWN: Readonly<Partial<Record<StationKind, Pick<Station, 'width' | 'inside' | 'outside'>>>> =
  {
    shimSite: { width: 3, inside: 30, outside: 62 },
    snapRing: { width: 4, inside: 40, outside: 62 },
    thrustWasher: { width: 6, inside: 30, outside: 62 },
    retainer: { width: 6, inside: 30, outside: 70 },
    shaftStep: { width: 40, inside: 0, outside: 40 },
    gear: { width: 20, inside: 20, outside: 80 },
    bolts: { width: 24, inside: 44, outside: 62 },
    oRing: { width: 9, inside: 44, outside: 62 },
    ringSeal: { width: 5, inside: 40, outside: 56 },
    key: { width: 24, inside: 40, outside: 52 },
  };
const USUAL = { width: 16, inside: 30, outside: 62 };

/** What a kind of body looks like in a section, above the centre line. */
export function BodyPicture({ kind }: { readonly kind: StationKind }) {
  const hatch = useId();
  const drawing = useMemo(() => {
    const size = SHOWN[kind] ?? USUAL;
    const station = { id: kind, kind, name: '', partId: '', at: -size.width / 2, ...size };
    return drawAxis({
      id: '',
      name: '',
      arrangement: 'plainThrust',
      sets: [],
      stations: [station],
    });
  }, [kind]);
  const shapes = drawing.stations[0]?.shapes ?? [];
  return (
    <svg viewBox="-18 -42 36 44" className="h-14 w-11 shrink-0" aria-hidden="true">
      <Patterns hatch={hatch} unit={1.6} />
      <line
        x1={-24}
        x2={24}
        stroke="var(--brass)"
        strokeWidth={0.7}
        strokeDasharray="6 1.5 1 1.5"
      />
      {shapes.map((shape, index) => {
        const { fill, stroke } = paintOf(shape.role, hatch);
        return <PaintedShape key={index} shape={shape} fill={fill} stroke={stroke} />;
      })}
    </svg>
  );
}
