import Papa from 'papaparse';

import { jobFile, readingRows, type JobEvent, type JobState } from '@wendaxis/core/job';

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

function fileName(name: string): string {
  return name.replace(/[^\p{L}\p{N} _-]/gu, '').trim() || 'job';
}

function download(name: string, type: string, text: string): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), 1000);
}
