export { LINE_PROTOCOL_VERSION, readLine, writeLine, type DeviceLine } from './lineProtocol.ts';
export { isSimulated, STAND_INS, type StandInKind } from './standIns.ts';
