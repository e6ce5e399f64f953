import { isSimulated } from '@wendaxis/core/devices';

/** The device that may send readings into a job: a stand-in only into a practice job. Null where it is read by eye. */
export function offeredDevice(deviceId: string | null, practice: boolean): string | null {
  return isSimulated(deviceId) && !practice ? null : deviceId;
}
