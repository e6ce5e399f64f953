import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';

import type { Logger } from 'pino';

import { createApp } from './app.ts';
import type { Config } from './config.ts';
import { migrateDatabase, openDatabase } from './db/database.ts';
import { loadDemo } from './demo/loadDemo.ts';
import { DeviceService } from './devices/deviceService.ts';
import { TcpLineSource } from './devices/tcpLineSource.ts';
import { tracesOf } from './errors.ts';
import { EventRepository } from './repositories/eventRepository.ts';
import { JobListRepository } from './repositories/jobListRepository.ts';
import { JobListKeeper } from './services/jobListKeeper.ts';
import { JobReader } from './services/jobReader.ts';
import { JobService } from './services/jobService.ts';
import { LiveConnections } from './services/liveConnections.ts';
import { LiveUpdates } from './services/liveUpdates.ts';
import { rulesVersion } from './services/rulesVersion.ts';

/** A server that listens. */
export interface RunningServer {
  readonly address: string;
  /** How many browsers listen to its live connection. */
  readonly listeners: () => number;
  stop(): Promise<void>;
}

/**
 * How long a client may take to send the head and the whole of a request, and stay silent between two, ms; and how many there
 * may be. An answer that is a live stream is not bounded by these.
 */
const PATIENCE = {
  headersTimeout: 10_000,
  requestTimeout: 30_000,
  keepAliveTimeout: 10_000,
  maxConnections: 2000,
} as const;

/** Migrate, load the demo once, wire everything, and listen. */
export async function startServer(config: Config, log: Logger): Promise<RunningServer> {
  await migrateDatabase(config.databaseUrl);
  const warn = (what: string) => (error: unknown, jobId?: string) =>
    log.warn({ ...tracesOf(error), ...(jobId === undefined ? {} : { jobId }) }, what);
  const { db, pool } = openDatabase(config.databaseUrl, warn('connection lost'));
  const events = new EventRepository(db);
  const list = new JobListRepository(db, rulesVersion());
  const reader = new JobReader(events);
  const keeper = new JobListKeeper(reader, list, warn('a job could not be listed'));
  const live = new LiveUpdates(config.databaseUrl, warn('live updates lost'));
  const jobs = new JobService({ events, list, reader, keeper, live });
  await live.start();
  if (config.demo) await loadDemo(jobs);
  await keeper.catchUp();
  const wires = new Map(
    [...config.lineDevices].map(([id, { host, port }]) => [id, new TcpLineSource(host, port)]),
  );
  const devices = new DeviceService(jobs, wires);
  const connections = new LiveConnections(live, devices);
  const http = createServer(
    { connectionsCheckingInterval: 5000 },
    createApp({ jobs, connections, devices, log, pages: config.pages }),
  );
  Object.assign(http, PATIENCE);
  await new Promise<void>((resolve, reject) => {
    http.once('error', reject);
    http.listen(config.port, config.host, resolve);
  });
  const { port } = http.address() as AddressInfo;
  return {
    address: `http://${config.host.includes(':') ? `[${config.host}]` : config.host}:${port}/`,
    listeners: () => connections.count,
    stop: async () => {
      devices.close();
      http.closeAllConnections();
      await new Promise((resolve) => http.close(resolve));
      await keeper.stop();
      await live.stop();
      await pool.end();
    },
  };
}
