import type { JobState, Spec } from '../../job/index.ts';
import { FIGURES } from '../../figures/index.ts';
import { setsZeroPlay, type Axis } from '../../unit/index.ts';
import {
  isProvenPlay,
  playStage,
  playVerdict,
  stagePassed,
  wantsPreload,
} from '../playProgress.ts';
import { isOnePiece, whatLiesAt } from '../mostPieces.ts';
import { nameOf, type Rule } from '../rule.ts';
import { sleeveNut } from '../../unit/index.ts';
import { setterAt } from '../../setters/index.ts';
import { isIn } from '../isIn.ts';
import { readHow } from '../readHow.ts';

import { SPACER_RULES } from './spacerRules.ts';
import { playNumbers } from './playNumbers.ts';
import { boltNumbers } from './boltNumbers.ts';

/** One of several plays of an axis that has been proven while another has not. */
const proven = (state: JobState, axis: Axis, spec: Spec): boolean =>
  playStage(state, axis) === 'prove' && isProvenPlay(state, axis, spec);

/** Trial build, measuring, choosing, final build. */
export const SET_RULES: readonly Rule[] = [
  {
    id: 'measure',
    stage: 'trial',
    beside: ['playTerms', 'playWorkedOut'],
    phase: 'trial',
    on: 'spec',
    always: true,
    form: 'run',
    when: ({ specKind, axis }) => FIGURES[specKind].taken === 'run' && !setsZeroPlay(axis),
    title: ({ axis, specKind }) => `Measure the ${FIGURES[specKind].words}, ${axis.name}`,
    how: ({ axis, specKind }) => readHow(axis, specKind),
    reason: 'One good measurement, then the arithmetic: no guessing.',
    numbers: playNumbers,
    tools: ['dial indicator on a firm stand'],
    after: [
      { rule: 'setSpec', of: 'axis' },
      { rule: 'recordPack', of: 'axis' },
    ],
    done: ({ state, axis, spec }) =>
      spec !== null &&
      (stagePassed(playStage(state, axis), 'measure') || playVerdict(state, spec.specId) !== null),
  },
  {
    id: 'choosePack',
    phase: 'select',
    on: 'station',
    kinds: ['shimSite'],
    always: true,
    form: 'choosePack',
    when: ({ axis, station }) => setterAt(axis, station) !== null,
    title: ({ station }) =>
      isOnePiece(station) ? `Choose ${station.name}` : `Choose the pack for ${station.name}`,
    how: 'From the shim box, by measured pieces.',
    reason: 'The play is measured with a known pack in place.',
    after: [
      { rule: 'measure', of: 'axis' },
      { rule: 'readBacklash', of: 'axis' },
    ],
    done: ({ state, axis, station }) =>
      stagePassed(playStage(state, axis), 'choose') ||
      state.setting.chosen[station.id] !== undefined,
  },
  {
    id: 'fitPack',
    phase: 'select',
    on: 'station',
    kinds: ['shimSite'],
    always: true,
    form: 'fitPack',
    // A depth shim that was chosen with the others goes in with them.
    when: ({ state, axis, station }) =>
      setterAt(axis, station) !== null || state.setting.chosen[station.id] !== undefined,
    title: ({ station }) => `Fit ${whatLiesAt(station)}`,
    how: ({ station }) =>
      isOnePiece(station)
        ? 'Wiped clean, the same way round as before.'
        : 'Thin pieces inside, between thick ones. Wiped clean.',
    reason: 'The pack is chosen.',
    after: [{ rule: 'choosePack', of: 'station' }],
    done: ({ state, axis, station }) =>
      setterAt(axis, station) === null
        ? state.setting.chosen[station.id] === undefined
        : stagePassed(playStage(state, axis), 'fit') || isIn(state, axis, station),
  },
  ...SPACER_RULES,
  {
    id: 'torque',
    phase: 'final',
    on: 'station',
    kinds: ['bolts', 'nut'],
    form: 'tick',
    when: ({ axis, station }) => sleeveNut(axis)?.id !== station.id,
    title: (subject) => `Tighten ${nameOf(subject)}`,
    how: ({ axis, station }) =>
      station.kind === 'nut'
        ? `Hold the shaft.${axis.sets.length > 0 ? ' Leave the lock open until the figure is proven.' : ''}`
        : 'In rounds, in this order. Threads clean; oiled or dry as the figure says.',
    reason: 'Play is proven with everything at its torque.',
    numbers: boltNumbers,
    tools: ['torque wrench'],
    after: [
      { rule: 'fitPack', of: 'axis' },
      { rule: 'crush', of: 'axis' },
      { rule: 'setAdjuster', of: 'axis' },
      { rule: 'inspect', of: 'station' },
      { rule: 'newPart', of: 'station' },
      { rule: 'chooseSpacer', of: 'axis' },
      { rule: 'turnAdjuster', of: 'axis' },
      { rule: 'checkStack', of: 'axis' },
      { rule: 'prepare', of: 'station' },
      { rule: 'fitORing', of: 'axis' },
      { rule: 'fitHub', of: 'axis' },
    ],
  },
  {
    id: 'prove',
    stage: 'final',
    proves: true,
    phase: 'final',
    on: 'spec',
    always: true,
    form: 'run',
    when: ({ specKind, spec }) =>
      FIGURES[specKind].taken === 'run' && (spec === null || !wantsPreload(spec.band)),
    title: ({ axis, specKind }) => `Prove the ${FIGURES[specKind].words}, ${axis.name}`,
    how: ({ axis, specKind }) => readHow(axis, specKind),
    reason: 'Only a reading proves the pack.',
    numbers: playNumbers,
    tools: ['dial indicator on a firm stand'],
    after: [
      { rule: 'fitPack', of: 'axis' },
      { rule: 'chooseSpacer', of: 'axis' },
      { rule: 'turnAdjuster', of: 'axis' },
      { rule: 'torque', of: 'axis' },
      { rule: 'measure', of: 'axis' },
      { rule: 'crush', of: 'axis' },
    ],
    done: ({ state, axis, spec }) =>
      spec !== null && (stagePassed(playStage(state, axis), 'prove') || proven(state, axis, spec)),
  },
  {
    id: 'provePreload',
    proves: true,
    phase: 'final',
    on: 'spec',
    always: true,
    form: 'tick',
    when: ({ specKind, spec, axis }) =>
      specKind === 'endPlay' &&
      spec !== null &&
      wantsPreload(spec.band) &&
      !axis.sets.includes('rollingTorque'),
    title: ({ axis }) => `Prove the preload, ${axis.name}`,
    how: 'No play on the indicator when pushed and pulled. It turns with an even drag all round, without a tight spot.',
    reason: 'Preload cannot be read by an indicator; the pack for it was computed.',
    numbers: playNumbers,
    tools: ['dial indicator on a firm stand'],
    after: [
      { rule: 'fitPack', of: 'axis' },
      { rule: 'chooseSpacer', of: 'axis' },
      { rule: 'turnAdjuster', of: 'axis' },
      { rule: 'torque', of: 'axis' },
      { rule: 'measure', of: 'axis' },
    ],
  },
];
