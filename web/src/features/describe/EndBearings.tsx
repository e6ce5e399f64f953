import { TEMPLATE_TABLE, type UnitTemplate } from '@wendaxis/core/unit';

import { QuantityField } from '../../ui/QuantityField.tsx';
import { NO_BEARING, type BearingEntry } from './bearingEntry.ts';
import { BearingFields } from './BearingFields.tsx';
import type { TemplateEntry } from './bookIn.ts';

interface Props {
  readonly template: UnitTemplate;
  readonly entry: TemplateEntry;
  readonly onEntry: (part: Partial<TemplateEntry>) => void;
}

/** What stands at the ends of one of the usual arrangements, and how far apart. */
export function EndBearings({ template, entry: { left, right, span }, onEntry }: Props) {
  const [first, second] = TEMPLATE_TABLE[template].ends as readonly string[];
  return (
    <div className="grid gap-3">
      <div className={`grid gap-3 ${second === undefined ? '' : 'sm:grid-cols-2'}`}>
        <BearingFields label={first!} entry={left} onEntry={(next) => onEntry({ left: next })} />
        {second !== undefined && (
          <BearingFields
            label={second}
            entry={right}
            onEntry={(next) => onEntry({ right: next })}
            same={{ words: `Same as ${first!.toLowerCase()}`, entry: copyOf(left) }}
          />
        )}
      </div>
      {second !== undefined && (
        <QuantityField
          label="Distance between them, face to face"
          text={span}
          onText={(next) => onEntry({ span: next })}
        />
      )}
    </div>
  );
}

const copyOf = (entry: BearingEntry): BearingEntry | null =>
  Object.keys(NO_BEARING).every((name) => entry[name as keyof BearingEntry].trim() === '')
    ? null
    : entry;
