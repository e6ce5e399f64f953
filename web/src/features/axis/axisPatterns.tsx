interface PatternsProps {
  readonly hatch: string;
  readonly unit: number;
}

/** Hatching and arrow heads of one drawing. */
export function Patterns({ hatch, unit }: PatternsProps) {
  return (
    <defs>
      <Hatch id={`${hatch}right`} angle={45} unit={unit} />
      <Hatch id={`${hatch}left`} angle={-45} unit={unit} />
      <Hatch id={`${hatch}hot`} angle={0} unit={0.8 * unit} stroke="var(--brass)" />
      <Hatch id={`${hatch}cold`} angle={90} unit={0.8 * unit} stroke="var(--scribe)" />
      <marker
        id={`${hatch}push`}
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
  );
}

function Hatch({
  id,
  angle,
  unit,
  stroke = 'var(--scribe-soft)',
}: {
  readonly id: string;
  readonly angle: number;
  readonly unit: number;
  readonly stroke?: string;
}) {
  return (
    <pattern
      id={id}
      width={1.5 * unit}
      height={1.5 * unit}
      patternUnits="userSpaceOnUse"
      patternTransform={`rotate(${angle})`}
    >
      <line y2={1.5 * unit} stroke={stroke} strokeWidth={0.28 * unit} />
    </pattern>
  );
}
