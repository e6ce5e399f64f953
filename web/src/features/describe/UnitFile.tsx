import { useRef } from 'react';

import { Button } from '../../ui/Button.tsx';

interface Props {
  readonly onFile: (text: string, name: string) => void;
}

/** A unit from a file of this program: its text and its name. */
export function UnitFile({ onFile }: Props) {
  const file = useRef<HTMLInputElement>(null);
  return (
    <>
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
      <Button onClick={() => file.current?.click()}>From a unit file</Button>
    </>
  );
}
