import { materialOf, requireMaterial } from './materialChoice.ts';
import { MATERIAL_IDS, MATERIALS, type Material } from './materials.ts';

describe('materials', () => {
  test('should lie where handbooks put them', () => {
    // Engineers' usual figures (from memory): aluminium alloys 20 to 24, magnesium 25 to 27, iron and steel 10 to 13,
    // copper alloys 17 to 21 µm/(m·K); steel 200 to 215 GPa; each within a few parts of its specific gravity.
    const between = (value: number, low: number, high: number) => {
      expect(value).toBeGreaterThanOrEqual(low);
      expect(value).toBeLessThanOrEqual(high);
    };
    between(materialOf('castAluminium').expansion * 1e6, 20, 24);
    between(materialOf('magnesium').expansion * 1e6, 25, 27);
    for (const id of ['greyIron', 'ductileIron', 'carbonSteel', 'bearingSteel'] as const)
      between(materialOf(id).expansion * 1e6, 10, 13);
    for (const id of ['bronze', 'brass'] as const) between(materialOf(id).expansion * 1e6, 17, 21);
    between(materialOf('carbonSteel').modulus, 200_000, 215_000);
    between(materialOf('carbonSteel').density, 7800, 7900);
  });

  test('should have a limit with its reason, and no flame near magnesium', () => {
    for (const id of MATERIAL_IDS) expect(materialOf(id).hottestReason).not.toBe('');
    expect(MATERIAL_IDS.filter((id) => !materialOf(id).flame)).toEqual(['magnesium']);
    expect(materialOf('bearingSteel').hottest).toBe(120);
  });

  test('should be the workshop’s own where it has its figures, and nonsense is named', () => {
    const own: Material = { ...MATERIALS.brass, words: 'Manganese brass' };
    expect(requireMaterial('material', own)).toBe(own);
    expect(materialOf(own).words).toBe('Manganese brass');
    expect(requireMaterial('material', 'brass')).toBe('brass');
    for (const [name, value] of [
      ['density', -1],
      ['expansion', 1],
      ['poisson', 0.5],
      ['hottest', 2000],
      ['words', ''],
      ['flame', 'no'],
      ['colour', 'red'],
    ] as const)
      expect(() => requireMaterial('material', { ...own, [name]: value })).toThrow(
        `material.${name}`,
      );
    for (const value of ['cheese', 7, null, []])
      expect(() => requireMaterial('material', value)).toThrow(/material/);
  });

  test('should name a material that is not known', () => {
    expect(() => materialOf('cheese' as 'brass', 'part.material')).toThrow(/part.material/);
  });
});
