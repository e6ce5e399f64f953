import { identifier, record } from '../../schema/index.ts';
import { workshopEvent } from '../eventRow.ts';

export const templateRemoved = workshopEvent({
  type: 'TemplateRemoved',
  since: 1,
  data: record({ templateId: identifier() }),
  says: () => 'A template taken away',
  reduce: (state, { data: { templateId } }) => ({
    ...state,
    templates: state.templates.filter((row) => row.templateId !== templateId),
  }),
});
