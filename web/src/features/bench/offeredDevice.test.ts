import { offeredDevice } from './offeredDevice.ts';

describe('a device that sends readings into a job', () => {
  test('should be a stand-in for practice only, and a real one anywhere', () => {
    expect(offeredDevice('dial-a', true)).toBe('dial-a');
    expect(offeredDevice('dial-a', false)).toBeNull();
    expect(offeredDevice('gauge-4', false)).toBe('gauge-4');
    expect(offeredDevice(null, true)).toBeNull();
  });
});
