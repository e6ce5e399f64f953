import { useCallback, useId, useRef, type KeyboardEvent, type PointerEvent } from 'react';

import { PATTERN_IDEAL, PATTERN_LIMIT, type ContactMark, type Flank } from '@wendaxis/core/gears';

const WIDTH = 460;
const HEIGHT = 250;
/** The flank: the toe is lower and narrower than the heel. px. */
const TOE = { x: 60, top: 92, bottom: 202 };
const HEEL = { x: 400, top: 44, bottom: 214 };
const STEP = 0.1;

export const FLANK_WORDS: Readonly<Record<Flank, string>> = {
  drive: 'Drive side, convex',
  coast: 'Coast side, concave',
};

interface Props {
  readonly flank: Flank;
  readonly mark: ContactMark | null;
  /** Marks of the tries before, oldest first. */
  readonly before: readonly ContactMark[];
  readonly onMark: ((mark: ContactMark) => void) | null;
}

/** A flank of the ring gear's tooth as it is seen, on which a mark is placed by pointer or by keys. */
export function ToothDrawn({ flank, mark, before, onMark }: Props) {
  const hint = useId();
  const drawn = useRef<SVGSVGElement>(null);
  const point = useCallback(
    (event: PointerEvent<SVGSVGElement>): void => {
      const box = drawn.current!.getBoundingClientRect();
      const [x, y] = [
        ((event.clientX - box.left) / box.width) * WIDTH,
        ((event.clientY - box.top) / box.height) * HEIGHT,
      ];
      onMark?.(markAt(x, y));
    },
    [onMark],
  );
  const key = (event: KeyboardEvent): void => {
    const move = MOVES[event.key];
    if (move === undefined || onMark === null) return;
    event.preventDefault();
    const from = mark ?? { length: 0, height: 0 };
    onMark({
      length: onTooth(from.length + move[0] * STEP),
      height: onTooth(from.height + move[1] * STEP),
    });
  };
  return (
    <figure className="m-0 grid gap-1">
      <figcaption className="text-lg font-semibold">{FLANK_WORDS[flank]}</figcaption>

      <svg
        ref={drawn}
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="bg-plate text-scribe w-full touch-none rounded-[3px] select-none"
        role="application"
        tabIndex={onMark === null ? -1 : 0}
        aria-label={`${FLANK_WORDS[flank]}: ${placeWords(mark)}`}
        aria-describedby={hint}
        onPointerDown={point}
        onKeyDown={key}
      >
        <Flanks />
        {before.map((one, at) => (
          <Mark key={at} mark={one} faint />
        ))}
        {mark !== null && <Mark mark={mark} />}
      </svg>
      <p id={hint} className="text-soft m-0 text-base">
        {mark === null
          ? 'Press where the middle of the mark lies, or use the arrow keys.'
          : placeWords(mark)}
      </p>
    </figure>
  );
}

const MOVES: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

const onTooth = (value: number): number => Math.round(Math.max(-1, Math.min(1, value)) * 100) / 100;

/** Where a mark lies on the drawing. */
function placeOf({ length, height }: ContactMark): readonly [number, number] {
  const share = (length + 1) / 2;
  const x = TOE.x + share * (HEEL.x - TOE.x);
  const top = TOE.top + share * (HEEL.top - TOE.top);
  const bottom = TOE.bottom + share * (HEEL.bottom - TOE.bottom);
  return [x, bottom + ((height + 1) / 2) * (top - bottom)];
}

/** The mark at a place of the drawing. */
function markAt(x: number, y: number): ContactMark {
  const share = Math.max(0, Math.min(1, (x - TOE.x) / (HEEL.x - TOE.x)));
  const top = TOE.top + share * (HEEL.top - TOE.top);
  const bottom = TOE.bottom + share * (HEEL.bottom - TOE.bottom);
  return {
    length: onTooth(2 * share - 1),
    height: onTooth((2 * (bottom - y)) / (bottom - top) - 1),
  };
}

/** A mark in words: how far to an end, how far up or down. */
export function placeWords(mark: ContactMark | null): string {
  if (mark === null) return 'no mark';
  const share = (value: number, low: string, high: string): string =>
    Math.abs(value) < 0.05
      ? 'half way'
      : `${Math.round(Math.abs(value) * 100)} % to the ${value < 0 ? low : high}`;
  return `along: ${share(mark.length, 'toe', 'heel')}; up: ${share(mark.height, 'root', 'face')}`;
}

/** The flank with its ends named, its middle and where marks are to lie. */
function Flanks() {
  const corners = [
    [-1, -1],
    [-1, 1],
    [1, 1],
    [1, -1],
  ].map(([length, height]) => placeOf({ length: length!, height: height! }).join(','));
  const { length, height } = PATTERN_IDEAL;
  const good = [
    [-1, -1],
    [-1, 1],
    [1, 1],
    [1, -1],
  ].map(([along, up]) =>
    placeOf({
      length: length + along! * PATTERN_LIMIT.length,
      height: height + up! * PATTERN_LIMIT.height,
    }).join(','),
  );
  return (
    <g fill="none" stroke="currentColor">
      <polygon points={corners.join(' ')} strokeWidth="3" />
      <polygon points={good.join(' ')} strokeWidth="1.5" strokeDasharray="8 6" />
      <g fill="currentColor" stroke="none" fontSize="18">
        <text x="12" y={(TOE.top + TOE.bottom) / 2 + 6}>
          toe
        </text>
        <text x={HEEL.x + 12} y={(HEEL.top + HEEL.bottom) / 2 + 6}>
          heel
        </text>
        <text x="196" y="46">
          face
        </text>
        <text x="196" y="238">
          root
        </text>
      </g>
    </g>
  );
}

function Mark({ mark, faint = false }: { readonly mark: ContactMark; readonly faint?: boolean }) {
  const [x, y] = placeOf(mark);
  return (
    <g opacity={faint ? 0.4 : 1}>
      <ellipse
        cx={x}
        cy={y}
        rx={faint ? 26 : 46}
        ry={faint ? 11 : 20}
        fill={faint ? 'none' : 'var(--brass)'}
        stroke="var(--brass)"
        strokeWidth="2.5"
      />
      {!faint && <circle cx={x} cy={y} r="4" fill="var(--plate)" />}
    </g>
  );
}
