import { useEffect, useRef } from 'react';

import { useSettings } from '../stores/settingsStore.ts';

/** The value of a colour of the theme, by the name of its custom property. */
export type Ink = (name: string) => string;

interface Props {
  /** What the chart shows, said to those who do not see it. */
  readonly label: string;
  readonly className: string;
  /** Held still by the caller (`useCallback`): the chart is drawn anew when it changes, and with the theme. */
  readonly option: (ink: Ink) => Record<string, unknown>;
}

/** A chart; its library is fetched when the first one is shown. */
export function Chart({ label, className, option }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const theme = useSettings((settings) => settings.theme);
  useEffect(() => {
    const element = box.current;
    if (element === null) return;
    let dispose = (): void => undefined;
    let gone = false;
    void import('./chartParts.ts').then(({ init }) => {
      if (gone) return;
      const chart = init(element, null, { renderer: 'svg' });
      chart.setOption(option((name) => getComputedStyle(element).getPropertyValue(name).trim()));
      const resized = new ResizeObserver(() => chart.resize());
      resized.observe(element);
      dispose = () => {
        resized.disconnect();
        chart.dispose();
      };
    });
    return () => {
      gone = true;
      dispose();
    };
  }, [option, theme]);
  return <div ref={box} role="img" aria-label={label} className={`w-full ${className}`} />;
}
