import type { ReactNode } from 'react';

/** A framed group with its title. */
export function Panel({
  title,
  children,
}: {
  readonly title: string;
  readonly children: ReactNode;
}) {
  return (
    <section
      aria-label={title}
      className="bg-panel border-edge min-w-0 rounded-[3px] border-2 px-4 py-3"
    >
      <h2 className="m-0 text-xl">{title}</h2>
      {children}
    </section>
  );
}
