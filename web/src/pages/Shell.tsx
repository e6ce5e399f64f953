import { Moon, Sun, Volume2, VolumeX } from 'lucide-react';
import { useEffect } from 'react';
import { Link, Outlet } from 'react-router';

import { ClockBar } from '../features/heat/ClockBar.tsx';
import { useJobLogs, type Reach } from '../stores/jobLogStore.ts';
import { useSettings } from '../stores/settingsStore.ts';
import { Button, Key } from '../ui/Button.tsx';
import { useShortcut } from '../ui/useShortcut.ts';

const REACH_WORDS: Readonly<Record<Reach, string>> = {
  connecting: 'Not connected yet',
  online: 'All sent',
  offline: 'Server out of reach',
};

/** The frame of every page: name, units, light, voice, and how the bench stands with the server. */
export function Shell() {
  const { system, theme, speak, switchUnits, switchTheme, switchSpeech } = useSettings();
  useEffect(() => {
    document.documentElement.dataset['theme'] = theme;
  }, [theme]);
  useShortcut(['u'], switchUnits);
  return (
    <div className="flex min-h-dvh flex-col">
      <header className="bg-plate-deep text-scribe on-plate flex flex-wrap items-center gap-x-6 gap-y-1 px-6 py-1.5 print:hidden">
        <Link
          to="/"
          className="text-scribe flex min-h-12 items-center gap-3 text-[1.45rem] font-extrabold no-underline"
          style={{ fontStretch: '118%' }}
        >
          <img src="/mark.svg" alt="" className="size-8" />
          Wendaxis
        </Link>
        <nav className="flex gap-5" aria-label="Main">
          <Link className="text-scribe inline-flex min-h-12 items-center no-underline" to="/">
            Jobs
          </Link>
          <Link
            className="text-scribe inline-flex min-h-12 items-center no-underline"
            to="/workshop"
          >
            Workshop
          </Link>
          <Link className="text-scribe inline-flex min-h-12 items-center no-underline" to="/fits">
            Fits
          </Link>
        </nav>
        <div className="ml-auto flex items-center gap-3">
          <ReachSign />
          <Button
            kind="plate"
            onClick={switchUnits}
            aria-label={`Units: ${system === 'metric' ? 'mm' : 'inch'}. Switch`}
          >
            {system === 'metric' ? 'mm' : 'inch'} <Key name="U" />
          </Button>
          <Button
            kind="plate"
            onClick={switchSpeech}
            aria-label={speak ? 'Voice on. Switch off' : 'Voice off. Switch on'}
          >
            {speak ? <Volume2 aria-hidden="true" /> : <VolumeX aria-hidden="true" />}
          </Button>
          <Button
            kind="plate"
            onClick={switchTheme}
            aria-label={
              theme === 'shop' ? 'Shop light. Switch to night' : 'Night. Switch to shop light'
            }
          >
            {theme === 'shop' ? <Sun aria-hidden="true" /> : <Moon aria-hidden="true" />}
          </Button>
        </div>
      </header>
      <ClockBar />
      <Refused />
      <Outlet />
    </div>
  );
}

function ReachSign() {
  const reach = useJobLogs((logs) => logs.reach);
  const unsaved = useJobLogs((logs) => logs.unsaved);
  const waiting = useJobLogs(({ logs }) =>
    Object.values(logs).reduce((sum, log) => sum + log.waiting.length, 0),
  );
  if (reach === 'connecting') return null;
  const words = reach === 'online' && waiting > 0 ? 'Sending' : REACH_WORDS[reach];
  return (
    <span role="status" className="flex items-center gap-2 text-base">
      <span
        aria-hidden="true"
        className={`inline-block size-3 border-2 border-current ${reach === 'online' ? 'rounded-full bg-current' : 'rotate-45'}`}
      />
      {words}
      {waiting > 0 && (unsaved > 0 ? ' (keeping)' : ` (${waiting} kept here)`)}
    </span>
  );
}

function Refused() {
  const refused = useJobLogs((logs) => logs.refused);
  const dismiss = useJobLogs((logs) => logs.dismissRefused);
  if (refused.length === 0) return null;
  return (
    <div
      role="alert"
      className="bg-panel border-bad m-4 flex items-start justify-between gap-4 border-2 p-4"
    >
      <div>
        <p className="m-0 font-bold">
          The server did not take {refused.length === 1 ? 'an entry' : `${refused.length} entries`}.
          Nothing was changed by it.
        </p>
        {refused.map(({ event, message, faults }) => (
          <p key={event.id} className="m-0">
            {event.type}:{' '}
            {faults.length === 0
              ? message
              : faults.map(({ field, expected }) => `${field} ${expected}`).join('; ')}
          </p>
        ))}
      </div>
      <Button onClick={dismiss}>Put away</Button>
    </div>
  );
}
