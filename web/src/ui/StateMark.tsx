import type { ReactNode } from 'react';
import type { StationState } from '@wendaxis/core/plan';

/** A shape for each state, drawn about (0, 0) with a reach of 10. Word and shape say the same. */
const SHAPES: Readonly<Record<StationState, ReactNode>> = {
  fault: <path d="M-9 8L0-9L9 8z" fill="var(--bad)" stroke="var(--page)" strokeWidth="1" />,
  next: (
    <rect
      x="-9"
      y="-9"
      width="18"
      height="18"
      fill="var(--brass)"
      stroke="var(--brass-edge)"
      strokeWidth="2"
    />
  ),
  missing: (
    <path d="M0-10L10 0L0 10L-10 0z" fill="var(--panel)" stroke="var(--open)" strokeWidth="2.5" />
  ),
  toDo: (
    <rect
      x="-8"
      y="-8"
      width="16"
      height="16"
      fill="var(--panel)"
      stroke="var(--brass-edge)"
      strokeWidth="2.5"
    />
  ),
  waiting: <circle r="8.5" fill="var(--panel)" stroke="var(--panel-edge)" strokeWidth="2.5" />,
  done: <circle r="9" fill="var(--good)" stroke="var(--good)" strokeWidth="1" />,
  plain: <circle r="3" fill="var(--panel-edge)" />,
};

/** The state of a station or step as a shape, for use inside an SVG. */
export function StateShape({ state }: { readonly state: StationState }) {
  return (
    <>
      {SHAPES[state]}
      {state === 'done' && (
        <path d="M-4.5 0.5L-1.2 4L5-4" fill="none" stroke="var(--panel)" strokeWidth="2.6" />
      )}
    </>
  );
}

/** The state as a shape beside its word. */
export function StateMark({
  state,
  words,
}: {
  readonly state: StationState;
  readonly words: string;
}) {
  return (
    <span className="inline-flex items-center gap-2 whitespace-nowrap">
      <svg viewBox="-12 -12 24 24" className="size-6 shrink-0" aria-hidden="true">
        <StateShape state={state} />
      </svg>
      <span className="small-label">{words}</span>
    </span>
  );
}
