import { SIZE_FEATURES } from '../inspect/index.ts';
import {
  contactsOf,
  INSTRUMENT_KIND_NAMES,
  instrumentKind,
  instrumentsFor,
} from './instrumentKinds.ts';

const card = (name: string, rest = {}) => ({
  id: name,
  name,
  graduation: 0.01,
  calibrationUncertainty: 0,
  range: 10,
  ...rest,
});

describe('what an instrument is', () => {
  test('should be what its card says, whatever it is called', () => {
    expect(instrumentKind(card('Bore gauge', { kind: 'lever' }))).toBe('lever');
  });

  test.each([
    ['Bore gauge, 0.001', 'boreGauge'],
    ['Micrometer, 25–50', 'micrometer'],
    ['Depth gauge', 'depthGauge'],
    ['Caliper, 0.02', 'caliper'],
    ['Shop dial, 0.01', 'dial'],
  ] as const)('should be told from the name of an old card: %s', (name, kind) => {
    expect(instrumentKind(card(name))).toBe(kind);
  });

  test('should let only indicators take a run', () => {
    const able = INSTRUMENT_KIND_NAMES.filter((kind) => contactsOf(card('x', { kind })).length > 0);
    expect(able).toEqual(['dial', 'lever']);
    expect(contactsOf(card('x', { kind: 'lever' }))).toEqual(['lever']);
  });

  test('should offer for a size what is made for it first, and nothing that cannot take it', () => {
    const shelf = [
      card('Shop dial'),
      card('Caliper'),
      card('Micrometer'),
      card('Bore gauge'),
      card('Depth gauge'),
    ];
    const names = (feature: string) => instrumentsFor(shelf, feature).map(({ name }) => name);
    expect(names('bore')).toEqual(['Bore gauge', 'Caliper']);
    expect(names('journal')).toEqual(['Micrometer', 'Caliper']);
    expect(names('seatedDepth')).toEqual(['Depth gauge', 'Caliper']);
    for (const feature of SIZE_FEATURES) expect(names(feature)).not.toContain('Shop dial');
  });

  test('should have something on the list of kinds for every size that is taken', () => {
    const shelf = INSTRUMENT_KIND_NAMES.map((kind) => card(kind, { kind }));
    for (const feature of SIZE_FEATURES)
      expect(instrumentsFor(shelf, feature).length).toBeGreaterThan(0);
  });
});
