import { requireTool, TORQUE_TOOL_SCHEMA } from '../../preload/index.ts';
import { identifier, orNull, record } from '../../schema/index.ts';
import { workshopEvent } from '../eventRow.ts';
import { replaced } from '../rowsById.ts';

/** A torque wrench or spring scale; the same id replaces it. */
export const torqueToolAdded = workshopEvent({
  type: 'TorqueToolAdded',
  since: 1,
  data: record({ tool: TORQUE_TOOL_SCHEMA, deviceId: orNull(identifier()) }),
  joint: ({ tool }) => requireTool(tool),
  says: ({ tool }) => `Torque tool: ${tool.name}`,
  reduce: (state, { data: { tool, deviceId } }) => ({
    ...state,
    torqueTools: replaced(state.torqueTools, { ...tool, deviceId }, (row) => row.id),
  }),
});
