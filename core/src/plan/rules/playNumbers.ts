import { findGain } from '../../arrangement/index.ts';
import { verdictOf, type JobState, type Spec } from '../../job/index.ts';
import { bandTarget, NORMAL_FACTOR } from '../../measure/index.ts';
import { packThickness } from '../../shims/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { FIGURES } from '../../figures/index.ts';
import { type Axis } from '../../unit/index.ts';
import { acceptedFigure } from './acceptedFigure.ts';
import { bandFigure, figure, numbers, words } from '../figures.ts';
import { inFinalBuild } from '../packQuestion.ts';
import { playShift, playVerdict } from '../playProgress.ts';
import type { Numbers, FigureSubject } from '../rule.ts';
import { runningPlay, USUAL_CONTACT_ANGLE } from '../runningPlay.ts';
import { playSite } from '../../setters/index.ts';
import type { Figure } from '../step.ts';

/** The band, and what the as-found reading says the pack should become. */
export function playNumbers({ state, axis, spec }: FigureSubject): Numbers {
  if (spec === null) return numbers();
  const site = playSite(axis);
  const { quantity } = FIGURES[spec.kind];
  const band = bandFigure('Limits', quantity, spec.band, spec.source);
  const accepted = acceptedFigure(state, spec);
  const warm = warmFigures(state, axis, spec);
  const found = state.measured.runs.findLast(
    (run) => run.specId === spec.specId && run.stage === 'asFound' && run.status === 'closed',
  );
  const verdict = found === undefined ? null : verdictOf(state, found);
  if (verdict?.status !== 'judged') return numbers(accepted, band, ...warm);
  const asFound = figure('As found', 'length', verdict.value.mean, SOURCES.asMeasured.title, {
    expanded: verdict.decision.guard,
    word: verdict.decision.word,
  });
  const pack = site === undefined ? undefined : state.setting.foundPacks[site.id];
  const gain = site?.place === undefined ? null : findGain(axis.arrangement, site.place)?.gain;
  if (pack === undefined || !gain || spec.kind !== 'endPlay')
    return numbers(accepted, band, asFound, ...warm);
  const thickness = packThickness(pack.pieces);
  const estimate = thickness + (bandTarget(spec.band) - verdict.value.mean) / gain;
  return numbers(
    accepted,
    band,
    asFound,
    figure(
      'Pack, first estimate',
      'length',
      estimate,
      `t = t₀ + (target − e₀)/gain, t₀ = ${thickness.toFixed(3)} mm; changed parts move it`,
    ),
    ...warm,
  );
}

/** What differs between trial and final build, and the play as the unit runs, beside the cold one. */
function warmFigures(state: JobState, axis: Axis, spec: Spec): readonly Figure[] {
  if (spec.kind !== 'endPlay') return [];
  const { shift, uncertainty } = playShift(state, axis);
  const moved =
    shift === 0
      ? []
      : [
          figure('From trial to final build', 'length', shift, SOURCES.playTerms.title, {
            expanded: NORMAL_FACTOR * uncertainty,
          }),
        ];
  const verdict = playVerdict(state, spec.specId);
  const cold =
    verdict === null ? bandTarget(spec.band) : inFinalBuild(state, axis, 'endPlay', verdict).value;
  const warm = runningPlay(state, axis, cold);
  if (warm === null) return moved;
  const from = verdict === null ? 'the middle of the limits' : 'what was measured';
  const source = `${SOURCES.thermalFit.title}; cold ${from}${axis.stations.some(({ kind, contactAngle }) => kind === 'taperedRoller' && contactAngle === undefined) ? `, cup angle taken as ${USUAL_CONTACT_ANGLE}°` : ''}`;
  return [
    ...moved,
    figure(`Warm, at ${Math.round(warm.running)} °C`, 'length', warm.warm, source, {
      working: warm.working,
    }),
    ...(warm.loose.length === 0
      ? []
      : [
          words(
            'Loose when warm',
            warm.loose.join(', '),
            'Its fit is gone at running temperature: see the heat plan for the remedies',
          ),
        ]),
  ];
}
