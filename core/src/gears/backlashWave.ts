/** A backlash at one place of the ring gear. Degrees, mm. */
export interface BacklashPlace {
  readonly angle: number;
  readonly value: number;
  /** What an indicator on the back of the gear showed there; null where it was not read. */
  readonly face: number | null;
}

/** The first harmonic of the readings round the gear. */
export interface Wave {
  /** Half of what it swings. */
  readonly amplitude: number;
  /** Where it is largest. */
  readonly angle: number;
  /** What is left: teeth, burrs, readings. Root mean square. */
  readonly rest: number;
  /** Whether it stands out of the readings' own uncertainty. */
  readonly seen: boolean;
  /**
   * Where it comes from: the gear stands askew on its seat (its back swings with it), is not round to its axis (its back
   * runs true), both, or not told: its back was not read.
   */
  readonly cause: 'tilt' | 'runout' | 'both' | 'notTold' | null;
  /** Swing of the back of the gear that the backlash asks for if it is tilt alone, peak to valley. */
  readonly asFaceRunout: number;
}

/** A first harmonic, and what it leaves. */
export interface Harmonic {
  readonly cos: number;
  readonly sin: number;
  /** Standard deviation about it, with n − 3 degrees of freedom. */
  readonly residual: number;
}

/** `m + a·cos θ + c·sin θ` by least squares: normal equations of three, by Cramer. */
export function harmonicOf(
  places: readonly BacklashPlace[],
  read: (place: BacklashPlace) => number,
): Harmonic {
  const rows = places.map((place) => {
    const angle = (place.angle * Math.PI) / 180;
    return { of: [1, Math.cos(angle), Math.sin(angle)] as const, value: read(place) };
  });
  const sums = [0, 1, 2].map((i) =>
    [0, 1, 2].map((j) => rows.reduce((sum, { of }) => sum + of[i]! * of[j]!, 0)),
  );
  const right = [0, 1, 2].map((i) => rows.reduce((sum, { of, value }) => sum + of[i]! * value, 0));
  const whole = determinant(sums);
  const [m, cos, sin] = [0, 1, 2].map(
    (column) =>
      determinant(sums.map((row, i) => row.map((cell, j) => (j === column ? right[i]! : cell)))) /
      whole,
  ) as [number, number, number];
  const squares = rows.reduce(
    (sum, { of, value }) => sum + (value - m - cos * of[1] - sin * of[2]) ** 2,
    0,
  );
  return { cos, sin, residual: Math.sqrt(squares / Math.max(1, rows.length - 3)) };
}

function determinant([a, b, c]: readonly (readonly number[])[]): number {
  return (
    a![0]! * (b![1]! * c![2]! - b![2]! * c![1]!) -
    a![1]! * (b![0]! * c![2]! - b![2]! * c![0]!) +
    a![2]! * (b![0]! * c![1]! - b![1]! * c![0]!)
  );
}

/** The swing of a round, and where it comes from. */
export function waveOf(
  places: readonly BacklashPlace[],
  fit: Harmonic,
  { factor, resolution }: { readonly factor: number; readonly resolution: number },
): Wave {
  const amplitude = Math.hypot(fit.cos, fit.sin);
  const least = 2 * resolution;
  const seen = amplitude > least && amplitude > fit.residual;
  const angle = ((Math.atan2(fit.sin, fit.cos) * 180) / Math.PI + 360) % 360;
  const faces = places.every(({ face }) => face !== null);
  return {
    amplitude,
    angle,
    rest: fit.residual,
    seen,
    asFaceRunout: (2 * amplitude) / factor,
    cause: !seen ? null : faces ? causeOf(places, fit, { factor, least }) : 'notTold',
  };
}

/** The back of the gear swings away from the pinion where its reading is highest: what it explains is taken off. */
function causeOf(
  places: readonly BacklashPlace[],
  fit: Harmonic,
  { factor, least }: { readonly factor: number; readonly least: number },
): Wave['cause'] {
  const back = harmonicOf(places, ({ face }) => face!);
  const tilt = factor * Math.hypot(back.cos, back.sin) > least;
  const left = Math.hypot(fit.cos - factor * back.cos, fit.sin - factor * back.sin);
  // A third of the wave is what a factor that is not known to better than that leaves of it.
  const runout = left > Math.max(least, Math.hypot(fit.cos, fit.sin) / 3);
  return tilt ? (runout ? 'both' : 'tilt') : 'runout';
}
