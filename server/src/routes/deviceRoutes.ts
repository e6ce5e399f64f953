import { Router } from 'express';

import { checkShape, HandsDto } from '@wendaxis/contract';
import { InputError } from '@wendaxis/core/faults';

import type { DeviceService } from '../devices/deviceService.ts';

/** The practice hands of the stand-ins. */
export function deviceRoutes(devices: DeviceService): Router {
  const router = Router();
  router.post('/devices/:deviceId/hands', async (request, response) => {
    const faults = checkShape(HandsDto, request.body, '');
    if (faults.length > 0) throw new InputError(faults);
    const { action, jobId } = request.body as HandsDto;
    response.json(await devices.hands(request.params.deviceId, jobId.toLowerCase(), action));
  });
  return router;
}
