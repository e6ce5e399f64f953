import { unitFromTemplate, type Axis, type Station } from '../unit/index.ts';
import { LOCKS } from './locks.ts';
import { sleeveNut } from '../unit/index.ts';

const end = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };
const pinion = (template: 'pinionSleeve' | 'pinionSpacer'): Axis =>
  unitFromTemplate(template, { name: 'Pinion', left: end, right: end, span: 42 }).axes[0]!;
const nut = (id: string, at: number): Station =>
  ({
    id,
    kind: 'nut',
    name: id,
    partId: 'case',
    at,
    width: 10,
    inside: 20,
    outside: 34,
  }) as Station;

describe('the nut whose last turn crushes the sleeve', () => {
  it('is the nut of a pinion on a collapsible sleeve', () => {
    expect(sleeveNut(pinion('pinionSleeve'))?.kind).toBe('nut');
  });

  it('is none where the spacer is solid: that nut is torqued', () => {
    const axis = pinion('pinionSpacer');
    expect(axis.stations.some(({ kind }) => kind === 'nut')).toBe(true);
    expect(sleeveNut(axis)).toBeNull();
  });

  it('is the nearest of several, whichever side it is on', () => {
    const axis = pinion('pinionSleeve');
    const others = axis.stations.filter(({ kind }) => kind !== 'nut');
    const sleeve = others.find(({ kind }) => kind === 'spacer')!;
    const far = nut('far', sleeve.at + 300);
    const near = nut('near', sleeve.at - 60);
    for (const nuts of [
      [far, near],
      [near, far],
    ])
      expect(sleeveNut({ ...axis, stations: [...others, ...nuts] })?.id).toBe('near');
  });

  it('is none where no nut is described', () => {
    const axis = pinion('pinionSleeve');
    const stations = axis.stations.filter(({ kind }) => kind !== 'nut');
    expect(sleeveNut({ ...axis, stations })).toBeNull();
  });
});

describe('locks', () => {
  it('are made before the last turn or after it, never both left open', () => {
    for (const [lock, { before, after }] of Object.entries(LOCKS))
      expect([lock, before === null && after === null]).toEqual([lock, lock === 'none']);
  });

  // Common practice, no source: an anaerobic locker and the friction of a lock work while the thread is turned; a tab, a
  // stake, a pin and a wire hold what is tight already. A nut that locks by friction or by a pinched thread is used once.
  it('on the thread go on before, what holds the nut comes after, a friction nut is new', () => {
    expect([LOCKS.threadlocker.before, LOCKS.threadlocker.after]).toEqual([
      expect.stringContaining('Degrease'),
      null,
    ]);
    expect(LOCKS.splitPin.after).toContain('never by slackening');
    expect(LOCKS.staked.before).toBeNull();
    expect(LOCKS.lockTab.before).toContain('new tab');
    expect(Object.keys(LOCKS).filter((lock) => LOCKS[lock as keyof typeof LOCKS].once)).toEqual([
      'staked',
      'selfLocking',
    ]);
  });
});
