import type { OrderAnswer, OrderQuestion } from '@wendaxis/core/odds';
import { useCallback, useState } from 'react';
import { v4 as uuid } from 'uuid';

import { stockAtHand, type JobState } from '@wendaxis/core/job';
import { orderSubject, USUAL_MOST_PIECES, type Step } from '@wendaxis/core/plan';

import { useWorkshop, type OpenWorkshop } from '../../stores/useWorkshop.ts';
import { useWorkshopRecord, type Saving } from '../../stores/useWorkshopRecord.ts';
import { Button } from '../../ui/Button.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { useOdds, type RemoteOdds } from '../../workers/useOdds.ts';
import { SavingWords } from '../workshop/SavingWords.tsx';
import { OddsBars } from './OddsBars.tsx';
import { percent } from './oddsWords.ts';
import { gradedSizes, orderQuestion } from './orderEntry.ts';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

interface Props {
  readonly step: Step;
  readonly state: JobState;
}

/** Before it comes apart: which sizes to order so that the right pack is at hand with 95 % odds. */
export function OrderPanel({ step, state }: Props) {
  const units = useUnits();
  const workshop = useWorkshop();
  const { question, subject, texts, setTexts } = useOrderQuestion({
    state,
    step,
    units,
    workshop,
  });
  const key = JSON.stringify(question);
  const ask = useCallback(
    (worker: RemoteOdds) => worker.orderSizes(JSON.parse(key) as OrderQuestion),
    [key],
  );
  const computed = useOdds(question === null ? null : ask);
  const { saving, save } = useWorkshopRecord();
  if (subject === null) return null;
  const orderAll = async (order: readonly { readonly thickness: number }[]): Promise<void> => {
    for (const { thickness } of order)
      if (!(await save('SizeOrdered', { orderId: uuid(), thickness, count: 1, price: null })))
        return;
  };
  const set = (name: keyof typeof texts) => (text: string) => setTexts({ ...texts, [name]: text });
  return (
    <Panel title="What to order before it comes apart">
      <SizesAskedFor texts={texts} set={set} />
      {question === null && (
        <p role="alert" className="text-bad m-0 font-semibold">
          A list of 1 to 60 sizes, from small to large.
        </p>
      )}
      {question !== null && computed.status === 'computing' && (
        <p className="m-0">Working it out…</p>
      )}
      {question !== null && computed.status === 'failed' && (
        <p role="alert" className="text-bad m-0 font-semibold">
          It cannot be worked out: {computed.message}
        </p>
      )}
      {question !== null && computed.status === 'done' && (
        <WhatToOrder units={units} computed={computed} saving={saving} orderAll={orderAll} />
      )}
    </Panel>
  );
}

interface UseOrderQuestionInput {
  readonly state: JobState;
  readonly step: Step;
  readonly units: ScreenUnits;
  readonly workshop: OpenWorkshop;
}

/** What is asked of the sizes on offer, once enough is known. */
function useOrderQuestion({ state, step, units, workshop }: UseOrderQuestionInput) {
  const [texts, setTexts] = useState({
    from: '0.1 mm',
    to: '1.5 mm',
    step: '0.05 mm',
    parts: '0.05 mm',
  });
  const axis = state.unit!.axes.find(({ id }) => id === step.axisId)!;
  const subject = orderSubject(state, axis);
  const lengths = [texts.from, texts.to, texts.step, texts.parts].map((text) => {
    const reading = readField(text, 'length', units.system);
    return reading.status === 'read' ? reading.quantity.value : null;
  });
  const [from, to, grade, parts] = lengths as [
    number | null,
    number | null,
    number | null,
    number | null,
  ];
  const sizes =
    from === null || to === null || grade === null ? null : gradedSizes(from, to, grade);
  const stock =
    workshop.data === undefined || subject === null
      ? null
      : stockAtHand(workshop.data.sizes, {}, state, [subject.site.id]);
  const question: OrderQuestion | null =
    sizes === null || parts === null || stock === null || subject === null
      ? null
      : orderQuestion({
          state,
          axis,
          subject,
          stock,
          sizes,
          changedParts: parts,
          mostPieces: USUAL_MOST_PIECES,
        });
  return { question, subject, texts, setTexts };
}

interface WhatToOrderProps {
  readonly units: ScreenUnits;
  readonly computed: { readonly status: 'done'; readonly answer: OrderAnswer };
  readonly saving: Saving;
  readonly orderAll: (order: readonly { readonly thickness: number }[]) => Promise<void>;
}

/** What to order, and how sure that makes it. */
function WhatToOrder({ units, computed, saving, orderAll }: WhatToOrderProps) {
  return (
    <div role="status" className="grid gap-1">
      <p className="m-0 text-lg">
        Wanted about <strong className="figure">{units.show(computed.answer.wanted)}</strong>. With
        the box as it is: <strong className="figure">{percent(computed.answer.oddsNow)}</strong>.
      </p>
      <OddsBars bins={computed.answer.bins} band={{ lower: null, upper: null }} />
      <p className="m-0 text-xl font-semibold">
        {computed.answer.order.length === 0
          ? 'Nothing to order.'
          : `Order ${computed.answer.order.map(({ thickness }) => units.digits(thickness)).join(', ')} ${units.unit()}: ${percent(computed.answer.oddsAfter.at(-1)!)}.`}
        {!computed.answer.reached && ' This list does not reach 95 %.'}
      </p>
      {computed.answer.order.length > 0 && (
        <Button
          className="justify-self-start"
          disabled={saving === 'saving'}
          onClick={() => void orderAll(computed.answer.order)}
        >
          Order them
        </Button>
      )}
      <SavingWords saving={saving} saved="On order: see the workshop." />
    </div>
  );
}

interface SizesAskedForProps {
  readonly texts: { from: string; to: string; step: string; parts: string };
  readonly set: (name: 'from' | 'to' | 'step' | 'parts') => (text: string) => void;
}

/** Which sizes a maker offers. */
function SizesAskedFor({ texts, set }: SizesAskedForProps) {
  return (
    <div className="grid grid-cols-2 gap-x-3">
      <QuantityField label="Sizes on the list from" text={texts.from} onText={set('from')} quiet />
      <QuantityField label="to" text={texts.to} onText={set('to')} quiet />
      <QuantityField label="in steps of" text={texts.step} onText={set('step')} quiet />
      <QuantityField
        label="New parts move the play by (1 σ)"
        text={texts.parts}
        onText={set('parts')}
        quiet
      />
    </div>
  );
}
