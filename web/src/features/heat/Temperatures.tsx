import { OVEN_ABOVE, USUAL_WORK, type HeatSettings, type PartHeat } from '@wendaxis/core/heat';
import { spanText } from './clock.ts';
import { HeatSlider } from './HeatSlider.tsx';

interface TemperaturesProps {
  readonly settings: HeatSettings;
  /** Whether somebody has settled them for this part. */
  readonly isSet: boolean;
  readonly temperature: (value: number) => string;
  readonly onChange: (change: Partial<HeatSettings>) => void;
  readonly plan: PartHeat;
}

/** What is set besides the temperatures that the plan works out: its name, its bounds and steps. °C; s. */
const USUAL = [
  { name: 'running', label: 'Runs at, in service', min: 20, max: 150, unit: 'temperature' },
  { name: 'ambient', label: 'Air of the shop', min: 0, max: 40, unit: 'temperature' },
  { name: 'carry', label: 'From the oven to the bench', min: 0, max: 120, unit: 'time' },
  { name: 'handling', label: 'To put one ring in', min: 5, max: 120, unit: 'time' },
] as const;

/** What part and rings are brought to, and what that rests on: each figure that nobody has set is marked as usual. */
export function Temperatures({ settings, isSet, temperature, onChange, plan }: TemperaturesProps) {
  const first = plan.choices[0];
  const isWorkedOut = !isSet && first?.oven === settings.oven && first.rings === settings.rings;
  return (
    <section
      aria-label="Temperatures"
      className="bg-panel border-edge grid gap-2 rounded-[3px] border-2 p-4"
    >
      <HeatSlider
        label={`Part to${isWorkedOut ? ' (worked out)' : ''}`}
        name="Part to"
        value={settings.oven}
        min={20}
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
      <p className="m-0 text-lg">
        Oven set to <span className="figure">{temperature(settings.oven + OVEN_ABOVE)}</span>: soak{' '}
        <span className="figure">{spanText(plan.soak)}</span>
        {plan.freeze > 0 && (
          <>
            , rings in the freezer <span className="figure">{spanText(plan.freeze)}</span>
          </>
        )}
        .
      </p>
      <UsualWork settings={settings} isSet={isSet} temperature={temperature} onChange={onChange} />
    </section>
  );
}

/** What the plan rests on besides: each figure that nobody has changed is marked as usual. */
function UsualWork({ settings, isSet, temperature, onChange }: Omit<TemperaturesProps, 'plan'>) {
  return (
    <details>
      <summary className="min-h-12 cursor-pointer content-center text-lg font-semibold">
        {temperature(settings.ambient)} in the shop, {settings.carry} s to the bench,{' '}
        {settings.handling} s a ring{isSet ? '' : ': the usual, change them'}
      </summary>
      <div className="grid gap-2">
        {USUAL.map(({ name, label, min, max, unit }) => (
          <HeatSlider
            key={name}
            label={`${label}${settings[name] === USUAL_WORK[name] ? ' (usual)' : ''}`}
            name={label}
            value={settings[name]}
            min={min}
            max={max}
            shown={unit === 'time' ? `${settings[name]} s` : temperature(settings[name])}
            onChange={(value) => onChange({ [name]: value })}
          />
        ))}
        <label className="flex min-h-12 items-center gap-3">
          <input
            type="checkbox"
            className="accent-brass-edge size-6"
            checked={settings.medium === 'fanOven'}
            onChange={(event) =>
              onChange({ medium: event.target.checked ? 'fanOven' : 'stillOven' })
            }
          />
          The oven has a fan{settings.medium === USUAL_WORK.medium ? ' (usual)' : ''}
        </label>
      </div>
    </details>
  );
}
