import { requireNumber, requireOneOf } from '../../faults/index.ts';
import { identifier, leftOut, number, oneOf, record } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { missingPart } from '../onUnit.ts';

/** How a part and its rings are to be heated and frozen. */
export const heatSet = jobEvent({
  type: 'HeatSet',
  since: 1,
  data: record({
    partId: identifier(),
    settings: record({
      oven: number(0, 300, '°C'),
      medium: oneOf(['fanOven', 'stillOven']),
      rings: number(-50, 60, '°C'),
      ambient: number(-20, 45, '°C'),
      running: number(-20, 200, '°C'),
      handling: number(3, 600, 's'),
      /** From the oven to the bench; as is usual where it was not said. */
      carry: leftOut(number(0, 600, 's')),
    }),
  }),
  says: (data, tell) => {
    const { oven, rings } = data.settings;
    return `Heat of ${tell.name(data.partId)}: part to ${tell.show(oven, 'temperature')}, rings ${tell.show(rings, 'temperature')}`;
  },
  reduce: (state, { data: { partId, settings } }) => {
    for (const name of ['oven', 'rings', 'ambient', 'running', 'handling'] as const)
      requireNumber(`settings.${name}`, settings[name]);
    requireOneOf('settings.medium', settings.medium, ['fanOven', 'stillOven'] as const);
    return (
      missingPart(state, partId) ?? {
        ...state,
        heating: { ...state.heating, heat: { ...state.heating.heat, [partId]: settings } },
      }
    );
  },
});
