import type { JobEvent } from '@wendaxis/core/job';
import { packThickness } from '@wendaxis/core/shims';

import { packWords } from '../features/pack/packWords.ts';
import type { ScreenUnits } from '../ui/useUnits.ts';

/** An event of the log as one line. */
export function eventWords(event: JobEvent, units: ScreenUnits): string {
  const length = (mm: number) => units.digits(mm);
  const limit = (mm: number | null) => (mm === null ? 'open' : length(mm));
  switch (event.type) {
    case 'JobOpened':
      return `Booked in: ${event.data.unit.name}. ${event.data.reason}`;
    case 'SpecSet':
      return `End play band ${limit(event.data.band.lower)} to ${limit(event.data.band.upper)} ${units.unit()}. ${event.data.source}`;
    case 'PackRecorded':
      return `Pack found in place: ${packWords(event.data.pieces, length)} = ${units.show(packThickness(event.data.pieces))}`;
    case 'RunOpened':
      return `Run opened with ${event.data.instrument.name}, ${event.data.shaftHeld ? 'shaft held' : 'shaft can tip'}`;
    case 'ReadingTaken': {
      const { value, typed, device, position } = event.data;
      const origin = typed === null ? `from ${device ?? 'the indicator'}` : `typed “${typed}”`;
      return `Reading ${units.show(value)}, ${origin}${position === null ? '' : `, mark ${position}°`}`;
    }
    case 'RunClosed':
      return 'Verdict accepted';
    case 'RunAbandoned':
      return `Run given up: ${event.data.reason}`;
    case 'PackChosen':
      return `Pack chosen: ${packWords(event.data.pieces, length)} = ${units.show(packThickness(event.data.pieces))}`;
    case 'PackFitted':
      return `Pack fitted: ${packWords(event.data.pieces, length)} = ${units.show(packThickness(event.data.pieces))}`;
    case 'NoteWritten':
      return `Note: ${event.data.text}`;
    case 'JobFinished':
      return `Finished. ${event.data.note}`;
    case 'JobReopened':
      return `Opened again: ${event.data.reason}`;
    case 'Undone':
      return 'Taken back';
  }
}
