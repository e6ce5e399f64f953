import { Moon, Sun, Volume2, VolumeX } from 'lucide-react';
import { lazy, Suspense, useEffect } from 'react';
import { Link, Outlet } from 'react-router';

import { ClockBar } from '../features/heat/ClockBar.tsx';
import { ReachSign } from '../features/sending/ReachSign.tsx';
import { StoreNotice } from '../features/sending/StoreNotice.tsx';
import { PersonMenu } from '../features/workshop/PersonMenu.tsx';
import { useSettings } from '../stores/settingsStore.ts';
import { useStreams } from '../stores/stream/index.ts';
import { Button, Key } from '../ui/Button.tsx';
import { useShortcut } from '../ui/useShortcut.ts';
import type { UnitSystem } from '@wendaxis/core/units';

/** It words entries of every kind: fetched when there is one to show. */
const AsidePanel = lazy(async () => ({
  default: (await import('../features/sending/AsidePanel.tsx')).AsidePanel,
}));

const MAIN_PAGES = [
  ['/', 'Jobs'],
  ['/workshop', 'Workshop'],
  ['/fits', 'Fits'],
] as const;

/** The frame of every page: name, who is at the bench, units, light, voice, and how the bench stands with the server. */
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
          className="text-scribe flex min-h-12 items-center gap-3 text-[1.45rem] font-bold tracking-wide no-underline"
        >
          <img src="/mark.svg" alt="" className="size-8" />
          Wendaxis
        </Link>
        <nav className="flex gap-5" aria-label="Main">
          {MAIN_PAGES.map(([path, words]) => (
            <Link
              key={path}
              className="text-scribe inline-flex min-h-12 items-center no-underline"
              to={path}
            >
              {words}
            </Link>
          ))}
        </nav>
        <ShellKeys
          switchUnits={switchUnits}
          system={system}
          switchSpeech={switchSpeech}
          speak={speak}
          switchTheme={switchTheme}
          theme={theme}
        />
      </header>
      <ClockBar />
      <StoreNotice />
      <Aside />
      <Outlet />
    </div>
  );
}

interface ShellKeysProps {
  readonly switchUnits: () => void;
  readonly system: UnitSystem;
  readonly switchSpeech: () => void;
  readonly speak: boolean;
  readonly switchTheme: () => void;
  readonly theme: 'shop' | 'night';
}

function ShellKeys({
  switchUnits,
  system,
  switchSpeech,
  speak,
  switchTheme,
  theme,
}: ShellKeysProps) {
  return (
    <div className="ml-auto flex flex-wrap items-center justify-end gap-3">
      <ReachSign />
      <PersonMenu />
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
  );
}

/** Entries that the server would not take, where there are any. */
function Aside() {
  const some = useStreams(({ aside }) => aside.length > 0);
  return some ? (
    <Suspense>
      <AsidePanel />
    </Suspense>
  ) : null;
}
