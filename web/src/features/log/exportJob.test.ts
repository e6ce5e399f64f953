import Papa from 'papaparse';

import { FORMULA } from './exportJob.ts';

test('numbers of a CSV stay numbers, whatever their sign, and a formula is none', () => {
  const csv = Papa.unparse(
    [{ reading: -0.012, travel: '-0.0120', note: '=1+1', by: '-cmd', at: '+3' }],
    { escapeFormulae: FORMULA },
  );
  expect(csv.split('\r\n')[1]).toBe('-0.012,-0.0120,"\'=1+1","\'-cmd",+3');
});
