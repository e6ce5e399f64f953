import { useUnits } from '../../ui/useUnits.ts';
import { dialDecimals } from './dialDecimals.ts';

const WIDTH = 640;
const STEP = 16; // px for one graduation

/** The reading on a scribed tape that moves under a fixed line. One line is one graduation of the indicator. */
export function ReadingTape({
  value,
  graduation,
}: {
  readonly value: number;
  readonly graduation: number;
}) {
  const { system, digits } = useUnits();
  const centre = value / graduation;
  const half = Math.ceil(WIDTH / 2 / STEP) + 1;
  const lines = Array.from(
    { length: 2 * half + 1 },
    (_, index) => Math.round(centre) - half + index,
  );
  const label = (line: number) =>
    digits(line * graduation, 'length', dialDecimals(graduation, system));
  return (
    <svg viewBox={`0 0 ${WIDTH} 72`} className="block w-full" aria-hidden="true">
      {lines.map((line) => {
        const x = WIDTH / 2 + (line - centre) * STEP;
        const tall = line % 5 === 0;
        return (
          <g key={line}>
            <line
              x1={x}
              x2={x}
              y1="0"
              y2={tall ? 40 : 24}
              stroke="var(--scribe)"
              strokeWidth={tall ? 2.4 : 1.3}
            />
            {line % 10 === 0 && Math.abs(x - WIDTH / 2) < WIDTH / 2 - 30 && (
              <text
                x={x}
                y="64"
                textAnchor="middle"
                fontSize="20"
                fontWeight="600"
                fill="var(--scribe)"
              >
                {label(line)}
              </text>
            )}
          </g>
        );
      })}
      <line x1={WIDTH / 2} x2={WIDTH / 2} y1="0" y2="70" stroke="var(--brass)" strokeWidth="4" />
    </svg>
  );
}
