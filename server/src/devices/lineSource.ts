/** Where an indicator's lines come from: a stand-in, or a wire. */
export interface LineSource {
  /** Receive lines from now on; returns the way to stop. */
  subscribe(listener: (line: string) => void): () => void;
  close(): void;
}
