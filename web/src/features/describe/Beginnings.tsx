import { RadioGroup } from 'radix-ui';
import { useState } from 'react';

import type { WorkshopTemplate } from '@wendaxis/core/job';
import {
  TEMPLATE_FAMILIES,
  TEMPLATE_TABLE,
  UNIT_TEMPLATES,
  type TemplateFamily,
  type UnitTemplate,
} from '@wendaxis/core/unit';

interface Props {
  /** Name of the chosen template, `own:` and an id, or `unit` for one from a file or another job. */
  readonly value: string;
  readonly onTemplate: (template: UnitTemplate) => void;
  readonly own: readonly WorkshopTemplate[];
  /** Called for one of `own` alone. */
  readonly onOwn?: (template: WorkshopTemplate) => void;
}

const ITEM =
  'bg-panel border-edge data-[state=checked]:border-plate data-[state=checked]:bg-plate data-[state=checked]:text-scribe min-h-12 rounded-[3px] border-2 px-3 py-1 text-left leading-tight';

type Family = TemplateFamily | 'own';

const isTemplate = (value: string): value is UnitTemplate =>
  (UNIT_TEMPLATES as readonly string[]).includes(value);

/** What a unit is begun from: the usual arrangements by what it is, the workshop's own. */
export function Beginnings({ value, onTemplate, own, onOwn }: Props) {
  const [family, setFamily] = useState<Family>(
    isTemplate(value) ? TEMPLATE_TABLE[value].family : 'gearbox',
  );
  const pick = (chosen: string): void => {
    const template = own.find(({ templateId }) => `own:${templateId}` === chosen);
    if (template !== undefined) onOwn?.(template);
    else onTemplate(chosen as UnitTemplate);
  };
  return (
    <fieldset className="m-0 grid gap-2 border-0 p-0">
      <legend className="mb-1 p-0 text-lg font-semibold">Begin from</legend>
      <Families family={family} onFamily={setFamily} hasOwn={own.length > 0} />
      <RadioGroup.Root
        value={value}
        onValueChange={pick}
        aria-label="Begin from"
        className="grid grid-cols-2 gap-2 md:grid-cols-3"
      >
        {UNIT_TEMPLATES.filter((id) => TEMPLATE_TABLE[id].family === family).map((id) => (
          <RadioGroup.Item key={id} value={id} className={ITEM}>
            <span className="block font-semibold">{TEMPLATE_TABLE[id].words}</span>
            <span className="block text-[0.8rem]">{TEMPLATE_TABLE[id].note}</span>
          </RadioGroup.Item>
        ))}
        {family === 'own' &&
          own.map(({ templateId, name }) => (
            <RadioGroup.Item key={templateId} value={`own:${templateId}`} className={ITEM}>
              <span className="block font-semibold break-words">{name}</span>
              <span className="block text-[0.8rem]">the workshop’s own</span>
            </RadioGroup.Item>
          ))}
      </RadioGroup.Root>
    </fieldset>
  );
}

interface FamiliesProps {
  readonly family: Family;
  readonly onFamily: (family: Family) => void;
  readonly hasOwn: boolean;
}

/** What the unit is: which of the arrangements are shown. */
function Families({ family, onFamily, hasOwn }: FamiliesProps) {
  const families = [
    ...Object.entries(TEMPLATE_FAMILIES),
    ...(hasOwn ? [['own', 'Your own'] as const] : []),
  ];
  return (
    <RadioGroup.Root
      value={family}
      onValueChange={(chosen) => onFamily(chosen as Family)}
      aria-label="What it is"
      className="flex flex-wrap gap-2"
    >
      {families.map(([id, words]) => (
        <RadioGroup.Item
          key={id}
          value={id}
          className="border-edge data-[state=checked]:border-ink min-h-12 border-0 border-b-4 px-3 text-lg font-semibold"
        >
          {words}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
