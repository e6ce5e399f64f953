import type { IndicatorContact } from './indicatorSetting.ts';

/** What an instrument is, and what it can take. */
export interface InstrumentKindRow {
  readonly words: string;
  /** How it meets the part in a run of zero, lift and return; empty where it cannot take one. */
  readonly contacts: readonly IndicatorContact[];
  /** Sizes it takes, the one it is made for first. */
  readonly sizes: readonly string[];
}

/** Every kind of instrument. Which takes what is common practice, no source. */
export const INSTRUMENT_KINDS = {
  dial: {
    words: 'Dial indicator',
    contacts: ['faceSquareToTravel', 'faceSquareToPlunger'],
    sizes: [],
  },
  lever: { words: 'Lever indicator', contacts: ['lever'], sizes: [] },
  micrometer: {
    words: 'Micrometer',
    contacts: [],
    // A shaft that is tried in place of a plug is measured with it.
    sizes: ['journal', 'ringOutside', 'ringWidth', 'length', 'plugPasses'],
  },
  boreGauge: {
    words: 'Bore gauge',
    contacts: [],
    sizes: ['bore', 'ringBore', 'fittedBore', 'housingBore'],
  },
  depthGauge: {
    words: 'Depth gauge',
    contacts: [],
    sizes: ['shoulderDepth', 'seatedDepth', 'foundDepth', 'markDatum'],
  },
  plug: { words: 'Plug gauge, or the shaft itself', contacts: [], sizes: ['plugPasses'] },
  feeler: { words: 'Feeler gauges', contacts: [], sizes: ['endGap'] },
  caliper: {
    words: 'Caliper',
    contacts: [],
    sizes: [
      'length',
      'shoulderDepth',
      'seatedDepth',
      'ringWidth',
      'journal',
      'ringOutside',
      'bore',
      'ringBore',
      'fittedBore',
      'plugPasses',
      'housingBore',
      'holeOffset',
      'foundDepth',
      'markNear',
      'markFar',
      'markDatum',
      'webGap',
      'webGapAfter',
    ],
  },
} as const satisfies Record<string, InstrumentKindRow>;
export type InstrumentKind = keyof typeof INSTRUMENT_KINDS;
export const INSTRUMENT_KIND_NAMES = Object.keys(INSTRUMENT_KINDS) as readonly InstrumentKind[];

/** What tells the kind of an instrument. */
export interface InstrumentNaming {
  readonly kind?: InstrumentKind;
  readonly name: string;
}

/** Names by which a card without a kind is told: cards had none at first. The first that fits. */
const BY_NAME: readonly (readonly [RegExp, InstrumentKind])[] = [
  [/bore/iu, 'boreGauge'],
  [/micrometer/iu, 'micrometer'],
  [/depth/iu, 'depthGauge'],
  [/caliper/iu, 'caliper'],
  [/plug/iu, 'plug'],
  [/feeler/iu, 'feeler'],
  [/lever|test/iu, 'lever'],
];

/** What an instrument is: as its card says, or, on a card of before cards said so, as its name does; else a dial. */
export function instrumentKind({ kind, name }: InstrumentNaming): InstrumentKind {
  return kind ?? BY_NAME.find(([pattern]) => pattern.test(name))?.[1] ?? 'dial';
}

/** How an instrument can meet the part in a run; none where it cannot take one. */
export function contactsOf(instrument: InstrumentNaming): readonly IndicatorContact[] {
  return INSTRUMENT_KINDS[instrumentKind(instrument)].contacts;
}

/** Instruments that can take a size, the ones made for it first. */
export function instrumentsFor<Card extends InstrumentNaming>(
  cards: readonly Card[],
  feature: string,
): readonly Card[] {
  const place = (card: Card) =>
    (INSTRUMENT_KINDS[instrumentKind(card)].sizes as readonly string[]).indexOf(feature);
  return cards.filter((card) => place(card) >= 0).toSorted((a, b) => place(a) - place(b));
}
