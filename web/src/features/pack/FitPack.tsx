import {
  packThickness,
  packWords,
  pieceOrder,
  servesSite,
  type ShimSize,
} from '@wendaxis/core/shims';
import { useCallback } from 'react';

import type { JobState, MeasuredPiece } from '@wendaxis/core/job';
import { chosenFigures, packSite } from '@wendaxis/core/plan';
import { FIGURES } from '@wendaxis/core/figures';
import { carrierSides, findStation, type Station } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { useWorkshop } from '../../stores/useWorkshop.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly site: Station;
  readonly onFitted: () => void;
}

/** Put the chosen pack in: its pieces, their order, what it should do to the play, and what to look at. */
export function FitPack({ jobId, state, site, onFitted }: Props) {
  const units = useUnits();
  const { pieces } = state.setting.chosen[site.id]!;
  const before = packThickness(state.setting.packs[site.id]?.pieces ?? []);
  const after = packThickness(pieces);
  const fitted = useCallback(() => {
    record(jobId, 'PackFitted', { siteId: site.id, pieces });
    onFitted();
  }, [jobId, site.id, pieces, onFitted]);
  const sizes = useWorkshop().data?.sizes ?? [];
  const untried = pieces.some(({ sizeId }) => !isKnownToFit(sizes, sizeId, site));
  const what = closedBy(state, site);
  const steps = [
    `Take the ${units.show(before)} pack out. Keep its pieces: they go back into the box.`,
    ...(untried
      ? [
          'Try each piece on its seat and in its bore first: diameters are not known of all of them.',
        ]
      : []),
    'Wipe both faces and every piece. No burrs, no folds, no oil that holds them apart.',
    `Stack in this order: ${
      pieceOrder(pieces)
        .map((thickness) => units.digits(thickness))
        .join(', ') || 'no shims'
    }. Thin pieces stay inside.`,
    what.close,
    'Torque as the maker’s manual says. Then measure again.',
  ];
  return (
    <section className="grid max-w-6xl gap-4" aria-label="Fit">
      <FitHead
        pieces={pieces}
        units={units}
        after={after}
        before={before}
        siteName={site.name}
        figureWords={figureWordsOf(state, site, units)}
        fitted={fitted}
      />
      <ol className="bg-panel border-edge m-0 grid list-decimal gap-2 rounded-[3px] border-2 p-5 pl-11 text-xl">
        {steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <p className="m-0">
        The unit maker’s manual and local rules come first. Hold the {what.held}: it is heavy, and
        fingers do not fit a shim gap.
      </p>
    </section>
  );
}

/** What the packs that were chosen are to do together; empty where that cannot be told. */
function figureWordsOf(state: JobState, site: Station, units: ScreenUnits): string {
  const figures = chosenFigures(state, site).map(
    ({ kind, now, then }) =>
      `${FIGURES[kind].words} from ${units.digits(now)} to ${units.show(then)}`,
  );
  if (figures.length === 0) return '';
  const several = Object.keys(state.setting.chosen).length > 1;
  return `${several ? 'With all packs that were chosen' : 'With it'}: ${figures.join(', ')}`;
}

/** What goes on again over a pack: the caps of a carrier, the bearing over a depth shim, else the cover of the unit. */
const CLOSED_BY = {
  caps: {
    held: 'carrier',
    close:
      'Caps on as they were marked, drawn down evenly while the carrier is turned. If it binds, stop and look.',
  },
  cover: {
    held: 'cover',
    close:
      'Draw the cover down evenly, crosswise, while turning the shaft. If it binds, stop: the play is gone.',
  },
  bearing: {
    held: 'pinion',
    close: 'The bearing over it home again: no light between its back and its seat, all round.',
  },
} as const;

function closedBy(state: JobState, site: Station) {
  const axis = findStation(state.unit!, site.id)?.axis;
  if (state.unit!.meshes?.some(({ depthAt }) => depthAt === site.id) === true)
    return CLOSED_BY.bearing;
  const isCarrier = axis?.sets.includes('backlash') === true && carrierSides(axis) !== null;
  return CLOSED_BY[isCarrier ? 'caps' : 'cover'];
}

/** Whether a piece is known by its diameters to lie at a site. */
function isKnownToFit(sizes: readonly ShimSize[], sizeId: string, site: Station): boolean {
  const size = sizes.find(({ id }) => id === sizeId);
  return size !== undefined && servesSite(size, packSite(site)) !== 'notKnown';
}

interface FitHeadProps {
  readonly pieces: readonly MeasuredPiece[];
  readonly units: ScreenUnits;
  readonly after: number;
  readonly before: number;
  readonly siteName: string;
  /** What the packs that were chosen do together; empty where that cannot be told. */
  readonly figureWords: string;
  readonly fitted: () => void;
}

function FitHead({ pieces, units, after, before, siteName, figureWords, fitted }: FitHeadProps) {
  return (
    <div>
      <MainAction onClick={fitted}>Fitted</MainAction>
      <div>
        <h1 className="m-0 text-[2.3rem] leading-tight">
          Fit {packWords(pieces, (mm) => units.digits(mm))} at {siteName}
        </h1>
        <p className="m-0 text-xl">
          {units.show(after)} in all, {units.show(Math.abs(after - before))}{' '}
          {after < before ? 'thinner' : 'thicker'} than before.
          {figureWords !== '' && ` ${figureWords}.`}
        </p>
      </div>
    </div>
  );
}
