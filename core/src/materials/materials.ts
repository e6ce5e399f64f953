/** What a part is made of. */
export interface Material {
  readonly words: string;
  /** Linear expansion, 1/K. */
  readonly expansion: number;
  /** Young's modulus, MPa. */
  readonly modulus: number;
  /** Poisson's ratio. */
  readonly poisson: number;
  /** kg/m³. */
  readonly density: number;
  /** J/(kg·K). */
  readonly heatCapacity: number;
  /** W/(m·K). */
  readonly conductivity: number;
  /** Highest temperature a plan may heat it to, °C; the maker's own figure goes before it. */
  readonly hottest: number;
  /** Why not hotter. */
  readonly hottestReason: string;
  /** Stress at which it begins to give, MPa: the wall of a snap ring's groove. */
  readonly proof: number;
  /** Whether a naked flame may come near it. */
  readonly flame: boolean;
}

/**
 * Materials of the trade, near room temperature. Typical handbook values (from memory, rounded); a maker's own
 * figure goes before them. The limits are the usual ones of the trade, no published source.
 */
export const MATERIALS = {
  castAluminium: material('cast aluminium alloy', [21.5, 72, 0.33, 2700, 900, 130, 150], 150,
    'above it a heat-treated casting ages with time'),
  magnesium: material('magnesium alloy', [26, 45, 0.35, 1800, 1020, 72, 90], 120,
    'above it magnesium creeps, and a flame can light it', false),
  greyIron: material('grey cast iron', [10.5, 110, 0.26, 7150, 500, 50, 150], 200,
    'above it paint burns and stresses are let go'),
  ductileIron: material('ductile iron', [11.5, 170, 0.28, 7100, 500, 35, 250], 200,
    'above it paint burns and stresses are let go'),
  carbonSteel: material('carbon steel', [11.7, 206, 0.3, 7850, 480, 48, 300], 180,
    'above it a hardened journal loses hardness'),
  bearingSteel: material('bearing steel', [12, 208, 0.3, 7810, 475, 45, 1500], 120,
    'above it a through-hardened ring loses its size and hardness'),
  bronze: material('tin or leaded bronze', [18, 105, 0.34, 8800, 380, 60, 120], 150,
    'above it lead sweats out'),
  brass: material('brass', [20, 100, 0.34, 8500, 380, 115, 150], 150, 'above it cold-drawn brass softens'),
  // A row a line, as printed: pulled apart it could not be checked against its table.
} as const satisfies Record<string, Material>; // prettier-ignore

/** Key of a row of {@link MATERIALS}. */
export type MaterialId = keyof typeof MATERIALS;

/** Every material, in the order they are listed to a reader. */
export const MATERIAL_IDS = Object.keys(MATERIALS) as readonly MaterialId[];

type Figures = readonly [
  micrometresPerMetre: number,
  gigapascals: number,
  poisson: number,
  density: number,
  heatCapacity: number,
  conductivity: number,
  proof: number,
];

function material(
  words: string,
  [alpha, modulus, poisson, density, heatCapacity, conductivity, proof]: Figures,
  hottest: number,
  ...[hottestReason, flame = true]: readonly [string, boolean?]
): Material {
  return {
    words,
    expansion: alpha * 1e-6,
    modulus: modulus * 1000,
    poisson,
    density,
    heatCapacity,
    conductivity,
    proof,
    hottest,
    hottestReason,
    flame,
  };
}
