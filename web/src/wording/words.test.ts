import type { Decision, Remedy } from '@wendaxis/core/measure';
import { STAGES_OF } from '@wendaxis/core/plan';

import { screenUnits } from './screenUnits.ts';
import { dialDecimals } from '../features/bench/dialDecimals.ts';
import { HANDS, PHASE_WORDS } from '../features/bench/phaseWords.ts';
import { NUT_WORDS } from '../features/preload/torqueWords.ts';
import { ACTION_WORDS, STAGE_WORDS, actionWords } from './actionWords.ts';
import { remedyWords, sideWords } from './verdictWords.ts';

const units = screenUnits('metric');

describe('verdicts in words', () => {
  const decision = (word: Decision['word'], limit: Decision['limit']): Decision => ({
    word,
    limit,
    guard: 0.01,
    provable: true,
  });

  test('should say on which side, and never proven when it is not', () => {
    expect(sideWords(decision('conforms', null))).toBe('Proven inside both limits.');
    expect(sideWords(decision('doesNotConform', 'lower'))).toBe('Proven too little play.');
    expect(sideWords(decision('doesNotConform', 'upper'))).toBe('Proven too much play.');
    expect(sideWords(decision('cannotDecide', 'upper'))).toBe(
      'Too near the upper limit for this instrument.',
    );
  });

  test.each<[Remedy, RegExp]>([
    [
      { kind: 'moreCycles', extra: 1, expected: 'conforms' },
      /^1 more cycle at the same scatter would show: within limits/,
    ],
    [
      { kind: 'moreCycles', extra: 3, expected: 'doesNotConform' },
      /^3 more cycles .* out of limits/,
    ],
    [{ kind: 'finerGraduation', graduation: 0.005, expected: 'conforms' }, /0\.005 mm or finer/],
    [{ kind: 'certificate', expected: 'conforms' }, /certificate on its card.*within limits/],
    [{ kind: 'movePlay' }, /move the play/],
  ])('should say what would decide: %j', (remedy, words) => {
    expect(remedyWords(remedy, (mm) => units.show(mm))).toMatch(words);
  });
});

describe('actions and stages in words', () => {
  test('should have a title, a reason and a button for each action, and a name for each stage', () => {
    for (const { title, why, button } of Object.values(ACTION_WORDS)) {
      expect(title.length).toBeGreaterThan(3);
      expect(why).toMatch(/\.$/);
      expect(button).not.toBe('');
    }
    for (const stages of Object.values(STAGES_OF))
      for (const stage of stages) expect(STAGE_WORDS[stage]).not.toBe('');
  });

  test('should speak of no sleeve, nor of scrap, where the nut alone sets the preload', () => {
    const said = Object.values(NUT_WORDS).map(({ words, now }) => `${words} ${now}`);
    expect(said.length).toBeGreaterThan(1);
    for (const text of said) expect(text).not.toMatch(/sleeve|scrap|never back off/i);
  });

  test('should head the limits and the measuring with the figure they are of', () => {
    const next = (specKind: string) =>
      actionWords({ kind: 'setSpec', specKind } as unknown as Parameters<typeof actionWords>[0]);
    expect(next('endPlay').title).toBe('Enter the end play limits');
    expect(next('rollingTorque').title).toBe('Enter the rolling torque limits');
    expect(next('sideClearance').title).toBe('Enter the limits of the side clearance of the gear');
  });

  test('should give each pair of hands a key of its own that nothing else uses', () => {
    const keys = [...HANDS.map(({ key }) => key), 'U', 'Z', 'Y', 'B'];
    expect(new Set(keys).size).toBe(keys.length);
    for (const { phases } of HANDS)
      for (const phase of phases)
        for (const words of Object.values(PHASE_WORDS)) expect(words[phase].how).not.toBe('');
  });

  test('should have tapered rollers turned at both stops, and nothing else turned while it is lifted', () => {
    const { turned, still } = PHASE_WORDS;
    for (const phase of ['zero', 'lift', 'return'] as const)
      expect(turned[phase].how).toMatch(/both ways under load/);
    expect(still.lift.how).toMatch(/Do not turn it/);
    expect(`${still.zero.how}${still.return.how}`).not.toMatch(/under load/);
  });

  test('should read a dial to no more decimals than it shows', () => {
    expect(dialDecimals(0.01, 'metric')).toBe(2);
    expect(dialDecimals(0.001, 'metric')).toBe(3);
    expect(dialDecimals(0.0127, 'inch')).toBe(4);
  });
});
