import type { BearingDimensions } from './decodedBearing.ts';

const INCH = 25.4;
const NUMBER = '(\\d+(?:[.,]\\d+)?)';
const BY = '\\s*[x×*/-]\\s*';
const THREE = new RegExp(
  `^${NUMBER}${BY}${NUMBER}${BY}${NUMBER}\\s*(mm|in|inch|")?(?:\\s+[A-Z]+)?$`,
  'iu',
);

/**
 * Three sizes where a designation is asked, as they are moulded on a seal or written on a box: bore or shaft, outside, width, in
 * that order (ISO 6194-1 for seals, ISO 15 for bearings). mm, unless inches are said.
 *
 * @returns null where the text is not three sizes, or its outside is not the larger
 * @example typedSizes('20x35x7') // { bore: 20, outside: 35, width: 7 }
 */
export function typedSizes(text: string): BearingDimensions | null {
  const match = THREE.exec(text.trim());
  if (match === null) return null;
  const scale = match[4] === undefined || match[4].toLowerCase() === 'mm' ? 1 : INCH;
  const [bore, outside, width] = match
    .slice(1, 4)
    .map((size) => Number((Number(size.replace(',', '.')) * scale).toFixed(4))) as [
    number,
    number,
    number,
  ];
  return bore > 0 && width > 0 && outside > bore ? { bore, outside, width } : null;
}
