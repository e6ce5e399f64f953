import type { ButtonHTMLAttributes, ReactNode } from 'react';

type Kind = 'main' | 'plain' | 'plate';

const LOOK: Readonly<Record<Kind, string>> = {
  main: 'bg-brass text-brass-ink border-brass-edge shadow-[inset_0_-3px_0_rgb(0_0_0/0.18)] font-bold',
  plain: 'bg-panel text-ink border-edge font-semibold',
  plate: 'bg-transparent text-scribe border-scribe-soft font-semibold',
};

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly kind?: Kind;
  /** The key that does the same. */
  readonly shortcut?: string;
  readonly children: ReactNode;
}

/** Looks shared by buttons and by links that act like one. */
export function buttonLook(kind: Kind): string {
  return `inline-flex min-h-12 items-center justify-center gap-3 rounded-[3px] border-2 px-5 py-2 text-lg leading-tight no-underline active:translate-y-px disabled:opacity-55 ${LOOK[kind]}`;
}

/** A button for gloved hands: at least 48 px, with its key on it. */
export function Button({ kind = 'plain', shortcut, children, className = '', ...rest }: Props) {
  return (
    <button type="button" className={`${buttonLook(kind)} ${className}`} {...rest}>
      {children}
      {shortcut !== undefined && <Key name={shortcut} />}
    </button>
  );
}

/** The key that does the same as the control beside it. */
export function Key({ name }: { readonly name: string }) {
  return (
    <kbd className="max-sm:hidden rounded-[2px] border border-current px-1.5 text-[0.78rem] leading-5 font-semibold opacity-85">
      {name}
    </kbd>
  );
}
