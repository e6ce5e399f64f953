import { materialOf } from '@wendaxis/core/materials';
import { LimitForm } from '../features/heat/LimitForm.tsx';
import { useOpenJob } from './JobLayout.tsx';
import type { Part } from '@wendaxis/core/unit';

/** How hot the part may be, and another limit with its reason. */
export function PartLimit({ part }: { readonly part: Part }) {
  const { state, jobId } = useOpenJob();
  if (part.material === null) return null;
  const { hottest: limit, hottestReason: reason } = materialOf(part.material);
  return (
    <LimitForm
      jobId={jobId}
      state={state}
      targetId={part.id}
      name={part.name}
      most={300}
      usual={{ limit, reason }}
    />
  );
}
