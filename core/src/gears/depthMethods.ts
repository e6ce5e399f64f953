/** How the depth of a pinion is found. */
export const DEPTH_METHODS = ['gauge', 'head', 'oldShim', 'witness'] as const;
export type DepthMethod = (typeof DEPTH_METHODS)[number];

/** What a plus etched on a pinion means: its mounting distance is larger, or its shim is to be thicker. */
export const ETCHING_SIGNS = ['plusLarger', 'plusThicker'] as const;
export type EtchingSign = (typeof ETCHING_SIGNS)[number];

/** Every length that a depth can be worked out from. mm. */
export const DEPTH_LENGTHS = [
  'seatToAxis',
  'headToAxis',
  'mountingDistance',
  'bearingHeight',
  'etching',
  'oldShim',
  'oldEtching',
  'oldHeight',
  'depthBefore',
  'depthNow',
] as const;
export type DepthLength = (typeof DEPTH_LENGTHS)[number];

/** A length of a method: what it is, where it may lie, and whether it can be left out. */
interface LengthRow {
  readonly words: string;
  readonly least: number;
  readonly most: number;
  /** Etched or read off a drawing: it has no uncertainty of the bench. */
  readonly exact?: true;
}

/** What the lengths are called, and their bounds. mm. */
export const DEPTH_LENGTH_TABLE: Readonly<Record<DepthLength, LengthRow>> = {
  seatToAxis: {
    words: 'From the seat of the shim to the ring gear’s axis, as gauged',
    least: 5,
    most: 1000,
  },
  headToAxis: {
    words: 'From the pinion’s head to the ring gear’s axis, as gauged',
    least: 1,
    most: 1000,
  },
  mountingDistance: {
    words: 'Nominal mounting distance of the pinion',
    least: 1,
    most: 1000,
    exact: true,
  },
  bearingHeight: { words: 'Height of the head bearing that goes in', least: 3, most: 200 },
  etching: { words: 'Etched on the pinion that goes in', least: -2, most: 2, exact: true },
  oldShim: { words: 'Shim that was in, measured', least: 0, most: 20 },
  oldEtching: { words: 'Etched on the pinion that was in', least: -2, most: 2, exact: true },
  oldHeight: { words: 'Height of the head bearing that was in', least: 3, most: 200 },
  depthBefore: {
    words: 'From a face at the ring gear’s side down to the pinion, as it ran',
    least: 0,
    most: 1000,
  },
  depthNow: {
    words: 'From the same face to the pinion, with this shim in',
    least: 0,
    most: 1000,
  },
};

/** A way of finding a depth: what it needs, and what it can be helped by. */
interface MethodRow {
  readonly words: string;
  readonly how: string;
  readonly needs: readonly DepthLength[];
  /** Pairs that are given together or not at all: what is not renewed does not change. */
  readonly pairs?: readonly (readonly [DepthLength, DepthLength])[];
  /** Can be left out: nothing is etched. */
  readonly open?: readonly DepthLength[];
}

/** The ways of finding a depth. */
export const DEPTH_METHOD_TABLE: Readonly<Record<DepthMethod, MethodRow>> = {
  gauge: {
    words: 'Depth gauge, from the seat of the shim',
    how: 'The arbor of the gauge lies in the carrier’s saddles, caps at their torque; read down to the seat, with no shim or with the mock-up bearing taken off.',
    needs: ['seatToAxis', 'mountingDistance', 'bearingHeight'],
    open: ['etching'],
  },
  head: {
    words: 'Depth gauge, on the pinion as it is built in',
    how: 'A known shim is in and the bearings are at their preload. Arbor in the saddles, caps at their torque; read down to the face of the pinion’s head.',
    needs: ['headToAxis', 'mountingDistance', 'oldShim'],
    open: ['etching'],
  },
  oldShim: {
    words: 'From the shim that was in',
    how: 'It ran well before. What is renewed is given old and new: the pinion by its etchings, the head bearing by its height under load.',
    needs: ['oldShim'],
    pairs: [
      ['oldEtching', 'etching'],
      ['oldHeight', 'bearingHeight'],
    ],
  },
  witness: {
    words: 'Where it ran: depth from a face of the case',
    how: 'Read with a depth micrometer from the same face to the same place of the pinion, before it came out and again with this shim in.',
    needs: ['oldShim', 'depthBefore', 'depthNow'],
  },
};
