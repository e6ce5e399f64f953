import { FIXTURE_UNIT } from '../../job/tests/jobFixture.ts';
import { writeUnitFile } from '../../unit/index.ts';

/** One sound input for each calculation, and a figure its result must contain. */
export const SOUND: Readonly<Record<string, readonly [input: object, expected: object]>> = {
  'parse-quantity': [{ text: '.0055"', kind: 'length', assume: 'mm' }, { unit: 'in' }],
  'format-quantity': [{ value: 25.4, kind: 'length', system: 'inch' }, { text: '1.0000' }],
  'shim-gain': [{ arrangement: 'faceToFace', place: 'underCoverFlange' }, { gain: 1 }],
  'trial-gain': [
    { first: { thickness: 1, endPlay: 0 }, second: { thickness: 2, endPlay: 1 } },
    { gain: 1 },
  ],
  'depth-stack': [
    {
      lengths: [
        { way: 'plus', value: 60, within: 0.03 },
        { way: 'minus', value: 20, within: 0.04 },
      ],
      direct: { value: 40.06, within: 0.01 },
    },
    { value: 40, worst: 0.07, likely: 0.05, agrees: true },
  ],
  'preload-force': [
    { bearings: [{ bore: 40, contactAngle: 15 }], given: { force: 10_000, torque: null } },
    { torque: expect.closeTo(0.5374, 3) },
  ],
  'warm-play-two': [
    {
      cold: 0.1,
      arrangement: 'faceToFace',
      span: 100,
      housing: 'castAluminium',
      shaft: 'carbonSteel',
      housingTemperature: 20,
      shaftTemperature: 20,
      bearings: [{ meanDiameter: 50, contactAngle: 15 }],
    },
    { warm: 0.1 },
  ],
  'gauge-force': [{ pressure: 20, piston: 50 }, { force: expect.closeTo(39_270, 0) }],
  'drawn-cup-bore': [
    { gaugedLeast: 20.02, gaugedMost: 20.041, gauge: 25.976, boreLeast: 25.972, boreMost: 25.993 },
    { least: expect.closeTo(20.016, 6), most: expect.closeTo(20.058, 6) },
  ],
  'closing-in': [
    {
      bush: { diameter: 30, bore: 25, width: 20, bush: 'bronze', housing: 'greyIron' },
      interference: 0.04,
    },
    // By hand: p = 0.04/(30·(2.311 + 4.957)e-5) = 18.3 MPa; 2·18.3·30²·25/(105000·275).
    { by: expect.closeTo(0.0286, 4) },
  ],
  'ream-size': [
    {
      bore: 24.95,
      journalLeast: 24.98,
      journalMost: 24.99,
      clearanceLeast: 0.03,
      clearanceMost: 0.06,
    },
    { least: expect.closeTo(25.02, 9), most: expect.closeTo(25.04, 9), word: 'ream' },
  ],
  'learn-play': [
    {
      tries: [{ thickness: 1, play: 0.3, uncertainty: 0.004, shared: 0 }],
      before: { gain: 1, gainUncertainty: 0.02, scatter: { least: 0.003, most: 0.003 } },
    },
    { value: 0.3, gain: 1, scatter: { value: 0.003, degreesOfFreedom: null } },
  ],
  'adjuster-play': [{ lead: 1.5, clockwiseAngle: 360, hand: 'right' }, { endPlayChange: -1.5 }],
  'bevel-backlash': [{ pressureAngle: 20, spiralAngle: 35, ringPitchAngle: 75, heelRatio: 1 }, {}],
  'cosine-correction': [{ contact: 'lever', angle: 0 }, { factor: 1 }],
  'student-factor': [{ degreesOfFreedom: 4 }, {}],
  'decode-bearing': [{ designation: '6204 C3' }, { status: 'known', clearanceClass: 'C3' }],
  'internal-clearance': [
    { type: 'deepGrooveBall', bore: 40, clearanceClass: 'CN' },
    { clearance: { least: 0.006, most: 0.02 } },
  ],
  'judge-run': [
    {
      instrument: { id: 'd', name: 'd', graduation: 0.01, calibrationUncertainty: 0, range: 10 },
      indicator: { contact: 'lever', angle: 0 },
      band: { lower: 0.1, upper: 0.2, target: null },
      shaftHeld: true,
      cycles: [0, 0, 0].map((zero) => ({ zero, lift: 0.15, returned: 0, position: null })),
    },
    { status: 'judged' },
  ],
  'propose-pack': [
    {
      endPlay: { value: 0.3, uncertainty: 0.005, degreesOfFreedom: null },
      packInPlace: { thickness: 1, uncertainty: 0 },
      gain: 1,
      band: { lower: 0.1, upper: 0.2, target: null },
      stock: [{ id: 'a', thickness: 0.85, count: 1, uncertainty: 0 }],
      mostPieces: 2,
    },
    { status: 'found' },
  ],
  'standard-tolerance': [{ size: 62, grade: 'IT7' }, { tolerance: 0.03 }],
  'ring-limits': [{ size: 52, ring: 'outer', family: 'radial' }, { most: 52 }],
  interference: [
    { which: 'outer', ring: { least: 52, most: 52 }, seat: { least: 51.5, most: 51.5 } },
    { mean: 0.5 },
  ],
  'drop-in': [
    {
      diameter: 62,
      interference: 0.03,
      material: 'castAluminium',
      ring: { material: 'bearingSteel', temperature: 20 },
    },
    { clearance: 0.031, drops: expect.closeTo(65.76, 2), slides: expect.closeTo(42.51, 2) },
  ],
  'judge-round': [
    { nominal: 52, sizes: [{ plane: 'outer', value: 52, uncertainty: 0.001 }] },
    { verdict: null },
  ],
  'bolt-length': [{ length: 45, longest: 45.5, uncertainty: 0.01 }, { word: 'conforms' }],
  'loose-bore': [{ gap: 0.2 }, { repair: 'sleeveBore' }],
  'compare-bearings': [
    {
      wanted: { designation: '6205', dimensions: { bore: 25, outside: 52, width: 15 } },
      offered: { designation: '6205', dimensions: { bore: 25, outside: 52, width: 15 } },
    },
    { result: 'same' },
  ],
  'full-complement': [{ journal: 3, roller: 3 }, { count: 6 }],
  'oil-hole-opening': [{ first: 5, second: 5, offset: 0 }, { share: 1 }],
  'plain-clearance': [
    { bores: [40.5], journals: [40] },
    { least: 0.5, usual: { lower: 0.03 } },
  ],
  'seal-depth': [
    { boreDepth: 12, depth: 2, width: 8 },
    { gap: 2, enough: true },
  ],
  tightening: [
    { count: 4, pattern: 'circle', least: 20, most: 24 },
    { order: [1, 3, 2, 4], rounds: [11, 16.5, 22] },
  ],
  'tolerance-class': [
    { toleranceClass: 'H7', size: 62 },
    { least: 62, most: 62.03 },
  ],
  'class-fit': [{ size: 50, hole: 'H7', shaft: 'p6' }, {}],
  'roughness-loss': [{ interference: -0.02, diameter: 40, finish: 'ground' }, { effective: -0.02 }],
  'fit-at-temperature': [
    {
      interference: 0.03,
      diameter: 62,
      inner: { material: 'bearingSteel', temperature: 20 },
      outer: { material: 'castAluminium', temperature: 20 },
    },
    { interference: 0.03 },
  ],
  'press-fit': [
    {
      interference: 0,
      diameter: 50,
      innerBore: 0,
      outerOutside: 100,
      length: 40,
      innerMaterial: 'carbonSteel',
      outerMaterial: 'greyIron',
      friction: 0.12,
    },
    { pressure: 0, force: 0 },
  ],
  'clearance-left': [
    {
      initial: 0.015,
      bore: 25,
      innerRaceway: 30,
      innerPressure: 0,
      outside: 52,
      outerRaceway: 47,
      outerPressure: 0,
      innerRise: 0,
      outerRise: 0,
    },
    { left: 0.015 },
  ],
  'draw-screw': [
    { force: 20000, thread: 10, pitch: 1.5, proofStress: 580 },
    { holds: true, torqueDry: 40 },
  ],
  'soak-time': [
    {
      material: 'brass',
      mass: 1,
      area: 0.1,
      medium: 'fanOven',
      from: 100,
      surroundings: 100,
      target: 100,
    },
    { seconds: 0 },
  ],
  'seat-window': [
    {
      diameter: 52,
      width: 15,
      interference: 0.2,
      clearance: 0.02,
      outer: { material: 'greyIron', mass: 2, area: 0.1, temperature: 60 },
      inner: { material: 'bearingSteel', mass: 0.05, area: 0.01, temperature: 20 },
      ambient: 20,
      ring: 'inner',
    },
    { lastSafe: null },
  ],
  'seat-order': [
    { seats: [{ id: 'a', deadline: 60, handling: 20, after: [] }] },
    { order: [{ id: 'a', heat: 1, in: 20, spare: 40 }] },
  ],
  'ways-in': [
    {
      ring: 'inner',
      diameter: 25,
      other: 52,
      width: 15,
      fit: { least: 0, mean: 0.005, most: 0.01 },
      material: 'carbonSteel',
      sealed: false,
      pressRating: 100000,
    },
    { ways: expect.arrayContaining([expect.objectContaining({ id: 'bake', stands: false })]) },
  ],
  'least-heat': [
    {
      part: { material: 'castAluminium', mass: 1.6, area: 0.09 },
      seats: [{ id: 'a', diameter: 62, bore: 30, width: 16, fit: { most: 0.03 }, after: [] }],
      work: { rings: 20, ambient: 20, carry: 0, handling: 20, coolingFactor: 1 },
    },
    // 20 + 0.061/(62·21.5·10⁻⁶) = 65.76; 40 s of τ = 1600 s in the air: 20 + 45.76·e^(1/40) = 66.92.
    { toDrop: expect.closeTo(66.92, 2), seats: [{ drops: expect.closeTo(65.76, 2) }] },
  ],
  'follow-body': [
    {
      body: { material: 'castAluminium', mass: 1, area: 0.1 },
      history: {
        start: 20,
        stays: [{ from: 0, medium: 'fanOven', temperature: 100 }],
        readings: [{ at: 60, value: 50 }],
        now: 60,
      },
    },
    { temperature: 50, isRead: true },
  ],
  'ring-force': [
    {
      seat: {
        ring: 'outer',
        diameter: 52,
        other: 25,
        width: 15,
        material: 'castAluminium',
        bush: null,
      },
      fit: { least: -0.01, mean: 0, most: 0 },
      way: 'in',
    },
    { least: 0, usual: 0, most: 0 },
  ],
  'cord-torque': [{ force: 20, radius: 40, cord: 2 }, { torque: 0.82 }],
  'rolling-torque': [
    {
      tool: {
        id: 'w',
        name: 'w',
        graduation: 0.05,
        calibrationUncertainty: 0.02,
        least: 0.1,
        most: 5,
      },
      readings: [
        { value: 0.9, steady: true },
        { value: 0.9, steady: true },
      ],
      band: { lower: 0.7, upper: 1.1, target: null },
      sealDrag: null,
      square: true,
    },
    { status: 'judged', bearings: 0.9, decision: { word: 'conforms' } },
  ],
  'carrier-torque': [{ total: 1.5, pinion: 1, ratio: 4 }, { carrier: 2 }],
  'sleeve-forecast': [
    {
      points: [{ angle: 0, torque: 0.4 }],
      band: { lower: 0.7, upper: 1.1, target: null },
      sealDrag: 0.4,
      uncertainty: 0.03,
    },
    { status: 'free', step: 3, contact: { bound: 'noLead' } },
  ],
  'sleeve-window': [
    { band: { lower: 1.5, upper: 2, target: null }, lead: 1.5 },
    { isNarrow: false },
  ],
  'closing-play': [
    {
      points: [{ angle: 0, play: 0.2 }],
      band: { lower: 0, upper: 0.03, target: null },
      uncertainty: 0.003,
    },
    { status: 'closing' },
  ],
  'spacer-length': [
    {
      trials: [
        {
          length: 59,
          lengthUncertainty: 0.001,
          feel: 'loose',
          play: { value: 0.1, uncertainty: 0.003 },
          torque: null,
        },
      ],
      by: 'play',
      band: { lower: -0.06, upper: -0.02, target: null },
    },
    { status: 'known', basis: 'play', wanted: expect.closeTo(58.86, 9) },
  ],
  'spacer-cut': [
    { from: 10, wanted: 9.6 },
    { now: expect.closeTo(0.3, 9), rest: true },
  ],
  'clamp-shortening': [
    {
      trialTorque: 100,
      finalTorque: 100,
      thread: 20,
      nutFactor: 0.2,
      length: 60,
      area: 600,
      modulus: 206000,
    },
    { shortening: 0 },
  ],
  'adjuster-turn': [
    {
      play: 0.2,
      guard: 0.01,
      band: { lower: 0, upper: 0.2, target: 0.1 },
      lead: 1.5,
      notches: 15,
      hand: 'left',
    },
    { notches: 1, direction: 'anticlockwise' },
  ],
  'backlash-per-move': [
    {
      driverTeeth: 10,
      drivenTeeth: 40,
      pressureAngle: null,
      spiralAngle: null,
      contact: 'squareToFlank',
    },
    { ring: { value: 0.7 }, pinion: { value: 0.175 }, by: 'usual' },
  ],
  'split-turns': [
    {
      travel: { gear: 0.15, other: -0.075 },
      thread: { gear: { lead: 1.5, notches: 20 }, other: { lead: 1.5, notches: 20 } },
    },
    { gear: { notches: 2 }, other: { notches: -1 } },
  ],
  'judge-backlash': [
    {
      places: [0, 90, 180, 270].map((angle) => ({ angle, value: 0.16, face: null })),
      band: { lower: 0.1, upper: 0.2, target: null },
      instrument: { id: 'd', name: 'd', graduation: 0.01, calibrationUncertainty: 0, range: 10 },
      factor: 0.7,
    },
    { status: 'judged', decision: { word: 'conforms' } },
  ],
  'depth-shim': [
    {
      method: 'oldShim',
      lengths: { oldShim: 1.2, oldEtching: 0.05, etching: -0.03 },
      sign: 'plusLarger',
      thicker: 'towards',
      uncertainty: 0.003,
    },
    { status: 'known', shim: { thickness: expect.closeTo(1.28, 9) } },
  ],
  'judge-pattern': [
    { drive: { length: -0.1, height: 0 }, coast: { length: -0.1, height: 0 }, cut: null },
    { status: 'judged', good: true },
  ],
  'carrier-split': [
    {
      gearSide: 1.5,
      otherSide: 1.5,
      play: 0.1,
      preload: 0.2,
      backlash: 0.3,
      target: 0.16,
      factor: 0.7,
    },
    {
      total: expect.closeTo(3.3, 9),
      shift: expect.closeTo(0.2, 9),
      otherSide: expect.closeTo(1.4, 9),
      gearSide: expect.closeTo(1.9, 9),
    },
  ],
  'play-terms': [
    {
      arrangement: 'faceToFace',
      terms: [{ kind: 'gasket', trial: 0, final: 0.4, uncertainty: 0.01 }],
    },
    { shift: 0.4, uncertainty: 0.01 },
  ],
  'doubt-reading': [
    { value: 5.5, least: 0.1, most: 0.2, taken: 'mm' },
    { doubt: { likely: { id: 'thousandths' } } },
  ],
  'joint-packs': [
    {
      specs: [
        {
          id: 'play',
          value: 0.3,
          uncertainty: 0.003,
          degreesOfFreedom: null,
          band: { lower: 0.1, upper: 0.18, target: null },
        },
      ],
      sites: [{ id: 'shims', thickness: 0.5, uncertainty: 0, gains: { play: 1 } }],
      stock: [{ id: 'a', thickness: 0.34, count: 1, uncertainty: 0 }],
      mostPieces: 2,
    },
    { status: 'found', choices: [{ packs: [{ thickness: 0.34 }] }] },
  ],
  'warm-play': [
    {
      cold: 0.1,
      arrangement: 'faceToFace',
      span: 100,
      rise: 0,
      housing: 'castAluminium',
      shaft: 'carbonSteel',
      cups: [],
    },
    { warm: 0.1, looseCups: [] },
  ],
  'pack-odds': [
    {
      endPlay: { value: 0.3, uncertainty: 0, degreesOfFreedom: null },
      packInPlace: { thickness: 1, uncertainty: 0 },
      newPack: { thickness: 0.84, pieces: 1, pieceUncertainty: 0 },
      gain: 1,
      band: { lower: 0.1, upper: 0.18, target: null },
      seating: { value: 0, degreesOfFreedom: null },
      draws: 100,
      seed: 1,
    },
    { inBand: 1 },
  ],
  'build-plan': [
    { unitFile: writeUnitFile(FIXTURE_UNIT), scope: 'setPlay' },
    { faults: {}, plan: { behind: 0, next: { rule: 'setSpec' } } },
  ],
};
