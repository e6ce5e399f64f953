import type { AxisDrawing } from '@wendaxis/core/drawing';

const GAIN_WORDS = {
  '-1': 'thicker: less play',
  '0': 'thicker: play stays',
  '1': 'thicker: more play',
} as const;

/** Above the section, led to each site: which way a thicker piece moves the play. */
export function GainMarks({
  drawing,
  size,
}: {
  readonly drawing: AxisDrawing;
  readonly size: number;
}) {
  const { left, right } = drawing.extent;
  return drawing.gains.map(({ stationId, row, anchor }, index) => {
    // Each label has a line of its own, so that neighbouring sites do not write over each other.
    const baseline = -drawing.extent.radius - (0.7 + 1.2 * index) * size;
    const words = GAIN_WORDS[row.gain];
    // Kept inside the plate: about half a size a letter.
    const half = 0.26 * words.length * size;
    return (
      <g key={stationId} pointerEvents="none">
        <line
          x1={anchor.x}
          x2={anchor.x}
          y1={-anchor.y}
          y2={baseline + 0.25 * size}
          stroke="var(--brass)"
          strokeWidth={0.1 * size}
        />
        <text
          x={Math.min(Math.max(anchor.x, left + half), right - half)}
          y={baseline}
          textAnchor="middle"
          fontSize={size}
          fontWeight="650"
          fill="var(--brass)"
        >
          {words}
        </text>
      </g>
    );
  });
}
