interface Props {
  readonly left: number;
  readonly right: number;
  readonly unit: number;
}

/** The line of the axis: long, short, short. */
export function CentreLine({ left, right, unit }: Props) {
  return (
    <line
      x1={left}
      x2={right}
      y1={0}
      y2={0}
      stroke="var(--brass)"
      strokeWidth={0.35 * unit}
      strokeDasharray={[5.5, 1.2, 1, 1.2].map((length) => length * unit).join(' ')}
      pointerEvents="none"
    />
  );
}
