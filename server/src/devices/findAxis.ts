import type { JobState } from '@wendaxis/core/job';
import type { Axis } from '@wendaxis/core/unit';

import { ServerError } from '../errors.ts';

/** The axis of a job that a device is held on. @throws ServerError `noSuchDevice` naming `axisId` */
export function findAxis({ unit }: JobState, axisId: string): Axis {
  const axis = unit?.axes.find(({ id }) => id === axisId);
  if (axis === undefined) throw new ServerError('noSuchDevice', 'axisId', axisId);
  return axis;
}
