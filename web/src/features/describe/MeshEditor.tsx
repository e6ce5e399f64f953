import { useId, useState, type FormEvent } from 'react';

import { orRefused } from '@wendaxis/core/faults';
import {
  DEPTH_METHOD_TABLE,
  DEPTH_METHODS,
  ETCHING_SIGNS,
  type DepthMethod,
} from '@wendaxis/core/gears';
import { pairOf, requireMesh, type Mesh, type Station, type Unit } from '@wendaxis/core/unit';

import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { QuantityField } from '../../ui/QuantityField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { faultWords } from '../../wording/faultWords.ts';
import { readNumbers, type MeshTexts } from './meshEntry.ts';
import { SIGN_WORDS } from '../pair/signWords.ts';

interface Props {
  readonly unit: Unit;
  readonly mesh: Mesh;
  readonly onRecord: (mesh: Mesh) => void;
  readonly onRemove: () => void;
}

const CUT_WORDS = {
  faceMilled: 'Face milled: deeper at the heel',
  faceHobbed: 'Face hobbed: of one depth',
} as const;
const CONTACT_WORDS = {
  squareToFlank: 'Plunger square to the flank',
  alongCircle: 'Plunger along the circle',
} as const;
const THICKER_WORDS = {
  towards: 'Towards the ring gear',
  away: 'Away from the ring gear',
} as const;
const UNKNOWN = 'Not known';

/** Describe two gears in mesh: which they are, their angles, where depth and backlash are set. */
export function MeshEditor({ unit, mesh, onRecord, onRemove }: Props) {
  const units = useUnits();
  const form = useId();
  const [made, setMade] = useState(mesh);
  const [texts, setTexts] = useState({
    pressureAngle: textOf(mesh.pressureAngle),
    spiralAngle: textOf(mesh.spiralAngle),
    mountingDistance: mesh.mountingDistance === null ? '' : units.digits(mesh.mountingDistance),
  });
  const set = (part: Partial<Mesh>): void => setMade((old) => ({ ...old, ...part }));
  const numbers = readNumbers(texts, units.system);
  const whole = numbers === null ? null : { ...made, ...numbers };
  const refused =
    whole === null
      ? null
      : orRefused(
          () => (requireMesh(whole, unit, 'mesh'), null),
          (error) => error.faults[0]!,
        );
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (whole !== null && refused === null) onRecord(whole);
  };
  const { driverTeeth, drivenTeeth } = pairOf(unit, made);
  return (
    <form id={form} onSubmit={submit} className="grid gap-3" aria-label="Gears in mesh">
      <MeshGears unit={unit} made={made} set={set} />
      <MeshSites unit={unit} made={made} set={set} />
      <p className="m-0">
        {driverTeeth === null || drivenTeeth === null
          ? 'Teeth are described at the gears: not both are known yet.'
          : `Teeth ${drivenTeeth}:${driverTeeth}, ratio ${(drivenTeeth / driverTeeth).toFixed(3)}.`}
      </p>
      <MeshNumbers texts={texts} setTexts={setTexts} made={made} set={set} />
      {refused !== null && (
        <p role="alert" className="text-bad m-0 font-semibold">
          {faultWords(refused, units)}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <MainAction form={form} blocked={whole === null ? 'Check the numbers' : null}>
          Record the gears
        </MainAction>
        <Button onClick={onRemove}>They do not mesh</Button>
      </div>
    </form>
  );
}

interface MeshNumbersProps {
  readonly texts: MeshTexts;
  readonly setTexts: (texts: MeshTexts) => void;
  readonly made: Mesh;
  readonly set: (part: Partial<Mesh>) => void;
}

/** What is known of the pair in numbers, and what its etching means. */
function MeshNumbers({ texts, setTexts, made, set }: MeshNumbersProps) {
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      {(
        [
          ['pressureAngle', 'Normal pressure angle', 'angle'],
          ['spiralAngle', 'Spiral angle of the ring gear', 'angle'],
          ['mountingDistance', 'Nominal mounting distance', 'length'],
        ] as const
      ).map(([name, label, kind]) => (
        <QuantityField
          key={name}
          label={label}
          kind={kind}
          text={texts[name]}
          onText={(text) => setTexts({ ...texts, [name]: text })}
          whenEmpty={UNKNOWN}
          optional
        />
      ))}
      <SelectField
        label="What a plus on the pinion means"
        value={made.etchingSign ?? ''}
        onChange={(value) => set({ etchingSign: (value || null) as Mesh['etchingSign'] })}
        options={ETCHING_SIGNS.map((one) => [one, SIGN_WORDS[one]] as const)}
        unknown={UNKNOWN}
      />
    </div>
  );
}

interface MeshGearsProps {
  readonly unit: Unit;
  readonly made: Mesh;
  readonly set: (part: Partial<Mesh>) => void;
}

/** Which gears, and how they are cut and read. */
function MeshGears({ unit, made, set }: MeshGearsProps) {
  const driven = axisOf(unit, made.drivenId);
  const gears = unit.axes.flatMap((axis) => named(axis.stations, ['gear']));
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <SelectField
        label="Pinion, that drives"
        value={made.driverId ?? ''}
        onChange={(value) => set({ driverId: orNull(value), depthAt: null })}
        options={gears.filter(([id]) => axisOf(unit, id) !== driven)}
        unknown="Not part of this unit"
      />
      <SelectField
        label="Ring gear, that is driven"
        value={made.drivenId}
        onChange={(drivenId) => set({ drivenId, gearSideAt: null, otherSideAt: null })}
        options={gears}
      />
      <SelectField
        label="How the teeth are cut"
        value={made.cut ?? ''}
        onChange={(value) => set({ cut: orNull(value) as Mesh['cut'] })}
        options={Object.entries(CUT_WORDS)}
        unknown={UNKNOWN}
      />
      <SelectField
        label="How the backlash is read"
        value={made.contact}
        onChange={(value) => set({ contact: value as Mesh['contact'] })}
        options={Object.entries(CONTACT_WORDS)}
      />
    </div>
  );
}

/** Where depth and backlash are set. */
function MeshSites({ unit, made, set }: MeshGearsProps) {
  const drives = axisOf(unit, made.driverId);
  const sides = named(axisOf(unit, made.drivenId)?.stations ?? [], ['shimSite', 'adjuster']);
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <SelectField
        label="Depth is set at"
        value={made.depthAt ?? ''}
        onChange={(value) => set({ depthAt: orNull(value) })}
        options={named(drives?.stations ?? [], ['shimSite'])}
        unknown={UNKNOWN}
      />
      <SelectField
        label="A thicker shim there moves the pinion"
        value={made.thicker}
        onChange={(value) => set({ thicker: value as Mesh['thicker'] })}
        options={Object.entries(THICKER_WORDS)}
      />
      <SelectField
        label="How the depth is found"
        value={made.depthBy ?? ''}
        onChange={(value) => set({ depthBy: orNull(value) as DepthMethod | null })}
        options={DEPTH_METHODS.map((one) => [one, DEPTH_METHOD_TABLE[one].words] as const)}
        unknown="Decided at the bench"
      />
      <SelectField
        label="At the back of the ring gear"
        value={made.gearSideAt ?? ''}
        onChange={(value) => set({ gearSideAt: orNull(value) })}
        options={sides}
        unknown={UNKNOWN}
      />
      <SelectField
        label="At the other side of the carrier"
        value={made.otherSideAt ?? ''}
        onChange={(value) => set({ otherSideAt: orNull(value) })}
        options={sides}
        unknown={UNKNOWN}
      />
    </div>
  );
}

const orNull = (value: string): string | null => (value === '' ? null : value);

const axisOf = ({ axes }: Unit, stationId: string | null) =>
  axes.find(({ stations }) => stations.some(({ id }) => id === stationId));

const named = (
  stations: readonly Station[],
  kinds: readonly Station['kind'][],
): readonly (readonly [string, string])[] =>
  stations.filter(({ kind }) => kinds.includes(kind)).map(({ id, name }) => [id, name] as const);

const textOf = (value: number | null): string => (value === null ? '' : String(value));
