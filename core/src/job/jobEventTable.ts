import { adjusterTurned } from './events/adjusterTurned.ts';
import { axisAdded } from './events/axisAdded.ts';
import { axisDescribed } from './events/axisDescribed.ts';
import { axisRemoved } from './events/axisRemoved.ts';
import { backlashRead } from './events/backlashRead.ts';
import { bearingOffered } from './events/bearingOffered.ts';
import { clockStarted } from './events/clockStarted.ts';
import { clockStopped } from './events/clockStopped.ts';
import { closingRead } from './events/closingRead.ts';
import { depthTaken } from './events/depthTaken.ts';
import { figureAccepted } from './events/figureAccepted.ts';
import { figureTaken } from './events/figureTaken.ts';
import { findingRecorded } from './events/findingRecorded.ts';
import { heatSet } from './events/heatSet.ts';
import { inspectionDecided } from './events/inspectionDecided.ts';
import { jobFinished } from './events/jobFinished.ts';
import { jobOpened } from './events/jobOpened.ts';
import { jobReopened } from './events/jobReopened.ts';
import { limitSet } from './events/limitSet.ts';
import { markMade } from './events/markMade.ts';
import { meshDescribed } from './events/meshDescribed.ts';
import { meshRemoved } from './events/meshRemoved.ts';
import { ownStepRemoved } from './events/ownStepRemoved.ts';
import { ownStepSet } from './events/ownStepSet.ts';
import { noteWritten } from './events/noteWritten.ts';
import { packChosen } from './events/packChosen.ts';
import { packFitted } from './events/packFitted.ts';
import { packRecorded } from './events/packRecorded.ts';
import { partDescribed } from './events/partDescribed.ts';
import { partRemoved } from './events/partRemoved.ts';
import { patternMarked } from './events/patternMarked.ts';
import { playTermRemoved } from './events/playTermRemoved.ts';
import { playTermSet } from './events/playTermSet.ts';
import { playWorkedOut } from './events/playWorkedOut.ts';
import { practiceMarked } from './events/practiceMarked.ts';
import { readingTaken } from './events/readingTaken.ts';
import { runAbandoned } from './events/runAbandoned.ts';
import { runClosed } from './events/runClosed.ts';
import { runOpened } from './events/runOpened.ts';
import { scopeSet } from './events/scopeSet.ts';
import { seatChecked } from './events/seatChecked.ts';
import { seatTried } from './events/seatTried.ts';
import { sizeMeasured } from './events/sizeMeasured.ts';
import { sleeveRenewed } from './events/sleeveRenewed.ts';
import { spacerFelt } from './events/spacerFelt.ts';
import { spacerFitted } from './events/spacerFitted.ts';
import { spacersListed } from './events/spacersListed.ts';
import { specSet } from './events/specSet.ts';
import { stationDescribed } from './events/stationDescribed.ts';
import { stationsPlaced } from './events/stationsPlaced.ts';
import { stationRemoved } from './events/stationRemoved.ts';
import { stepDone } from './events/stepDone.ts';
import { stepSetAside } from './events/stepSetAside.ts';
import { stopBuilt } from './events/stopBuilt.ts';
import { temperatureRead } from './events/temperatureRead.ts';
import { torqueRead } from './events/torqueRead.ts';
import { undone } from './events/undone.ts';
import { wayChosen } from './events/wayChosen.ts';

/** What can happen in a job: a row for each kind of event. */
export const JOB_EVENTS = {
  JobOpened: jobOpened,
  ScopeSet: scopeSet,
  StationDescribed: stationDescribed,
  StationsPlaced: stationsPlaced,
  StationRemoved: stationRemoved,
  PartDescribed: partDescribed,
  PartRemoved: partRemoved,
  AxisDescribed: axisDescribed,
  AxisAdded: axisAdded,
  AxisRemoved: axisRemoved,
  MeshDescribed: meshDescribed,
  MeshRemoved: meshRemoved,
  OwnStepSet: ownStepSet,
  OwnStepRemoved: ownStepRemoved,
  SpecSet: specSet,
  RunOpened: runOpened,
  ReadingTaken: readingTaken,
  RunClosed: runClosed,
  RunAbandoned: runAbandoned,
  PackRecorded: packRecorded,
  PackChosen: packChosen,
  PackFitted: packFitted,
  SpacerFitted: spacerFitted,
  SpacerFelt: spacerFelt,
  SpacersListed: spacersListed,
  AdjusterTurned: adjusterTurned,
  ClosingRead: closingRead,
  PlayWorkedOut: playWorkedOut,
  PlayTermSet: playTermSet,
  PlayTermRemoved: playTermRemoved,
  MarkMade: markMade,
  SizeMeasured: sizeMeasured,
  FindingRecorded: findingRecorded,
  InspectionDecided: inspectionDecided,
  BearingOffered: bearingOffered,
  FigureTaken: figureTaken,
  FigureAccepted: figureAccepted,
  TorqueRead: torqueRead,
  DepthTaken: depthTaken,
  BacklashRead: backlashRead,
  PatternMarked: patternMarked,
  SleeveRenewed: sleeveRenewed,
  HeatSet: heatSet,
  ClockStarted: clockStarted,
  ClockStopped: clockStopped,
  TemperatureRead: temperatureRead,
  SeatTried: seatTried,
  SeatChecked: seatChecked,
  WayChosen: wayChosen,
  StopBuilt: stopBuilt,
  LimitSet: limitSet,
  StepDone: stepDone,
  StepSetAside: stepSetAside,
  PracticeMarked: practiceMarked,
  NoteWritten: noteWritten,
  JobFinished: jobFinished,
  JobReopened: jobReopened,
  Undone: undone,
};
