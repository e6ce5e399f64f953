import { useState } from 'react';

import { shimFor } from '@wendaxis/core/shims';
import { inEveryUnit } from '@wendaxis/core/units';

import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { useUnits } from '../../ui/useUnits.ts';

/** Two questions of the bench that want no job: a figure in another unit, and the shim that a play asks for. */
export function QuickAnswers() {
  return (
    <section
      aria-labelledby="quick"
      className="bg-panel border-edge grid gap-4 rounded-[3px] border-2 p-4 lg:col-span-2 lg:grid-cols-[1fr_1.2fr]"
    >
      <h2 id="quick" className="m-0 text-2xl lg:col-span-2">
        Quick answers
      </h2>
      <OtherUnits />
      <WhichShim />
    </section>
  );
}

function OtherUnits() {
  const [text, setText] = useState('');
  const answer = inEveryUnit(text);
  return (
    <div className="grid content-start gap-2">
      <TextField
        label="A figure with its unit, such as 80 lb·ft"
        value={text}
        onChange={setText}
        max={40}
      />
      <p role="status" className="figure m-0 min-h-9 text-2xl">
        {answer?.others.map((one) => `${one.text} ${one.unit}`).join(' · ')}
      </p>
      {text.trim() !== '' && answer === null && (
        <p className="text-soft m-0">
          A number and a unit of length, torque, temperature, force, pressure, weight or area.
        </p>
      )}
    </div>
  );
}

const NOTHING = { found: '', wanted: '', inPlace: '' };
const LABELS = {
  found: 'Play found',
  wanted: 'Play wanted',
  inPlace: 'Shims in',
} as const satisfies Record<keyof typeof NOTHING, string>;

function WhichShim() {
  const units = useUnits();
  const [texts, setTexts] = useState(NOTHING);
  const number = (text: string): number | null => {
    const reading = readField(text, 'length', units.system);
    return reading.status === 'read' ? reading.quantity.value : null;
  };
  const [found, wanted, inPlace] = [texts.found, texts.wanted, texts.inPlace].map(number);
  const answer =
    found == null || wanted == null || inPlace == null ? null : shimFor(found, wanted, inPlace);
  const shown = (mm: number): string =>
    mm > 0 ? units.show(mm) : 'not possible: it would be less than nothing';
  return (
    <div className="grid content-start gap-2">
      <div className="grid grid-cols-3 gap-3">
        {(Object.keys(LABELS) as (keyof typeof NOTHING)[]).map((name) => (
          <QuantityField
            key={name}
            label={LABELS[name]}
            text={texts[name]}
            onText={(text) => setTexts({ ...texts, [name]: text })}
            quiet
          />
        ))}
      </div>
      <div role="status">
        <dl className="m-0 grid gap-1">
          {answer !== null &&
            (
              [
                ['Where a thicker shim gives more play, as under a cover', answer.thickerMore],
                ['Where a thicker shim takes play away', answer.thickerLess],
              ] as const
            ).map(([words, mm]) => (
              <div key={words} className="flex flex-wrap items-baseline justify-between gap-x-4">
                <dt>{words}</dt>
                <dd className="figure m-0 text-2xl">{shown(mm)}</dd>
              </div>
            ))}
        </dl>
      </div>
      <p className="text-soft m-0">
        Shims in, and what the play has to change. A job does it with the uncertainty of the
        readings and the shims that are in the box.
      </p>
    </div>
  );
}
