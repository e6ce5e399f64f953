import type { JobState } from '../job/index.ts';
import { ownStepBase, type OwnStep } from '../unit/index.ts';
import { idAt, partsOfId, titleOf, type Draft } from './draft.ts';
import type { RuleFor, Subject } from './rule.ts';

/**
 * The steps of a plan with those of one's own, each before or behind its step every time that comes. It is about what its step is
 * about, and moves nothing. Where its step is not in the plan it is not, either.
 */
export function withOwnSteps(state: JobState, drafts: readonly Draft[]): readonly Draft[] {
  const { ownSteps = [] } = state.unit!;
  if (ownSteps.length === 0) return drafts;
  return drafts.flatMap((draft) => {
    const { base, count } = partsOfId(draft.id);
    const by = (side: OwnStep['side']) =>
      ownSteps
        .filter((own) => own.by === base && own.side === side)
        .map((own) => ownDraft(state, own, { draft, count }));
    return [...by('before'), draft, ...by('after')];
  });
}

/** A step of one's own at the n-th time that its step comes. */
function ownDraft(
  { steps }: JobState,
  own: OwnStep,
  { draft, count }: { readonly draft: Draft; readonly count: number },
): Draft {
  const id = idAt(ownStepBase(own.id), count);
  return {
    rule: ruleOf(own, draft),
    subject: draft.subject,
    id,
    rows: [],
    behind: Object.hasOwn(steps, id) ? steps[id]!.status : null,
    fault: null,
    own,
  };
}

const BY_WHOM: Readonly<Record<OwnStep['source'], string>> = {
  maker: 'The maker’s manual',
  workshop: 'The workshop',
};

/** The row that speaks for a step of one's own: its words are those that were written. */
const ruleOf = (own: OwnStep, draft: Draft): RuleFor<Subject> => ({
  id: 'ownStep',
  phase: draft.rule.phase,
  on: draft.rule.on,
  form: 'tick',
  title: () => own.title,
  how: own.how,
  reason: `${BY_WHOM[own.source]} asks for it ${own.side} “${titleOf(draft)}”.`,
});
