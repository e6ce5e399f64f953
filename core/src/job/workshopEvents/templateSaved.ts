import { identifier, record, text } from '../../schema/index.ts';
import { requireUnit, UNIT_SCHEMA } from '../../unit/index.ts';
import { workshopEvent } from '../eventRow.ts';
import { replaced } from '../rowsById.ts';

/** A unit kept as the workshop's own template; the same id replaces it. */
export const templateSaved = workshopEvent({
  type: 'TemplateSaved',
  since: 1,
  data: record({ templateId: identifier(), name: text(80, 1), unit: UNIT_SCHEMA }),
  joint: ({ unit }) => requireUnit(unit, 'unit.'),
  says: ({ name }) => `Template: ${name}`,
  reduce: (state, { data }) => ({
    ...state,
    templates: replaced(state.templates, data, (row) => row.templateId),
  }),
});
