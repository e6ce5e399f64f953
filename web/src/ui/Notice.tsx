import type { ReactNode } from 'react';

/** A designed state: what is the matter, and what to do. */
export function Notice({
  title,
  children,
  tone = 'plain',
  isHeading,
}: {
  readonly title: string;
  readonly children?: ReactNode;
  readonly tone?: 'plain' | 'warn';
  /** It is what the page is about. */
  readonly isHeading?: true;
}) {
  return (
    <div
      role={tone === 'warn' ? 'alert' : 'status'}
      className={`bg-panel rounded-[3px] border-2 p-5 ${tone === 'warn' ? 'border-bad' : 'border-edge'}`}
    >
      {isHeading ? (
        <h1 className="m-0 text-2xl">{title}</h1>
      ) : (
        <p className="m-0 text-xl font-bold">{title}</p>
      )}
      {children !== undefined && <div className="mt-2">{children}</div>}
    </div>
  );
}
