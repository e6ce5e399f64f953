import { useState } from 'react';

import { InputError } from '@wendaxis/core/faults';

import { Notice } from '../../ui/Notice.tsx';
import { QuantityField } from '../../ui/QuantityField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { Working } from '../../ui/Working.tsx';
import { faultsWords, wantedIn } from '../../wording/faultWords.ts';
import type { BenchSum, SumAnswer } from './benchSum.ts';
import { answerSum, BENCH_SUMS, fieldOfFault, keptUnits, type SumTexts } from './benchSums.ts';

const NOTHING: SumTexts = { texts: {}, chosen: {} };

/** Sums of the bench that want no job, one at a time. */
export function BenchSums() {
  const units = useUnits();
  const [id, setId] = useState('');
  const [given, setGiven] = useState(NOTHING);
  const [system, setSystem] = useState(units.system);
  const sum = BENCH_SUMS.find((one) => one.id === id);
  if (system !== units.system) {
    setSystem(units.system);
    if (sum !== undefined) setGiven({ ...given, texts: keptUnits(sum, given.texts, system) });
  }
  const choose = (next: string) => {
    setId(next);
    setGiven(NOTHING);
  };
  return (
    <section
      aria-labelledby="sums"
      className="bg-panel border-edge grid gap-4 rounded-[3px] border-2 p-4 lg:col-span-2"
    >
      <h2 id="sums" className="m-0 text-2xl">
        Sums of the bench
      </h2>
      <SelectField
        label="What is to be worked out"
        value={id}
        onChange={choose}
        unknown="Choose one"
        options={BENCH_SUMS.map((one) => [one.id, one.title] as const)}
      />
      {sum !== undefined && <Sum key={id} sum={sum} given={given} onGiven={setGiven} />}
    </section>
  );
}

interface SumProps {
  readonly sum: BenchSum;
  readonly given: SumTexts;
  readonly onGiven: (given: SumTexts) => void;
}

function Sum({ sum, given, onGiven }: SumProps) {
  const units = useUnits();
  const answer = answerSum(sum, given, units.system);
  const faults = answer instanceof InputError ? answer.faults : [];
  const faultOf = (name: string) =>
    faults.find(({ field }) => fieldOfFault(sum, field)?.name === name);
  const elsewhere = faults.filter(({ field }) => fieldOfFault(sum, field) === undefined);
  return (
    <div className="grid gap-4 lg:grid-cols-[1.4fr_1fr]">
      <div className="grid grid-cols-2 content-start items-start gap-3">
        {sum.fields.map(({ name, label, kind, optional }) => {
          const fault = faultOf(name);
          return (
            <QuantityField
              key={name}
              label={label}
              kind={kind}
              text={given.texts[name] ?? ''}
              onText={(text) => onGiven({ ...given, texts: { ...given.texts, [name]: text } })}
              optional={optional ?? false}
              fault={fault && `Expected ${wantedIn(fault.wanted, units)}`}
            />
          );
        })}
        {(sum.choices ?? []).map(({ name, label, options }) => (
          <SelectField
            key={name}
            label={label}
            value={given.chosen[name] ?? ''}
            onChange={(value) => onGiven({ ...given, chosen: { ...given.chosen, [name]: value } })}
            unknown="Choose"
            options={options}
          />
        ))}
      </div>
      <div role="status" className="grid content-start gap-3">
        {elsewhere.length > 0 && (
          <Notice tone="warn" title="Not possible">
            {faultsWords(elsewhere, units)}
          </Notice>
        )}
        {answer === null && <p className="text-soft m-0">{missingWords(sum)}</p>}
        {answer !== null && !(answer instanceof InputError) && (
          <Answered title={sum.title} answer={answer} />
        )}
      </div>
    </div>
  );
}

/** What an answer waits for. */
function missingWords({ fields, oneOf = [] }: BenchSum): string {
  const either = fields.filter(({ name }) => oneOf.includes(name)).map(({ label }) => label);
  const open = either.length === 0 ? '' : ` Give one of ${either.join(', ')}, not both.`;
  return `The answer stands here once every figure is there.${open}`;
}

function Answered({ title, answer }: { readonly title: string; readonly answer: SumAnswer }) {
  const units = useUnits();
  return (
    <>
      <dl className="m-0 grid gap-1">
        {answer.figures.map(({ words, value, kind }, at) => (
          <div key={at} className="flex flex-wrap items-baseline justify-between gap-x-4">
            <dt>{words}</dt>
            <dd className="figure m-0 text-2xl">{units.show(value, kind)}</dd>
          </div>
        ))}
      </dl>
      {answer.sentences.map((sentence) => (
        <p key={sentence} className="m-0">
          {units.told(sentence)}
        </p>
      ))}
      <div>
        <Working title={title} lines={answer.working} />
      </div>
    </>
  );
}
