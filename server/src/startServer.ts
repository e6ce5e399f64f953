import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';

import type { Logger } from 'pino';

import { createApp } from './app.ts';
import type { Config } from './config.ts';
import { migrateDatabase, openDatabase } from './db/database.ts';
import { loadDemo } from './demo/loadDemo.ts';
import { DeviceService } from './devices/deviceService.ts';
import { TcpLineSource } from './devices/tcpLineSource.ts';
import { EventRepository } from './repositories/eventRepository.ts';
import { JobListRepository } from './repositories/jobListRepository.ts';
import { JobService } from './services/jobService.ts';
import { LiveUpdates } from './services/liveUpdates.ts';

/** A server that listens. */
export interface RunningServer {
  readonly address: string;
  stop(): Promise<void>;
}

/** Migrate, load the demo once, wire everything, and listen. */
export async function startServer(config: Config, log: Logger): Promise<RunningServer> {
  await migrateDatabase(config.databaseUrl);
  const { db, pool } = openDatabase(config.databaseUrl, (error) =>
    log.warn({ reason: error.message }, 'connection lost'),
  );
  const jobs = new JobService(new EventRepository(db), new JobListRepository(db));
  if (config.demo) await loadDemo(jobs);
  const live = new LiveUpdates(config.databaseUrl, (error) =>
    log.warn({ reason: String(error) }, 'live updates lost'),
  );
  await live.start();
  const wires = new Map(
    [...config.lineDevices].map(([id, { host, port }]) => [id, new TcpLineSource(host, port)]),
  );
  const devices = new DeviceService(jobs, wires);
  const http = createServer(createApp({ jobs, live, devices, log, pages: config.pages }));
  await new Promise<void>((resolve, reject) => {
    http.once('error', reject);
    http.listen(config.port, config.host, resolve);
  });
  const { port } = http.address() as AddressInfo;
  return {
    address: `http://${config.host}:${port}/`,
    stop: async () => {
      devices.close();
      http.closeAllConnections();
      await new Promise((resolve) => http.close(resolve));
      await live.stop();
      await pool.end();
    },
  };
}
