import { FINDINGS } from '../../inspect/index.ts';
import { requireOneOf } from '../../faults/index.ts';
import { FINDING_IDS } from '../../inspect/index.ts';
import { identifier, record, someOf, text } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { missingTarget } from '../onUnit.ts';

/** What was seen on a station or a part. */
export const findingRecorded = jobEvent({
  type: 'FindingRecorded',
  since: 1,
  data: record({ targetId: identifier(), findings: someOf(FINDING_IDS), note: text(500) }),
  says: (data, tell) => {
    const seen = data.findings.map((finding) => FINDINGS[finding].words).join(', ');
    return `Seen on ${tell.name(data.targetId)}: ${[seen, data.note].filter(Boolean).join('. ')}`;
  },
  reduce: (state, { data: { targetId, findings, note } }) => {
    for (const finding of findings) requireOneOf('findings', finding, FINDING_IDS);
    return (
      missingTarget(state, targetId) ?? {
        ...state,
        inspection: {
          ...state.inspection,
          findings: { ...state.inspection.findings, [targetId]: { findings, note } },
        },
      }
    );
  },
});
