import { identifier, record } from '../../schema/index.ts';
import { withoutOwnStep } from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withUnit } from '../onUnit.ts';

export const ownStepRemoved = jobEvent({
  type: 'OwnStepRemoved',
  since: 1,
  data: record({ ownStepId: identifier() }),
  says: () => 'Own step taken away',
  reduce: (state, { data: { ownStepId } }) =>
    withUnit(state, (unit) =>
      unit.ownSteps?.some(({ id }) => id === ownStepId) === true
        ? withoutOwnStep(unit, ownStepId)
        : `no own step ${ownStepId}`,
    ),
});
