import { useCallback, useId } from 'react';

import {
  printedAs,
  typedSizes,
  type BearingDimensions,
  type BearingFamily,
} from '@wendaxis/core/bearings';

import { Button } from '../../ui/Button.tsx';
import { QuantityField } from '../../ui/QuantityField.tsx';
import { useShortcut } from '../../ui/useShortcut.ts';
import { useUnits } from '../../ui/useUnits.ts';
import { decodeEntry, readBearing, type BearingEntry } from './bearingEntry.ts';

const FAMILY_WORDS: Readonly<Record<BearingFamily, string>> = {
  deepGrooveBall: 'Deep groove ball bearing',
  angularContactBall: 'Angular contact ball bearing',
  cylindricalRoller: 'Cylindrical roller bearing',
  taperedRoller: 'Tapered roller bearing',
  inchTaperedRoller: 'Tapered roller, inch series',
  drawnCupNeedle: 'Drawn-cup needle bush',
  doubleRowBall: 'Angular contact ball bearing, double row',
  needleRoller: 'Needle roller bearing with machined rings',
  needleCage: 'Needle cage, runs on shaft and bore',
  needleThrust: 'Thrust needle cage',
};

interface Props {
  readonly label: string;
  readonly entry: BearingEntry;
  readonly onEntry: (entry: BearingEntry) => void;
  /** Another bearing that it may be the same as; by one press, or an equals sign in its field. Null while that is not entered. */
  readonly same?: { readonly words: string; readonly entry: BearingEntry | null };
}

const SAME_SIGN = '=';

/** Enter a bearing by what is printed on it, or by its three dimensions where that is not known. */
export function BearingFields({ label, entry, onEntry, same }: Props) {
  const units = useUnits();
  const id = useId();
  const decoded = decodeEntry(entry);
  const typed = typedSizes(entry.designation);
  const set = (name: keyof BearingEntry) => (text: string) => onEntry({ ...entry, [name]: text });
  const copied = same?.entry ?? null;
  const onPrinted = (text: string): void =>
    copied !== null && text.trim() === SAME_SIGN ? onEntry(copied) : set('designation')(text);
  return (
    <fieldset className="border-edge m-0 grid min-w-0 content-start gap-1.5 rounded-[3px] border-2 px-4 pt-1 pb-3">
      <legend className="px-2 text-lg font-semibold">{label}</legend>
      <label htmlFor={id} className="small-label">
        Printed on the ring
      </label>
      <input
        id={id}
        autoComplete="off"
        maxLength={40}
        className="bg-panel border-edge figure min-h-12 w-full border-2 px-3 text-xl"
        value={entry.designation}
        onChange={(event) => onPrinted(event.target.value)}
      />
      {same !== undefined && decoded === null && (
        <Same words={same.words} entry={copied} onEntry={onEntry} />
      )}
      <p className="m-0 min-h-14 text-base break-words" aria-live="polite">
        {decoded === null && 'Such as 30206, 6204-2RS C3 or 25x52x15. Or its dimensions:'}
        {decoded?.status === 'unknown' &&
          (typed === null
            ? decoded.reason
            : `${units.digits(typed.bore, 'length', 2)} × ${units.digits(typed.outside, 'length', 2)} × ${units.digits(typed.width, 'length', 2)} ${units.unit()}`)}
        {decoded?.status === 'known' && (
          <>
            <strong>{FAMILY_WORDS[decoded.family]}</strong>,{' '}
            {[decoded.dimensions.bore, decoded.dimensions.outside, decoded.dimensions.width]
              .map((mm) => units.digits(mm, 'length', 2))
              .join(' × ')}{' '}
            {units.unit()}
            {decoded.suffixes.map(({ suffix, meaning }) => `; ${suffix}: ${meaning}`).join('')}
            {decoded.unknownSuffixes.length > 0 &&
              `; ${decoded.unknownSuffixes.join(', ')} not known: look it up`}
          </>
        )}
      </p>
      {decoded?.status !== 'known' && (
        <PrintedAs
          sizes={readBearing(entry, units.system)?.dimensions ?? null}
          onTake={set('designation')}
        />
      )}
      {decoded?.status !== 'known' && typed === null && <Sizes entry={entry} set={set} />}
    </fieldset>
  );
}

/** Its three dimensions, where nothing printed says them. */
function Sizes({
  entry,
  set,
}: {
  readonly entry: BearingEntry;
  readonly set: (name: keyof BearingEntry) => (text: string) => void;
}) {
  return (
    <div className="grid grid-cols-3 gap-3">
      <QuantityField label="Bore" text={entry.bore} onText={set('bore')} quiet />
      <QuantityField label="Outside" text={entry.outside} onText={set('outside')} quiet />
      <QuantityField label="Width" text={entry.width} onText={set('width')} quiet />
    </div>
  );
}

/** What may be printed on a bearing of these sizes, each one press from being taken. */
function PrintedAs({
  sizes,
  onTake,
}: {
  readonly sizes: BearingDimensions | null;
  readonly onTake: (text: string) => void;
}) {
  const found = sizes === null ? [] : printedAs(sizes).slice(0, MOST_SHOWN);
  return found.length === 0 ? null : (
    <div className="flex flex-wrap items-center gap-3">
      <span className="small-label">These sizes have</span>
      {found.map(({ designation }) => (
        <Button key={designation} onClick={() => onTake(designation)}>
          {designation}
        </Button>
      ))}
    </div>
  );
}

/** Most numbers that are offered for some sizes. */
const MOST_SHOWN = 3;

interface SameProps {
  readonly words: string;
  readonly entry: BearingEntry | null;
  readonly onEntry: Props['onEntry'];
}

/** One press for a bearing that is the same as another. */
function Same({ words, entry, onEntry }: SameProps) {
  const copy = useCallback(() => {
    if (entry !== null) onEntry(entry);
  }, [entry, onEntry]);
  useShortcut([SAME_SIGN], words, copy, { enabled: entry !== null });
  return (
    <Button
      className="justify-self-start"
      disabled={entry === null}
      onClick={copy}
      shortcut={SAME_SIGN}
    >
      {words}
    </Button>
  );
}
