import type { Mesh } from '@wendaxis/core/unit';

import { readField } from '../../ui/QuantityField.tsx';

/** The numbers of a mesh as they are typed. */
export type MeshTexts = Readonly<
  Record<'pressureAngle' | 'spiralAngle' | 'mountingDistance', string>
>;

/** The numbers as typed; null where one cannot be read. */
export function readNumbers(
  texts: MeshTexts,
  system: Parameters<typeof readField>[2],
): Pick<Mesh, 'pressureAngle' | 'spiralAngle' | 'mountingDistance'> | null {
  const read = (text: string, kind: 'angle' | 'length') => readField(text, kind, system);
  const all = {
    pressureAngle: read(texts.pressureAngle, 'angle'),
    spiralAngle: read(texts.spiralAngle, 'angle'),
    mountingDistance: read(texts.mountingDistance, 'length'),
  };
  if (Object.values(all).some(({ status }) => status === 'unreadable')) return null;
  const value = (name: keyof typeof all): number | null => {
    const reading = all[name];
    return reading.status === 'read' ? reading.quantity.value : null;
  };
  return {
    pressureAngle: value('pressureAngle'),
    spiralAngle: value('spiralAngle'),
    mountingDistance: value('mountingDistance'),
  };
}
