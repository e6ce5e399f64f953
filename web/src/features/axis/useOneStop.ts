import { useState, type KeyboardEvent } from 'react';

const STEPS: Readonly<Record<string, number>> = {
  ArrowRight: 1,
  ArrowDown: 1,
  ArrowLeft: -1,
  ArrowUp: -1,
};

/** A drawing of many stations as one Tab stop: arrows go from station to station, Home and End to the ends. */
export function useOneStop(
  ids: readonly string[],
  selected: string | ReadonlySet<string> | null,
): {
  readonly stopOf: (id: string) => boolean;
  readonly onArrow: (event: KeyboardEvent<SVGSVGElement>) => void;
} {
  const [at, setAt] = useState<string | null>(null);
  const first = typeof selected === 'string' && ids.includes(selected) ? selected : ids[0];
  const stop = at !== null && ids.includes(at) ? at : first;
  return {
    stopOf: (id) => id === stop,
    onArrow: (event) => {
      const own = ids.indexOf(stop ?? '');
      const step = STEPS[event.key];
      const to =
        event.key === 'Home'
          ? 0
          : event.key === 'End'
            ? ids.length - 1
            : step === undefined
              ? null
              : Math.min(ids.length - 1, Math.max(0, own + step));
      const id = to === null ? undefined : ids[to];
      if (id === undefined) return;
      event.preventDefault();
      setAt(id);
      event.currentTarget.querySelector<SVGGElement>(`[data-station="${CSS.escape(id)}"]`)?.focus();
    },
  };
}
