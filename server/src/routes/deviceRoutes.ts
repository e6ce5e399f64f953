import { Router } from 'express';

import { checkShape, HandsDto } from '@wendaxis/contract';
import { InputError, requireNumber } from '@wendaxis/core/faults';

import type { DeviceService, HeldOn } from '../devices/deviceService.ts';
import { openEventStream } from '../services/eventStream.ts';
import { requireJobId } from './requireJobId.ts';

/** What a device is held on, from the address. @throws InputError naming `angle` */
function heldOn({ partId, axisId, angle }: Readonly<Record<string, unknown>>): HeldOn {
  return {
    ...(typeof partId === 'string' ? { partId } : {}),
    ...(typeof axisId === 'string' ? { axisId } : {}),
    ...(typeof angle === 'string' ? { angle: requireNumber('angle', Number(angle), { min: 0, max: 7200, unit: '°' }) } : {}),
  };
} // prettier-ignore

/** Instruments that stream: their lines, and the hands of the stand-ins. */
export function deviceRoutes(devices: DeviceService): Router {
  const router = Router();

  router.get('/devices/:deviceId/lines', async (request, response) => {
    const jobId = requireJobId(request.query['jobId']);
    const source = await devices.lines(request.params.deviceId, jobId, heldOn(request.query));
    let stop = (): void => undefined;
    const stream = openEventStream(request, response, () => stop());
    stop = source.subscribe((line) => stream.send('line', line));
  });

  router.post('/devices/:deviceId/hands', async (request, response) => {
    const faults = checkShape(HandsDto, request.body, '');
    if (faults.length > 0) throw new InputError(faults);
    const { action, jobId } = request.body as HandsDto;
    response.json(await devices.hands(request.params.deviceId, jobId.toLowerCase(), action));
  });

  return router;
}
