import { RadioGroup } from 'radix-ui';

interface ChoiceProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly options: readonly {
    readonly value: string;
    readonly words: string;
    readonly note: string;
  }[];
}

/** A choice of a few, each a large target. */
export function Choice({ label, value, onChange, options }: ChoiceProps) {
  return (
    <fieldset className="m-0 border-0 p-0">
      <legend className="mb-1 p-0 text-lg font-semibold">{label}</legend>
      <RadioGroup.Root
        value={value}
        onValueChange={onChange}
        className="flex flex-wrap gap-3"
        aria-label={label}
      >
        {options.map((option) => (
          <RadioGroup.Item
            key={option.value}
            value={option.value}
            className="bg-panel border-edge data-[state=checked]:border-plate data-[state=checked]:bg-plate data-[state=checked]:text-scribe min-h-14 rounded-[3px] border-2 px-4 py-1.5 text-left"
          >
            <span className="block text-lg font-semibold">{option.words}</span>
            {option.note !== '' && <span className="block text-[0.88rem]">{option.note}</span>}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </fieldset>
  );
}
