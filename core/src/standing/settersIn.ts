import { isCrushed, type Body, type Model } from '../course/index.ts';
import type { FigureKind } from '../figures/index.ts';
import { settersOf, spacerSetter } from '../setters/index.ts';

/** The bodies that set a figure of an axis: of a play its own places, of a preload that is read by turning all of them. */
export function settersIn(
  { unit, bodies }: Model,
  axisId: string,
  figure: FigureKind,
): readonly Body[] {
  const axis = unit.axes.find(({ id }) => id === axisId);
  if (axis === undefined) return [];
  const sites =
    figure === 'depth'
      ? axis.stations.filter(({ place }) => place === 'behindHeadCone')
      : settersOf(axis)
          .filter(({ sets }) => figure === 'rollingTorque' || sets.includes(figure))
          .map(({ station }) => station);
  const spacer = figure === 'rollingTorque' ? spacerSetter(axis) : null;
  const ids = new Set([...sites, ...(spacer === null ? [] : [spacer])].map(({ id }) => id));
  return bodies.filter(
    (body) =>
      ids.has(body.station.id) ||
      (figure === 'rollingTorque' && isCrushed(body) && body.axisId === axisId),
  );
}
