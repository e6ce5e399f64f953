import type { StopSet } from '@wendaxis/core/plan';
import type { StopStack } from '@wendaxis/core/pressTools';
import type { Station } from '@wendaxis/core/unit';

import { useUnits } from '../../ui/useUnits.ts';

interface Props {
  readonly station: Station;
  readonly set: StopSet;
  readonly stack: StopStack;
}

/** The driver in section as it comes to rest: collar, spacers on the face, nose on what it drives. To scale, pressing down. */
export function StopDrawn({ station, set: { driver, pieces }, stack }: Props) {
  const units = useUnits();
  const { ends, thickness } = stack;
  const layers = layersOf(pieces);
  const wide = Math.max(station.outside, ...layers.map(({ outside }) => outside)) / 2;
  const collar = 0.12 * wide + 2;
  const [left, right] = [-wide - 8, wide + 8];
  const [top, bottom] = [-thickness - collar - 3, Math.max(ends, 0) + station.width + 3];
  // Room at the right for the figures; letters as high as they are read at an arm's length.
  const high = Math.max(bottom - top, (right - left) * 0.45);
  const letter = high / 15;
  const room = 11 * letter;
  const words = `${driver.name}, ${pieces.map(({ spacer, count }) => `${count} × ${spacer.name}`).join(', ') || 'no spacer'}: it stops at ${units.show(ends)}`;
  return (
    <figure className="m-0 grid gap-1">
      <svg
        viewBox={`${left} ${top} ${right - left + room} ${high}`}
        className="text-ink h-72 w-full max-w-xl"
        role="img"
        aria-label={words}
        fontSize={letter}
      >
        <Mirrored>
          <Box from={[station.outside / 2, 0]} to={[wide + 6, bottom - 2]} fill="edge" />
          <Box
            from={[station.inside / 2, ends]}
            to={[station.outside / 2, ends + station.width]}
            fill="brass"
          />
          {layers.map(({ id, bore, outside, at, thickness: high }) => (
            <Box key={id} from={[bore / 2, at - high]} to={[outside / 2, at]} fill="tape" />
          ))}
        </Mirrored>
        <DriverDrawn
          bore={driver.bore}
          nose={[driver.outside, ends]}
          collar={[1.92 * wide, collar]}
          top={-thickness}
        />
        <Measure x={right} from={0} to={ends} letter={letter}>
          {units.show(ends)}
        </Measure>
        {thickness > 0 && (
          <Measure x={right} from={-thickness} to={0} letter={letter}>
            {units.show(thickness)}
          </Measure>
        )}
      </svg>
      <figcaption className="small-label">
        Collar, spacers on the face, nose on {station.name}. To scale.
      </figcaption>
    </figure>
  );
}

interface DriverDrawnProps {
  readonly bore: number;
  /** Across, and where it ends. */
  readonly nose: readonly [across: number, ends: number];
  readonly collar: readonly [across: number, high: number];
  /** Underside of the collar. */
  readonly top: number;
}

/** Nose and collar: of a tube both walls, of a disc one body. */
function DriverDrawn({ bore, nose: [nose, ends], collar: [across, high], top }: DriverDrawnProps) {
  const body = (from: number) => (
    <>
      <Box from={[from, top]} to={[nose / 2, ends]} fill="plate" />
      <Box from={[from, top - high]} to={[across / 2, top]} fill="plate" />
    </>
  );
  if (bore > 0) return <Mirrored>{body(bore / 2)}</Mirrored>;
  return (
    <>
      <Box from={[-nose / 2, top]} to={[nose / 2, ends]} fill="plate" />
      <Box from={[-across / 2, top - high]} to={[across / 2, top]} fill="plate" />
    </>
  );
}

/** The pieces from the face upwards, each where it lies. */
function layersOf(pieces: StopSet['pieces']) {
  const parts = pieces.flatMap(({ spacer, count }) => Array.from({ length: count }, () => spacer));
  let at = 0;
  return parts.map(({ bore, outside, thickness }, index) => {
    const layer = { id: index, bore, outside, thickness, at };
    at -= thickness;
    return layer;
  });
}

/** Both sides of a section. */
function Mirrored({ children }: { readonly children: React.ReactNode }) {
  return (
    <>
      <g>{children}</g>
      <g transform="scale(-1 1)">{children}</g>
    </>
  );
}

interface BoxProps {
  readonly from: readonly [x: number, y: number];
  readonly to: readonly [x: number, y: number];
  readonly fill: 'edge' | 'brass' | 'tape' | 'plate';
}

/** Fills by what is drawn: the case, what is driven, spacers, the driver. */
const FILLS: Readonly<Record<BoxProps['fill'], string>> = {
  edge: 'fill-edge',
  brass: 'fill-brass',
  tape: 'fill-tape',
  plate: 'fill-plate',
};

function Box({ from: [x, y], to: [right, bottom], fill }: BoxProps) {
  return (
    <rect
      x={Math.min(x, right)}
      y={Math.min(y, bottom)}
      width={Math.abs(right - x)}
      height={Math.abs(bottom - y)}
      className={`${FILLS[fill]} stroke-ink`}
      strokeWidth="1.5"
      vectorEffect="non-scaling-stroke"
    />
  );
}

interface MeasureProps {
  readonly x: number;
  readonly from: number;
  readonly to: number;
  readonly letter: number;
  readonly children: string;
}

/** A length with its two ends. */
function Measure({ x, from, to, letter, children }: MeasureProps) {
  return (
    <g className="stroke-ink" strokeWidth="1.5">
      <path
        d={`M${x - 3} ${from}h6M${x - 3} ${to}h6M${x} ${from}V${to}`}
        vectorEffect="non-scaling-stroke"
        fill="none"
      />
      <text
        x={x + 0.6 * letter}
        y={(from + to) / 2 + 0.35 * letter}
        className="figure fill-ink font-semibold"
        stroke="none"
      >
        {children}
      </text>
    </g>
  );
}
