/** A name that can be a file's. */
export function fileName(name: string): string {
  return name.replace(/[^\p{L}\p{N} _-]/gu, '').trim() || 'job';
}

/** Hand a text over as a file. */
export function download(name: string, type: string, text: string): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), 1000);
}
