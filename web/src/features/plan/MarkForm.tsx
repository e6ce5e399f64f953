import { useCallback, useId, useState, type FormEvent } from 'react';

import type { JobState } from '@wendaxis/core/job';
import { usualMarks, type Step } from '@wendaxis/core/plan';
import { findStation } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { useShortcut } from '../../ui/useShortcut.ts';

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly state: JobState;
  readonly onDone: () => void;
}

/** Write down how something was marked before it comes apart. */
export function MarkForm({ jobId, step, state, onDone }: Props) {
  const form = useId();
  const [text, setText] = useState('');
  const mark = useCallback(
    (words: string): void => {
      record(jobId, 'MarkMade', { stationId: step.stationId!, text: words });
      setText('');
      onDone();
    },
    [jobId, step.stationId, onDone],
  );
  const found = findStation(state.unit!, step.stationId!);
  const usual = found === null ? [] : usualMarks(found.station);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (text.trim() !== '') mark(text.trim());
  };
  return (
    <form id={form} onSubmit={submit} className="grid gap-3">
      <div className="flex flex-wrap gap-3">
        {usual.map((words, index) => (
          <UsualMark key={words} words={words} digit={String(index + 1)} onMark={mark} />
        ))}
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <label className="grid min-w-60 flex-1 gap-1">
          <span className="small-label">Or in your words: notches, threads showing, which cap</span>
          <input
            className="bg-panel border-edge min-h-12 border-2 px-3 text-lg"
            maxLength={300}
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        </label>
        <MainAction form={form} blocked={text.trim() === '' ? 'Pick a mark, or write one' : null}>
          Marked
        </MainAction>
      </div>
    </form>
  );
}

interface UsualMarkProps {
  readonly words: string;
  readonly digit: string;
  readonly onMark: (words: string) => void;
}

function UsualMark({ words, digit, onMark }: UsualMarkProps) {
  const mark = useCallback(() => onMark(words), [onMark, words]);
  useShortcut([digit], 'Mark it so', mark);
  return (
    <Button onClick={mark} shortcut={digit}>
      {words}
    </Button>
  );
}
