import { isSimulated } from '@wendaxis/core/devices';
import { PLAY_TERMS } from '@wendaxis/core/arrangement';
import { FINDINGS, REPAIRS } from '@wendaxis/core/inspect';
import { WAYS } from '@wendaxis/core/heat';
import type { JobEvent, JobEventData } from '@wendaxis/core/job';
import { SEATING_CHECKS } from '@wendaxis/core/seating';
import { SPEC_KINDS } from '@wendaxis/core/unit';
import { packThickness } from '@wendaxis/core/shims';

import { CLOCK_WORDS, OUTCOME_WORDS } from './heatWords.ts';
import { packWords } from '../features/pack/packWords.ts';
import type { ScreenUnits } from '../ui/useUnits.ts';

const STAGE_OF_RUN = { asFound: 'as found', trial: 'trial', final: 'as built' } as const;

/** A band with the line it comes from. */
function specWords({ kind, band, source }: JobEventData['SpecSet'], units: ScreenUnits): string {
  const { words, quantity } = SPEC_KINDS[kind];
  const limit = (value: number | null) => (value === null ? 'open' : units.digits(value, quantity));
  const name = words.charAt(0).toUpperCase() + words.slice(1);
  return `${name} band ${limit(band.lower)} to ${limit(band.upper)} ${units.unit(quantity)}. ${source}`;
}

/** Where a reading came from. */
function originWords(typed: string | null, device: string | null): string {
  if (typed !== null) return `typed “${typed}”`;
  return `from ${device ?? 'the indicator'}${isSimulated(device) ? ', simulated' : ''}`;
}

/** An event of the log as one line. */
export function eventWords(event: JobEvent, units: ScreenUnits): string {
  const length = (mm: number) => units.digits(mm);
  switch (event.type) {
    case 'JobOpened':
      return `Booked in: ${event.data.unit.name}. ${event.data.reason}`;
    case 'SpecSet':
      return specWords(event.data, units);
    case 'PackRecorded':
      return `Pack found in place: ${packWords(event.data.pieces, length)} = ${units.show(packThickness(event.data.pieces))}`;
    case 'RunOpened':
      return `Run opened with ${event.data.instrument.name}, ${event.data.shaftHeld ? 'shaft held' : 'shaft can tip'}`;
    case 'ReadingTaken': {
      const { value, typed, device, position } = event.data;
      const origin = originWords(typed, device);
      return `Reading ${units.show(value)}, ${origin}${position === null ? '' : `, mark ${position}°`}`;
    }
    case 'RunClosed':
      return 'Verdict accepted';
    case 'RunAbandoned':
      return `Run given up: ${event.data.reason}`;
    case 'PackChosen':
      return `Pack chosen: ${packWords(event.data.pieces, length)} = ${units.show(packThickness(event.data.pieces))}`;
    case 'PackFitted':
      return `Pack fitted${event.data.trial === true ? ' for a trial' : ''}: ${packWords(event.data.pieces, length)} = ${units.show(packThickness(event.data.pieces))}`;
    case 'SpacerFitted': {
      const { stationId, length: long, trial } = event.data;
      return `Spacer in, ${stationId}: ${units.show(long)}${trial ? ', for a trial' : ', to stay'}`;
    }
    case 'SpacerFelt': {
      const { stationId, feel, play } = event.data;
      return `${stationId}: ${feel === 'tight' ? 'no play left' : play === null ? 'still some play' : `play ${units.show(play)}`}`;
    }
    case 'SpacersListed':
      return `Spacers on the shelf: ${event.data.spacers.map((one) => length(one.length)).join(', ')}`;
    case 'AdjusterTurned': {
      const { stationId, angle } = event.data;
      return `${stationId} turned ${Math.abs(Math.round(angle * 10) / 10)}° ${angle < 0 ? 'outwards' : 'inwards'}`;
    }
    case 'ClosingRead':
      return `Play ${units.show(event.data.play)} with the nut at ${event.data.angle}°`;
    case 'PlayTermSet': {
      const { name, term } = event.data;
      return `${PLAY_TERMS[term.kind].words}, ${name}: ${length(term.trial)} in the trial, ${units.show(term.final)} at the end`;
    }
    case 'PlayTermRemoved':
      return 'A difference between trial and final build taken off the list';
    case 'StationDescribed':
      return `Described: ${event.data.station.name}`;
    case 'StationRemoved':
      return `Taken off the axis: ${event.data.stationId}`;
    case 'PartDescribed':
      return `Part described: ${event.data.part.name}`;
    case 'PartRemoved':
      return `Part taken away: ${event.data.partId}`;
    case 'AxisDescribed':
      return `Axis described: ${event.data.axis.name}`;
    case 'AxisRemoved':
      return `Axis taken away: ${event.data.axisId}`;
    case 'MarkMade':
      return `Marked ${event.data.stationId}: ${event.data.text}`;
    case 'SizeMeasured': {
      const { stationId, feature, place, value, instrument } = event.data;
      return `Measured ${feature} of ${stationId}, ${place}: ${units.show(value)} with ${instrument.name}`;
    }
    case 'FindingRecorded': {
      const seen = event.data.findings.map((finding) => FINDINGS[finding].words).join(', ');
      return `Seen on ${event.data.targetId}: ${[seen, event.data.note].filter(Boolean).join('. ')}`;
    }
    case 'InspectionDecided': {
      const { targetId, verdict, repair, reason } = event.data;
      const how = repair === null ? '' : ` (${REPAIRS[repair].words})`;
      return `Decided on ${targetId}: ${verdict}${how}. ${reason}`;
    }
    case 'BearingOffered': {
      const { stationId, designation, dimensions } = event.data;
      const size =
        dimensions === null
          ? ''
          : `${dimensions.bore} × ${dimensions.outside} × ${dimensions.width} mm`;
      return `New for ${stationId}: ${designation ?? size}`;
    }
    case 'FigureTaken':
      return `Read off: ${event.data.typed ?? event.data.value}, ${STAGE_OF_RUN[event.data.stage]}`;
    case 'TorqueRead': {
      const { what, value, steady, angle, tool, device } = event.data;
      const where = angle === null ? '' : ` at ${angle}°`;
      return `${what === 'sealDrag' ? 'Seal alone' : 'Rolling torque'} ${units.show(value, 'torque')}${where}, ${steady ? 'steady' : 'breakaway'}, ${tool.name}${isSimulated(device) ? ', simulated' : ''}`;
    }
    case 'SleeveRenewed':
      return `New sleeve, ${event.data.stationId}: ${event.data.reason}`;
    case 'HeatSet': {
      const { oven, rings } = event.data.settings;
      return `Heat of ${event.data.partId}: oven ${units.show(oven, 'temperature')}, rings ${units.show(rings, 'temperature')}`;
    }
    case 'ClockStarted':
      return `${CLOCK_WORDS[event.data.kind]}: ${event.data.targetId}, ${Math.round(event.data.seconds / 60)} min`;
    case 'ClockStopped':
      return 'Clock stopped';
    case 'TemperatureRead':
      return `Thermometer on ${event.data.partId}: ${units.show(event.data.value, 'temperature')}${isSimulated(event.data.device) ? ', simulated' : ''}`;
    case 'SeatTried':
      return `${event.data.stationId}: ${OUTCOME_WORDS[event.data.outcome].toLowerCase()}`;
    case 'SeatChecked': {
      const { targetId, check, good } = event.data;
      return `Checked ${targetId}: ${SEATING_CHECKS[check].words}: ${good ? 'yes' : 'no'}`;
    }
    case 'LimitSet': {
      const { targetId, limit, reason } = event.data;
      return `Heat limit of ${targetId}: ${units.show(limit, 'temperature')}. ${reason}`;
    }
    case 'WayChosen':
      return `Way in for ${event.data.stationId}: ${WAYS[event.data.way].words}`;
    case 'StepDone':
      return `Done: ${event.data.stepId}${event.data.note === '' ? '' : `. ${event.data.note}`}`;
    case 'StepSetAside':
      return `Not needed: ${event.data.stepId}. ${event.data.reason}`;
    case 'PracticeMarked':
      return `Marked as practice: simulated readings count, no record of a real unit. ${event.data.reason}`;
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
