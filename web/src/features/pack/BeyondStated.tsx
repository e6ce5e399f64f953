import type { BuiltPlay } from '@wendaxis/core/plan';

import { Notice } from '../../ui/Notice.tsx';
import { useUnits } from '../../ui/useUnits.ts';

/** Where the rolling torque wanted asks for another preload than the limits of the preload itself allow: said, as one of them is wrong. */
export function BeyondStated({
  band,
  stated,
  limitsBy,
}: Pick<BuiltPlay, 'band' | 'stated' | 'limitsBy'>) {
  const units = useUnits();
  const { target } = band;
  if (limitsBy !== 'torque' || target === null) return null;
  const { lower, upper } = stated;
  if (target >= (lower ?? -Infinity) && target <= (upper ?? Infinity)) return null;
  const least = upper === null ? 'open' : units.digits(Math.abs(upper));
  const most = lower === null ? 'open' : units.digits(Math.abs(lower));
  return (
    <Notice tone="warn" title="The torque asks for another preload than was entered">
      About {units.show(Math.abs(target))}, and {least} to {most} {units.unit()} were entered.
      Before a pack is changed: oil on the rollers, nothing that rubs, every ring home, the tool
      square. Where the manual gives both, the torque has the last word.
    </Notice>
  );
}
