import type { Step } from '@wendaxis/core/plan';
import { formatQuantity } from '@wendaxis/core/units';

import type { ScreenUnits } from '../../../ui/useUnits.ts';

/** A bare step for tests. */
export const FIXTURE_STEP: Step = {
  id: 'drain',
  rule: 'drain',
  phase: 'strip',
  form: 'tick',
  status: 'ready',
  title: 'Drain',
  how: '',
  reason: '',
  axisId: null,
  stationId: null,
  partId: null,
  specKind: null,
  stage: null,
  reads: 'bearings',
  ring: null,
  beside: [],
  figures: [],
  missing: [],
  orientation: [],
  sizes: [],
  checks: [],
  cautions: [],
  tools: [],
  consumables: [],
  after: [],
  waitsFor: [],
};

/** A screen in mm. */
export const FIXTURE_UNITS: ScreenUnits = {
  system: 'metric',
  digits: (value, kind = 'length') => formatQuantity(value, kind, 'metric').text,
  show: (value, kind = 'length') => {
    const { text, unit } = formatQuantity(value, kind, 'metric');
    return `${text} ${unit}`;
  },
  unit: (kind = 'length') => formatQuantity(0, kind, 'metric').unit,
};
