import { MATERIAL_IDS, materialOf } from './materials.ts';

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

  test('should name a material that is not known', () => {
    expect(() => materialOf('cheese' as 'brass', 'part.material')).toThrow(/part.material/);
  });
});
