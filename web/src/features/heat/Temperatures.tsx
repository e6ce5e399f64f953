import type { HeatSettings, PartHeat } from '@wendaxis/core/heat';
import { spanText } from './clock.ts';
import { HeatSlider } from './HeatSlider.tsx';

interface TemperaturesProps {
  readonly settings: HeatSettings;
  readonly temperature: (value: number) => string;
  readonly onChange: (change: Partial<HeatSettings>) => void;
  readonly plan: PartHeat;
}

/** What the oven, the rings and the service are at. */
export function Temperatures({ settings, temperature, onChange, plan }: TemperaturesProps) {
  return (
    <section
      aria-label="Temperatures"
      className="bg-panel border-edge grid gap-2 rounded-[3px] border-2 p-4"
    >
      <HeatSlider
        label="Oven"
        value={settings.oven}
        min={40}
        max={180}
        shown={temperature(settings.oven)}
        onChange={(oven) => onChange({ oven })}
      />
      <HeatSlider
        label="Rings lie at"
        value={settings.rings}
        min={-40}
        max={40}
        shown={temperature(settings.rings)}
        onChange={(rings) => onChange({ rings })}
      />
      <HeatSlider
        label="Runs at, in service"
        value={settings.running}
        min={20}
        max={150}
        shown={temperature(settings.running)}
        onChange={(running) => onChange({ running })}
      />
      <label className="flex min-h-12 items-center gap-3">
        <input
          type="checkbox"
          className="accent-brass-edge size-6"
          checked={settings.medium === 'fanOven'}
          onChange={(event) => onChange({ medium: event.target.checked ? 'fanOven' : 'stillOven' })}
        />
        The oven has a fan
      </label>
      <p className="m-0 text-lg">
        Soak <span className="figure">{spanText(plan.soak)}</span>, rings in the freezer{' '}
        <span className="figure">{spanText(plan.freeze)}</span>, to within 5 K.
      </p>
    </section>
  );
}
