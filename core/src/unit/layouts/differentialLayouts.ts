import type { FigureKind } from '../../figures/index.ts';
import type { Axis } from '../unit.ts';
import {
  carrierAdjusters,
  carrierInboard,
  carrierOutboard,
  pinionSleeve,
  pinionSpacer,
} from './axleLayouts.ts';
import type { Layout, TemplateBearing, TemplateInput } from './layout.ts';

/** A carrier's bearings beside those of its pinion, in proportion. */
const CARRIER_SHARE = { bore: 1.3, outside: 1.1, width: 0.9, span: 2.4 } as const;

/** A pinion, and beside it the carrier whose ring gear it drives: in the same case, in mesh. */
function differential(
  pinion: (input: TemplateInput) => Layout,
  carrier: (input: TemplateInput) => Layout,
  sets: readonly FigureKind[],
): (input: TemplateInput) => Layout {
  return (input) => {
    const [head, driven] = [pinion(input), carrier(besidePinion(input))];
    const axis: Axis = {
      id: 'carrier-axis',
      name: 'Carrier',
      arrangement: 'faceToFace',
      sets,
      stations: driven.stations.map((station) => ({ ...station, id: `carrier-${station.id}` })),
    };
    return {
      parts: [...head.parts, ...driven.parts.filter(({ id }) => id === 'carrier')],
      stations: head.stations,
      beside: [axis],
      mesh: { driverId: 'pinion', drivenId: 'carrier-ring-gear' },
    };
  };
}

/** What a carrier is laid out from where only its pinion's bearings were typed. */
function besidePinion(input: TemplateInput): TemplateInput {
  const { bore, outside, width } = input.left.dimensions;
  const bearing: TemplateBearing = {
    designation: null,
    family: null,
    dimensions: {
      bore: CARRIER_SHARE.bore * bore,
      outside: Math.max(CARRIER_SHARE.outside * outside, 1.7 * CARRIER_SHARE.bore * bore),
      width: CARRIER_SHARE.width * width,
    },
  };
  return {
    name: input.name,
    left: bearing,
    right: bearing,
    span: CARRIER_SHARE.span * Math.max(input.span, 2 * width),
  };
}

/** Sleeve at the pinion, shims outboard of the carrier's cups. */
export const differentialOutboard = differential(pinionSleeve, carrierOutboard, [
  'endPlay',
  'rollingTorque',
  'backlash',
]);

/** Solid spacer at the pinion, shims behind the carrier's cones. */
export const differentialInboard = differential(pinionSpacer, carrierInboard, [
  'endPlay',
  'rollingTorque',
  'backlash',
]);

/** Sleeve at the pinion, threaded rings at the carrier. */
export const differentialAdjusters = differential(pinionSleeve, carrierAdjusters, [
  'endPlay',
  'rollingTorque',
  'backlash',
]);
