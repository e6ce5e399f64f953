import { field } from './calculation.ts';

/** The fields of a calculation on a unit: its file. */
export const UNIT_FILE = field(
  'unitFile',
  'text',
  '',
  { note: 'a unit file of this program' },
  'the text of the file',
);

/** The fields of a calculation on a unit: what of it is renewed. */
export const RENEW = field(
  'renew[]',
  'text',
  '',
  {},
  'ids of the stations that are renewed',
  'optional',
);
