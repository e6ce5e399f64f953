import { ArrowRight } from 'lucide-react';
import { useCallback } from 'react';
import { useNavigate } from 'react-router';

import type { OpenJob } from '../stores/useJob.ts';
import { Button } from '../ui/Button.tsx';
import { useShortcut } from '../ui/useShortcut.ts';
import { actionWords } from '../wording/actionWords.ts';

/** The next thing to do, large, with the way to it. */
export function NextBanner({ job }: { readonly job: OpenJob }) {
  const navigate = useNavigate();
  const { title, why, path, button } = actionWords(job.next);
  const go = useCallback(() => {
    if (path !== null) void navigate(`/jobs/${job.jobId}${path}`);
  }, [job.jobId, navigate, path]);
  useShortcut(['Enter'], go, path !== null);
  return (
    <section aria-label="Next" className="flex items-center justify-between gap-4">
      <div className="min-w-0">
        <h1 className="m-0 text-[2.2rem] leading-tight">{title}</h1>
        <p className="m-0 text-xl">{why}</p>
      </div>
      {path !== null && (
        <Button
          kind="main"
          className="min-h-16 shrink-0 px-8 text-2xl"
          onClick={go}
          shortcut="Enter"
        >
          {button} <ArrowRight aria-hidden="true" />
        </Button>
      )}
    </section>
  );
}
