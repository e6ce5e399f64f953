import { Menu, Moon, Sun, Volume2, VolumeX } from 'lucide-react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Link, Outlet } from 'react-router';

import { ClockBar } from '../features/heat/ClockBar.tsx';
import { ReachSign } from '../features/sending/ReachSign.tsx';
import { StoreNotice } from '../features/sending/StoreNotice.tsx';
import { PersonMenu } from '../features/workshop/PersonMenu.tsx';
import { useSettings } from '../stores/settingsStore.ts';
import { useStreams } from '../stores/stream/index.ts';
import { WithActionBar } from '../ui/ActionBar.tsx';
import { Button, Key } from '../ui/Button.tsx';
import { useShortcut } from '../ui/useShortcut.ts';
import { KeysDialog } from './KeysDialog.tsx';
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
  useShortcut(['u'], 'Switch between mm and inch', switchUnits);
  return (
    <div className="flex min-h-dvh flex-col">
      <a
        href="#main"
        className="bg-panel text-ink sr-only z-30 p-4 text-lg focus:not-sr-only focus:absolute"
      >
        Skip to the work
      </a>
      <header className="bg-plate-deep text-scribe on-plate flex flex-wrap items-center gap-x-4 gap-y-1 px-5 py-1.5 max-sm:gap-x-2 max-sm:px-3 print:hidden">
        <Link
          to="/"
          className="text-scribe flex min-h-12 items-center gap-3 text-[1.45rem] font-bold tracking-wide no-underline"
        >
          <img src="/mark.svg" alt="" className="size-8" />
          <span className="max-lg:sr-only">Wendaxis</span>
        </Link>
        <nav className="flex gap-3 max-sm:gap-1" aria-label="Main">
          {MAIN_PAGES.map(([path, words]) => (
            <Link
              key={path}
              className="text-scribe inline-flex min-h-12 min-w-12 items-center px-1 no-underline"
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
      <WithActionBar>
        <Outlet />
      </WithActionBar>
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
  const [open, setOpen] = useState(false);
  return (
    <>
      <div className="lg:ml-auto">
        <ReachSign />
      </div>
      <Button
        kind="plate"
        className="ml-auto max-sm:px-3 lg:hidden"
        aria-expanded={open}
        aria-controls="bench-settings"
        onClick={() => setOpen((old) => !old)}
      >
        <Menu aria-hidden="true" className="sm:hidden" />
        <span className="max-sm:sr-only">Menu</span>
      </Button>
      <div
        id="bench-settings"
        className={`flex flex-wrap items-center justify-end gap-2 ${open ? 'ml-auto' : 'max-lg:hidden'}`}
      >
        <PersonMenu />
        <KeysDialog />
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
    </>
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
