import { drawAxis } from '@wendaxis/core/drawing';
import type { Axis, Station } from '@wendaxis/core/unit';

import { windowOn } from './axisWindow.ts';

const ring = (id: string, at: number, outside: number): Station => ({
  id,
  kind: 'gear',
  name: id,
  partId: 'case',
  at,
  width: 20,
  inside: 20,
  outside,
});
const axis = (...stations: readonly Station[]): Axis => ({
  id: 'a',
  name: 'a',
  arrangement: 'plainThrust',
  sets: [],
  stations,
});

describe('the window on a drawing', () => {
  test('should take in everything with its marks, in proportion to its length', () => {
    const drawing = drawAxis(axis(ring('a', 0, 80), ring('b', 380, 60)));
    const view = windowOn(drawing, null);
    expect(view.x).toBeLessThanOrEqual(drawing.extent.left);
    expect(view.x + view.width).toBeGreaterThanOrEqual(drawing.extent.right);
    expect(view.y).toBeLessThan(-40);
    expect(view.y + view.height).toBeGreaterThan(40);
    expect(view.unit).toBeCloseTo(view.width / 100, 9);
  });

  test('should widen about a short fat unit, so that its letters are not tiny', () => {
    const view = windowOn(drawAxis(axis(ring('a', 0, 300))), null);
    expect(view.width).toBeGreaterThan(300);
    expect(view.x + view.width / 2).toBeCloseTo(10, 6);
  });

  test('should close in on one station, on its upper half', () => {
    const drawing = drawAxis(axis(ring('a', 0, 80), ring('b', 380, 60)));
    const view = windowOn(drawing, 'b');
    expect(view.width).toBeLessThan(100);
    expect(view.x).toBeLessThan(380);
    expect(view.x + view.width).toBeGreaterThan(400);
    expect(view.y + view.height / 2).toBeCloseTo(-20, 6);
    expect(windowOn(drawing, 'gone')).toEqual(windowOn(drawing, null));
  });
});
