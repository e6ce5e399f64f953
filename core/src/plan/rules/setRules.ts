import { tighteningOrder } from '../../fasteners/index.ts';
import { bandTarget } from '../../measure/index.ts';
import { packThickness } from '../../shims/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { SPEC_KINDS } from '../../unit/index.ts';
import { findGain } from '../../arrangement/index.ts';
import { verdictOf } from '../../job/index.ts';
import { bandFigure, figure, fromDetail, lacksDetail, numbers, words } from '../figures.ts';
import { playSite, playStage, stagePassed, wantsPreload } from '../playProgress.ts';
import { nameOf, type Numbers, type Rule, type Subject } from '../rule.ts';
import { torqueNumbers } from './seatNumbers.ts';

const ARRANGEMENT_HOW = {
  faceToFace: 'Cups home in their seats, shaft in, cover on with the pack in place.',
  backToBack:
    'Cups home, spacer and shims between the cones, nut to its torque; leave its lock open.',
  plainThrust: 'Washers in their order, oiled, faces to the load.',
} as const;

/** The band, and what the as-found reading says the pack should become. */
function playNumbers({ state, axis, spec }: Subject): Numbers {
  if (spec === null) return numbers();
  const band = bandFigure('Band', SPEC_KINDS[spec.kind].quantity, spec.band, spec.source);
  const site = playSite(axis!);
  const found = state.runs.findLast(
    (run) => run.specId === spec.specId && run.stage === 'asFound' && run.status === 'closed',
  );
  const verdict = found === undefined ? null : verdictOf(state, found);
  if (verdict?.status !== 'judged') return numbers(band);
  const asFound = figure('As found', 'length', verdict.value.mean, SOURCES.asMeasured.title, {
    expanded: verdict.decision.guard,
    word: verdict.decision.word,
  });
  const pack = site === undefined ? undefined : state.foundPacks[site.id];
  const gain = site?.place === undefined ? null : findGain(axis!.arrangement, site.place)?.gain;
  if (pack === undefined || !gain) return numbers(band, asFound);
  const thickness = packThickness(pack.pieces);
  const estimate = thickness + (bandTarget(spec.band) - verdict.value.mean) / gain;
  return numbers(
    band,
    asFound,
    figure(
      'Pack, first estimate',
      'length',
      estimate,
      `t = t₀ + (target − e₀)/gain, t₀ = ${thickness.toFixed(3)} mm; changed parts move it`,
    ),
  );
}

function boltNumbers(subject: Subject): Numbers {
  const station = subject.station!;
  const { count, pattern } = station;
  const torque = torqueNumbers(subject);
  if (station.kind !== 'bolts') return torque;
  const order = numbers(
    count === undefined
      ? lacksDetail(station, 'count')
      : pattern === undefined
        ? lacksDetail(station, 'pattern')
        : words(
            'Order',
            tighteningOrder(count, pattern).join(' – '),
            'Common practice: star for a circle, middle outwards otherwise',
          ),
  );
  return {
    figures: [...order.figures, ...torque.figures],
    missing: [...order.missing, ...torque.missing],
  };
}

/** Trial build, measuring, choosing, final build. */
export const SET_RULES: readonly Rule[] = [
  {
    id: 'assemble',
    phase: 'trial',
    on: 'axis',
    form: 'tick',
    title: (subject) => `Build up ${nameOf(subject)}, oiled, for measuring`,
    how: ({ axis }) => `${ARRANGEMENT_HOW[axis!.arrangement]} Every bearing that locates the shaft is in: a shaft that tips reads more play than it has.`,
    reason: 'Every ring is seated and cold.',
    consumables: ['the unit’s own oil'],
    after: ['placeShims', 'seatOuter', 'seatInner', 'checkSeat', 'checkCone', 'relieve', 'retain', 'loadRollers', 'shells', 'compare', 'newPart', 'repair'].map((rule) => ({ rule, of: 'axis' as const })),
  },
  {
    id: 'measure',
    phase: 'trial',
    on: 'spec',
    always: true,
    form: 'run',
    when: ({ specKind }) => specKind === 'endPlay',
    title: ({ axis }) => `Measure the end play, ${axis!.name}`,
    how: SPEC_KINDS.endPlay.how,
    reason: 'One good measurement, then the arithmetic: no second guess.',
    numbers: playNumbers,
    tools: ['dial indicator on a firm stand'],
    after: [{ rule: 'setSpec', of: 'axis' }, { rule: 'recordPack', of: 'axis' }, { rule: 'assemble', of: 'axis' }],
    done: (subject) => stagePassed(playStage(subject.state, subject.axis!), 'measure'),
  },
  {
    id: 'choosePack',
    phase: 'select',
    on: 'station',
    kinds: ['shimSite'],
    always: true,
    form: 'choosePack',
    when: ({ axis, station }) => playSite(axis!)?.id === station!.id,
    title: (subject) => `Choose the pack for ${nameOf(subject)}`,
    how: 'From the box at hand, by its measured pieces.',
    reason: 'The play is measured with a known pack in place.',
    after: [{ rule: 'measure', of: 'axis' }],
    done: ({ state, axis }) => stagePassed(playStage(state, axis!), 'choose'),
  },
  {
    id: 'fitPack',
    phase: 'select',
    on: 'station',
    kinds: ['shimSite'],
    always: true,
    form: 'fitPack',
    when: ({ axis, station }) => playSite(axis!)?.id === station!.id,
    title: (subject) => `Fit the pack at ${nameOf(subject)}`,
    how: 'Thin pieces inside, between thick ones. Wiped clean.',
    reason: 'It is chosen.',
    after: [{ rule: 'choosePack', of: 'station' }],
    done: ({ state, axis }) => stagePassed(playStage(state, axis!), 'fit'),
  },
  {
    id: 'setAdjuster',
    phase: 'select',
    on: 'station',
    kinds: ['adjuster'],
    form: 'tick',
    title: (subject) => `Set ${nameOf(subject)}`,
    how: 'One in and the other out by equal notches moves the gear and keeps the play. Turn the gear while tightening; come to the place from the loose side.',
    reason: 'The carrier is in and turns.',
    numbers: ({ station }) =>
      numbers(
        station!.notches === undefined ? lacksDetail(station!, 'notches') : null,
        fromDetail(station!, 'lead', (lead) => (station!.notches === undefined ? [] : figure('Travel of one notch', 'length', lead / station!.notches, SOURCES.loop.title))),
      ),
    after: [{ rule: 'assemble', of: 'axis' }, { rule: 'inspect', of: 'station' }],
  },
  {
    id: 'torque',
    phase: 'final',
    on: 'station',
    kinds: ['bolts', 'nut'],
    form: 'tick',
    title: (subject) => `Tighten ${nameOf(subject)}`,
    how: ({ station }) => (station!.kind === 'nut' ? 'Hold the shaft. Leave the lock open until the figure is proven.' : 'In rounds, in this order. Threads clean; oiled or dry as the figure says.'),
    reason: 'Play is proven with everything at its torque.',
    numbers: boltNumbers,
    tools: ['torque wrench'],
    after: [{ rule: 'fitPack', of: 'axis' }, { rule: 'crush', of: 'axis' }, { rule: 'setAdjuster', of: 'axis' }, { rule: 'assemble', of: 'axis' }, { rule: 'inspect', of: 'station' }, { rule: 'newPart', of: 'station' }, { rule: 'fitSealEarly', of: 'axis' }],
  },
  {
    id: 'prove',
    phase: 'final',
    on: 'spec',
    always: true,
    form: 'run',
    when: ({ specKind, spec }) => specKind === 'endPlay' && (spec === null || !wantsPreload(spec.band)),
    title: ({ axis }) => `Prove the end play, ${axis!.name}`,
    how: SPEC_KINDS.endPlay.how,
    reason: 'Only a reading proves the pack.',
    numbers: playNumbers,
    tools: ['dial indicator on a firm stand'],
    after: [{ rule: 'fitPack', of: 'axis' }, { rule: 'torque', of: 'axis' }, { rule: 'measure', of: 'axis' }],
    done: ({ state, axis }) => stagePassed(playStage(state, axis!), 'prove'),
  },
  {
    id: 'provePreload',
    phase: 'final',
    on: 'spec',
    always: true,
    form: 'tick',
    when: ({ specKind, spec, axis }) => specKind === 'endPlay' && spec !== null && wantsPreload(spec.band) && !axis!.sets.includes('rollingTorque'),
    title: ({ axis }) => `Prove the preload, ${axis!.name}`,
    how: 'No play by the indicator, pushed and pulled. It turns with an even drag all round, without a tight spot.',
    reason: 'Preload cannot be read by an indicator; the pack for it was computed.',
    numbers: playNumbers,
    tools: ['dial indicator on a firm stand'],
    after: [{ rule: 'fitPack', of: 'axis' }, { rule: 'torque', of: 'axis' }, { rule: 'measure', of: 'axis' }],
  },
]; // prettier-ignore
