declare module '*/setup/chromium.mjs' {
  /** The program of the browser that tests, benches and pictures use. */
  export const CHROMIUM: string;
}
declare module '*/setup/server.mjs' {
  export interface StartedServer {
    readonly address: string;
    stop(signal?: NodeJS.Signals): Promise<void>;
    readonly ended: Promise<number | null>;
  }
  export function buildPages(): Promise<{ readonly folder: string; remove(): void }>;
  export function buildServer(): Promise<{ readonly program: string; remove(): void }>;
  export function startHere(
    env: Readonly<Record<string, string>>,
  ): Promise<{ readonly address: string; stop(): Promise<void> }>;
  export function startServer(env: Readonly<Record<string, string>>): Promise<StartedServer>;
}
declare module '*/setup/postgres.mjs' {
  export interface TemporaryPostgres {
    readonly url: string;
    readonly server: {
      start(port?: number): Promise<unknown>;
      stop(mode: 'fast' | 'immediate'): Promise<unknown>;
      port(): number;
    };
    stop(): Promise<void>;
  }
  export function temporaryPostgres(how?: {
    readonly durable?: boolean;
  }): Promise<TemporaryPostgres>;
}
