/** What a stand-in plays. */
export type StandInKind = 'indicator' | 'thermometer' | 'wrench';

/**
 * The devices that ship with the program as stand-ins, by their ids. Nothing else may bear these ids: what a log says
 * came from one of them was simulated, whoever wrote it and whenever.
 */
export const STAND_INS: Readonly<Record<string, StandInKind>> = {
  'dial-a': 'indicator',
  'dial-b': 'indicator',
  'thermo-a': 'thermometer',
  'wrench-a': 'wrench',
};

/** Whether what a device sends is simulated. A reading without a device was typed: it is not. */
export function isSimulated(deviceId: string | null | undefined): boolean {
  return deviceId != null && Object.hasOwn(STAND_INS, deviceId);
}
