import Papa from 'papaparse';

import { jobFile, readingRows, type JobEvent, type JobState } from '@wendaxis/core/job';

import { planFile, readJob } from '@wendaxis/core/plan';

import { download, fileName } from './download.ts';

/** Hand the job over as a JSON file: the log whole, and the plan that follows from it. */
export function exportJob(jobId: string, events: readonly JobEvent[]): void {
  const plan = planFile(readJob(events).plan);
  const file = { ...jobFile(jobId, events, new Date().toISOString()), plan };
  download(`${fileName(file.name)}.json`, 'application/json', JSON.stringify(file, null, 2));
}

/** What a spreadsheet would take for a formula; a number is none, with its sign or without. */
export const FORMULA = /^(?![-+]?\d+(?:\.\d+)?$)[=+\-@\t\r].*$/u;

/** Hand the readings over as CSV, in mm. */
export function exportReadings(state: JobState): void {
  const csv = Papa.unparse([...readingRows(state)], { escapeFormulae: FORMULA });
  download(`${fileName(state.unit?.name ?? '')} readings.csv`, 'text/csv', csv);
}
