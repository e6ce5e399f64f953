import { useEffect, useRef, type ReactNode } from 'react';
import { useLocation } from 'react-router';

interface Props {
  /** What the page is about: the title of the window. */
  readonly title: string;
  readonly className: string;
  readonly children: ReactNode;
}

/** Whether a page was on screen before: the first leaves the keyboard where a browser puts it, before the skip link. */
let wasOnScreen = false;

/** The content of a page. When it comes on screen it stands at its top, and the keyboard and a screen reader are at its heading. */
export function Main({ title, className, children }: Props) {
  const main = useRef<HTMLElement>(null);
  const { pathname, search } = useLocation();
  useEffect(() => {
    document.title = `${title} · Wendaxis`;
  }, [title]);
  useEffect(() => {
    window.scrollTo(0, 0);
    const isFirst = !wasOnScreen;
    wasOnScreen = true;
    if (isFirst) return;
    // A field that took the focus by itself keeps it.
    if (main.current?.contains(document.activeElement) === true) return;
    const heading = main.current?.querySelector('h1') ?? main.current;
    heading?.setAttribute('tabindex', '-1');
    heading?.focus({ preventScroll: true });
  }, []);
  return (
    // While the next page is fetched this one stays on screen: it says which it is.
    <main ref={main} id="main" className={className} data-address={pathname + search}>
      {children}
    </main>
  );
}
