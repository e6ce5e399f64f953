import { REPAIRS } from '../../inspect/index.ts';
import { requireOneOf } from '../../faults/index.ts';
import { REPAIR_IDS, VERDICTS } from '../../inspect/index.ts';
import { identifier, oneOf, orNull, record, text } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { forgetOld } from '../forgetOld.ts';
import { missingTarget } from '../onUnit.ts';

/** Whether a station or a part stays, is repaired or renewed. */
export const inspectionDecided = jobEvent({
  type: 'InspectionDecided',
  since: 1,
  data: record({
    targetId: identifier(),
    verdict: oneOf(VERDICTS),
    repair: orNull(oneOf(REPAIR_IDS)),
    reason: text(500),
  }),
  says: ({ targetId, verdict, repair, reason }, tell) => {
    const how = repair === null ? '' : ` (${REPAIRS[repair].words})`;
    return `Decided on ${tell.name(targetId)}: ${verdict}${how}. ${reason}`;
  },
  reduce: (state, { data: { targetId, ...decision } }) => {
    requireOneOf('verdict', decision.verdict, VERDICTS);
    if (decision.repair !== null) requireOneOf('repair', decision.repair, REPAIR_IDS);
    const missing = missingTarget(state, targetId);
    if (missing !== null) return missing;
    if (decision.verdict === 'repair' && decision.repair === null)
      return 'a repair needs to be named';
    const before = decision.verdict === 'replace' ? forgetOld(state, targetId) : state;
    const { inspection } = before;
    const decisions = { ...inspection.decisions, [targetId]: decision };
    return { ...before, inspection: { ...inspection, decisions } };
  },
});
