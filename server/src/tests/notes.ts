import { randomUUID } from 'node:crypto';

import { sillLog } from '../demo/sill.ts';
import type { TestServer } from './testServer.ts';

/** A note as a browser sends it. */
export const note = (text: string) => ({
  id: randomUUID(),
  type: 'NoteWritten',
  version: 1,
  at: new Date().toISOString(),
  by: 'runa',
  data: { text },
});

/** The first entry of the Sill's log: the demo is worked out once. */
const [OPENED] = sillLog().events;

/** A fresh job with the Sill's unit, opened under an id of its own. */
export async function openJob(server: TestServer, practice = false): Promise<string> {
  const jobId = randomUUID();
  const opened = { ...OPENED!, id: randomUUID() };
  const mark = { ...note(''), type: 'PracticeMarked', data: { reason: '' } };
  const events = practice ? [opened, mark] : [opened];
  const { status } = await server.post(`/jobs/${jobId}/events`, { events });
  if (status !== 201) throw new Error(`the job was not opened: ${status}`);
  return jobId;
}
