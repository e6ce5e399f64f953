import type { FigureKind } from '../figures/index.ts';
import type { JobState } from '../job/index.ts';
import { geometryFaults, type Unit } from '../unit/index.ts';
import type {
  AxisSubject,
  FigureSubject,
  PartSubject,
  RuleFor,
  StationSubject,
  Subject,
  UnitSubject,
} from './rule.ts';

/** Everything in a unit that a rule can be about: in their order, and by their ids. */
export interface Subjects {
  readonly of: Readonly<Record<Subject['about'], readonly Subject[]>>;
  readonly all: {
    readonly unit: readonly UnitSubject[];
    readonly axis: (id: string) => AxisSubject | null;
    readonly spec: (axisId: string, kind: FigureKind) => FigureSubject | null;
    readonly part: (id: string) => PartSubject | null;
    readonly station: (id: string) => StationSubject | null;
  };
}

/** What the rules of a plan can be about. */
export function subjectsOf(state: JobState, unit: Unit): Subjects {
  const faulty = geometryFaults(unit);
  const parts = new Map(unit.parts.map((part) => [part.id, part]));
  const bare = { state, unit };
  const of = {
    unit: [{ ...bare, about: 'unit' as const }],
    axis: unit.axes.map((axis) => ({ ...bare, about: 'axis' as const, axis })),
    spec: unit.axes.flatMap((axis) =>
      axis.sets.map((specKind) => ({
        ...bare,
        about: 'spec' as const,
        axis,
        specKind,
        spec: state.specs.find((row) => row.axisId === axis.id && row.kind === specKind) ?? null,
      })),
    ),
    part: unit.parts.map((part) => ({ ...bare, about: 'part' as const, part })),
    station: unit.axes.flatMap((axis) =>
      axis.stations.map((station) => ({
        ...bare,
        about: 'station' as const,
        axis,
        station,
        part: parts.get(station.partId) ?? null,
        faults: faulty[station.id] ?? [],
      })),
    ),
  };
  const axes = new Map(of.axis.map((one) => [one.axis.id, one]));
  const figures = new Map(of.spec.map((one) => [`${one.axis.id} ${one.specKind}`, one]));
  const ofPart = new Map(of.part.map((one) => [one.part.id, one]));
  const stations = new Map(of.station.map((one) => [one.station.id, one]));
  return {
    of,
    all: {
      unit: of.unit,
      axis: (id) => axes.get(id) ?? null,
      spec: (axisId, kind) => figures.get(`${axisId} ${kind}`) ?? null,
      part: (id) => ofPart.get(id) ?? null,
      station: (id) => stations.get(id) ?? null,
    },
  };
}

/** Whether a rule is for a subject: of stations those of its kinds, and while a description cannot be so only what mends it. */
export function isFor({ id, kinds }: RuleFor<Subject>, subject: Subject): boolean {
  if (subject.about !== 'station') return true;
  const { faults, station } = subject;
  return (faults.length === 0 || id === 'mend') && (kinds?.includes(station.kind) ?? true);
}
