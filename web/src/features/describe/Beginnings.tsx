import { RadioGroup } from 'radix-ui';
import { useRef } from 'react';

import type { WorkshopTemplate } from '@wendaxis/core/job';
import { TEMPLATE_TABLE, UNIT_TEMPLATES, type UnitTemplate } from '@wendaxis/core/unit';

import { Button } from '../../ui/Button.tsx';

interface Props {
  /** Name of the chosen template, `own:` and an id, or `unit` for one from a file or another job. */
  readonly value: string;
  readonly onTemplate: (template: UnitTemplate) => void;
  readonly own: readonly WorkshopTemplate[];
  readonly onOwn: (template: WorkshopTemplate) => void;
  readonly onFile: (text: string, name: string) => void;
}

const ITEM =
  'bg-panel border-edge data-[state=checked]:border-plate data-[state=checked]:bg-plate data-[state=checked]:text-scribe min-h-12 rounded-[3px] border-2 px-3 py-1 text-left leading-tight';

/** What a unit is begun from: the usual arrangements, the workshop's own, or a file. */
export function Beginnings({ value, onTemplate, own, onOwn, onFile }: Props) {
  const file = useRef<HTMLInputElement>(null);
  const pick = (chosen: string): void => {
    const template = own.find(({ templateId }) => `own:${templateId}` === chosen);
    if (template !== undefined) onOwn(template);
    else onTemplate(chosen as UnitTemplate);
  };
  return (
    <fieldset className="m-0 grid gap-2 border-0 p-0">
      <legend className="mb-1 p-0 text-lg font-semibold">Begin from</legend>
      <RadioGroup.Root
        value={value}
        onValueChange={pick}
        aria-label="Begin from"
        className="grid grid-cols-2 gap-2 md:grid-cols-3"
      >
        {UNIT_TEMPLATES.map((id) => (
          <RadioGroup.Item key={id} value={id} className={ITEM}>
            <span className="block font-semibold">{TEMPLATE_TABLE[id].words}</span>
            <span className="block text-[0.8rem]">{TEMPLATE_TABLE[id].note}</span>
          </RadioGroup.Item>
        ))}
        {own.map(({ templateId, name }) => (
          <RadioGroup.Item key={templateId} value={`own:${templateId}`} className={ITEM}>
            <span className="block font-semibold break-words">{name}</span>
            <span className="block text-[0.8rem]">the workshop’s own</span>
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
      <input
        ref={file}
        type="file"
        accept="application/json,.json"
        className="sr-only"
        aria-label="A unit file"
        tabIndex={-1}
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen !== undefined) void chosen.text().then((text) => onFile(text, chosen.name));
        }}
      />
      <Button className="justify-self-start" onClick={() => file.current?.click()}>
        From a unit file
      </Button>
    </fieldset>
  );
}
