import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

import { SOURCES } from '@wendaxis/core/sources';
import type { QuantityKind } from '@wendaxis/core/units';
import type { Term, WorkingLine } from '@wendaxis/core/working';

import { Button } from './Button.tsx';
import type { ScreenUnits } from '../wording/screenUnits.ts';
import { useUnits } from './useUnits.ts';

const STANDING = {
  standard: 'published standard',
  practice: 'common practice, no source',
  geometry: 'geometry',
  house: 'rule of this program',
} as const;

/** Decimals for the pencil: one more than a result is read to. */
const WORKING_DECIMALS: Partial<Record<QuantityKind, { metric: number; inch: number }>> = {
  length: { metric: 4, inch: 5 },
  number: { metric: 3, inch: 3 },
};

/** A button that opens the working of a figure: formula, what was put in, source. */
export function Working({
  title,
  lines,
  children,
}: {
  readonly title: string;
  readonly lines: readonly WorkingLine[];
  readonly children?: ReactNode;
}) {
  return (
    <Dialog.Root>
      <Dialog.Trigger asChild>
        <Button>{children ?? 'Show the working'}</Button>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-black/55" />
        <Dialog.Content
          aria-describedby={undefined}
          className="bg-panel text-ink border-plate fixed top-0 right-0 bottom-0 w-[min(46rem,100vw)] overflow-y-auto border-l-8 p-6"
        >
          <div className="mb-3 flex items-center justify-between gap-4">
            <Dialog.Title className="text-2xl">{title}</Dialog.Title>
            <Dialog.Close asChild>
              <Button shortcut="Esc">Close</Button>
            </Dialog.Close>
          </div>
          <ol className="m-0 list-none p-0">
            {lines.map((line, index) => (
              <Line key={index} line={line} />
            ))}
          </ol>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Line({ line }: { readonly line: WorkingLine }) {
  const units = useUnits();
  const source = SOURCES[line.source];
  return (
    <li className="border-edge border-t py-3">
      <p className="m-0 flex flex-wrap items-baseline justify-between gap-x-6">
        <span className="font-semibold">{line.name}</span>
        <span className="figure text-xl">{showTerm(line.result, units)}</span>
      </p>
      <p className="m-0 mt-1">
        <span className="figure">{line.formula}</span>
        {line.terms.length > 0 && (
          <span className="text-soft">
            {' '}
            with {line.terms.map((term) => showTerm(term, units)).join(',  ')}
          </span>
        )}
      </p>
      <p className="small-label m-0 mt-1">
        {source.title} ({STANDING[source.standing]})
      </p>
    </li>
  );
}

function showTerm({ symbol, value, kind }: Term, units: ScreenUnits): string {
  const whole = kind === 'number' && Number.isInteger(value);
  const decimals = whole ? 0 : WORKING_DECIMALS[kind]?.[units.system];
  const shown = value === Infinity ? '∞' : units.show(value, kind, decimals);
  return `${symbol} = ${shown}`;
}
