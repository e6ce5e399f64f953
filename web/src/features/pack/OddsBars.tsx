import type { Band } from '@wendaxis/core/measure';
import type { PackOdds } from '@wendaxis/core/odds';

import { useUnits } from '../../ui/useUnits.ts';

const WIDTH = 400;
const HEIGHT = 96;

interface Props {
  readonly bins: PackOdds['bins'];
  /** Limits are drawn where they lie within the bins. */
  readonly band: Pick<Band, 'lower' | 'upper'>;
}

/** How often each value is drawn: bars within the limits full, outside hatched, the limits as lines. */
export function OddsBars({ bins, band }: Props) {
  const units = useUnits();
  const [from, to] = [bins[0]!.from, bins.at(-1)!.to];
  const most = Math.max(...bins.map(({ share }) => share));
  const x = (value: number) => ((value - from) / (to - from)) * WIDTH;
  const limits = [band.lower, band.upper].filter(
    (limit) => limit !== null && limit > from && limit < to,
  ) as number[];
  const inside = (value: number) =>
    (band.lower === null || value >= band.lower) && (band.upper === null || value <= band.upper);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT + 22}`}
      className="w-full"
      role="img"
      aria-label={`Simulations from ${units.show(from)} to ${units.show(to)}`}
    >
      {bins.map((bin) => (
        <rect
          key={bin.from}
          x={x(bin.from) + 0.6}
          y={HEIGHT - (bin.share / most) * (HEIGHT - 8)}
          width={Math.max(0, x(bin.to) - x(bin.from) - 1.2)}
          height={(bin.share / most) * (HEIGHT - 8)}
          fill={inside((bin.from + bin.to) / 2) ? 'var(--plate)' : 'none'}
          stroke={inside((bin.from + bin.to) / 2) ? 'none' : 'var(--bad)'}
        />
      ))}
      <line x2={WIDTH} y1={HEIGHT} y2={HEIGHT} stroke="var(--ink)" strokeWidth="1.5" />
      {limits.length === 0 &&
        [from, to].map((end) => (
          <text
            key={end}
            x={x(end)}
            y={HEIGHT + 17}
            textAnchor={end === from ? 'start' : 'end'}
            fontSize="15"
            fill="var(--ink)"
          >
            {units.digits(end)}
          </text>
        ))}
      {limits.map((limit) => (
        <g key={limit}>
          <line x1={x(limit)} x2={x(limit)} y2={HEIGHT} stroke="var(--good)" strokeWidth="3" />
          <text
            x={Math.min(WIDTH - 22, Math.max(22, x(limit)))}
            y={HEIGHT + 17}
            textAnchor="middle"
            fontSize="15"
            fill="var(--ink)"
          >
            {units.digits(limit)}
          </text>
        </g>
      ))}
    </svg>
  );
}
