import { createContext, use, useCallback, useState, type ReactNode } from 'react';
import { createPortal } from 'react-dom';

import { Button } from './Button.tsx';
import { useShortcut } from './useShortcut.ts';

const Place = createContext<HTMLElement | null>(null);
const Beside = createContext(false);

/** Around what is not the thing to do now, as where a step is done already: its action stays with it, and no key presses it. */
export function ActionsBeside({ when = true, children }: BesideProps) {
  return <Beside value={when}>{children}</Beside>;
}

interface BesideProps {
  readonly when?: boolean;
  readonly children: ReactNode;
}

/** A page with a bar at its lower edge, always in sight: what is done next stands at its right, under the thumb. */
export function WithActionBar({ children }: { readonly children: ReactNode }) {
  const [place, setPlace] = useState<HTMLElement | null>(null);
  return (
    <Place value={place}>
      {children}
      <div
        ref={setPlace}
        role="region"
        aria-label="What to do"
        className="bg-page border-edge sticky bottom-0 z-[5] mt-auto flex flex-wrap items-center justify-end gap-x-5 gap-y-1 border-t-2 px-5 py-1.5 empty:hidden print:hidden"
      />
    </Place>
  );
}

interface Props {
  readonly children: ReactNode;
  readonly onClick?: () => void;
  /** Id of the form that it sends. */
  readonly form?: string;
  /** Why it cannot be done yet; null where it can. */
  readonly blocked?: string | null;
  /** The key that does the same, where that is not Enter alone and is listened for elsewhere. */
  readonly shortcut?: string;
  /** Not by Enter: nothing is thrown away by the key that is pressed by habit. */
  readonly pressOnly?: true;
}

/** The one thing to do on a page, by Enter from wherever one is. What it still wants is said beside it. */
export function MainAction({
  children,
  onClick,
  form,
  blocked = null,
  shortcut,
  pressOnly,
}: Props) {
  const place = use(Place);
  const beside = use(Beside);
  const byKey = !beside && blocked === null && pressOnly === undefined && shortcut === undefined;
  const shown = byKey ? 'Enter' : blocked === null ? shortcut : undefined;
  const press = useCallback(() => {
    const sent = form === undefined ? null : document.getElementById(form);
    if (sent instanceof HTMLFormElement) sent.requestSubmit();
    else onClick?.();
  }, [form, onClick]);
  useShortcut(['Enter'], 'Do what the large button says', press, { enabled: byKey });
  if (beside)
    return (
      <Button
        type={form === undefined ? 'button' : 'submit'}
        form={form}
        onClick={form === undefined ? onClick : undefined}
        disabled={blocked !== null}
        className="justify-self-start"
      >
        {children}
      </Button>
    );
  if (place === null) return null;
  return createPortal(
    <>
      {blocked !== null && <p className="text-soft m-0 text-lg font-semibold">{blocked}</p>}
      <Button
        kind="main"
        type={form === undefined ? 'button' : 'submit'}
        form={form}
        onClick={form === undefined ? onClick : undefined}
        disabled={blocked !== null}
        data-testid="main-action"
        className="min-h-14 min-w-40 px-8 text-2xl max-sm:flex-1 max-sm:px-4"
        {...(shown === undefined ? {} : { shortcut: shown })}
      >
        {children}
      </Button>
    </>,
    place,
  );
}

/** What else may be done on a page, to the left of its one action. */
export function SideAction({ children }: { readonly children: ReactNode }) {
  const place = use(Place);
  return place === null
    ? null
    : createPortal(<div className="order-first mr-auto">{children}</div>, place);
}
