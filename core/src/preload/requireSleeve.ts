import { refuse, requireInteger, requireNumber } from '../faults/index.ts';
import { requireBand } from '../measure/index.ts';
import type { SleeveQuestion } from './sleeveQuestion.ts';

/** @throws InputError naming the field; `points[n].angle` where it falls, since a nut is never backed off */
export function requireSleeve(question: SleeveQuestion): SleeveQuestion {
  const { points, band, sealDrag, uncertainty, lead, playUncertainty } = question;
  requireInteger('points', points.length, { min: 1, max: 500 });
  points.forEach(({ angle, torque, endPlay }, at) => {
    requireNumber(`points[${at}].angle`, angle, { min: 0, max: 7200, unit: '°' });
    requireNumber(`points[${at}].torque`, torque, { min: 0, max: 500, unit: 'N·m' });
    if (endPlay !== undefined && endPlay !== null)
      requireNumber(`points[${at}].endPlay`, endPlay, { min: -5, max: 20, unit: 'mm' });
    const before = points[at - 1];
    if (before !== undefined && angle < before.angle - 1e-9)
      refuse('contradiction', `points[${at}].angle`, angle, {
        id: 'neverBackedOff',
        angle: before.angle,
      });
  });
  requireBand(band, { min: 0, max: 500, unit: 'N·m' });
  requireNumber('sealDrag', sealDrag, { min: 0, max: 100, unit: 'N·m' });
  requireNumber('uncertainty', uncertainty, { above: 0, max: 10, unit: 'N·m' });
  if (lead !== undefined && lead !== null)
    requireNumber('lead', lead, { min: 0.1, max: 10, unit: 'mm' });
  if (playUncertainty !== undefined)
    requireNumber('playUncertainty', playUncertainty, { above: 0, max: 1, unit: 'mm' });
  return question;
}
