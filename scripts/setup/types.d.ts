declare module '*/setup/server.mjs' {
  export interface StartedServer {
    readonly address: string;
    stop(signal?: NodeJS.Signals): Promise<void>;
    readonly ended: Promise<number | null>;
  }
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
  export function temporaryPostgres(): Promise<TemporaryPostgres>;
}
