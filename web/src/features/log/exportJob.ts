import Papa from 'papaparse';

import { jobFile, readingRows, type JobEvent, type JobState } from '@wendaxis/core/job';

import { download, fileName } from './download.ts';

/** Hand the job over as a JSON file: the log whole. */
export function exportJob(jobId: string, events: readonly JobEvent[]): void {
  const file = jobFile(jobId, events, new Date().toISOString());
  download(`${fileName(file.name)}.json`, 'application/json', JSON.stringify(file, null, 2));
}

/** Hand the readings over as CSV, in mm. */
export function exportReadings(state: JobState): void {
  const csv = Papa.unparse([...readingRows(state)], { escapeFormulae: true });
  download(`${fileName(state.unit?.name ?? '')} readings.csv`, 'text/csv', csv);
}
