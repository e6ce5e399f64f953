import { unitWith, Log } from './tests/seatBench.ts';

describe('whether a ring is home', () => {
  test('should be asked check by check, and done when each is good', () => {
    const log = new Log(unitWith({})).add('SeatTried', {
      stationId: 'bearing-left',
      outcome: 'tapped',
    });
    expect(log.step('checkSeat:bearing-left').checks).toEqual([
      'note',
      'bottom',
      'behind',
      'turns',
    ]);
    for (const check of ['note', 'bottom', 'behind'] as const)
      log.add('SeatChecked', { targetId: 'bearing-left', check, good: true });
    log.add('SeatChecked', { targetId: 'bearing-left', check: 'turns', good: false });
    expect(log.step('checkSeat:bearing-left').status).not.toBe('done');
    log.add('SeatChecked', { targetId: 'bearing-left', check: 'turns', good: true });
    expect(log.step('checkSeat:bearing-left').status).toBe('done');
    log.add('SeatTried', { stationId: 'bearing-left', outcome: 'droppedIn' });
    expect(log.step('checkSeat:bearing-left')).toMatchObject({
      status: expect.not.stringMatching('done'),
      checks: ['bottom', 'behind', 'turns'],
    });
  });

  test('should be measured where the shoulder is hidden', () => {
    const log = new Log(unitWith({ shoulder: 'hidden' })).add('SeatTried', {
      stationId: 'bearing-left',
      outcome: 'droppedIn',
    });
    expect(log.step('measureDepth:bearing-left').sizes).toEqual(['shoulderDepth', 'ringWidth']);
    expect(log.step('checkSeat:bearing-left').missing[0]!.id).toBe('measureDepth:bearing-left');
    log.size('shoulderDepth', 20, 20.002, 19.998).size('ringWidth', 14.97);
    expect(log.step('measureDepth:bearing-left').status).toBe('done');
    for (const check of ['bottom', 'turns'] as const)
      log.add('SeatChecked', { targetId: 'bearing-left', check, good: true });
    expect(log.step('checkSeat:bearing-left').status).not.toBe('done');
    log.size('seatedDepth', 4.9, 4.91, 4.9);
    const words = () =>
      log.step('checkSeat:bearing-left').figures.find(({ name }) => name === 'So');
    expect(words()).toMatchObject({ text: expect.stringMatching(/^Not home/) });
    log.size('seatedDepth', 5.03, 5.04, 5.03);
    expect(words()).toMatchObject({ text: 'It is home.' });
    expect(log.step('checkSeat:bearing-left').status).toBe('done');
  });

  test('should ask for drag and end play once the crank is in its second bearing', () => {
    const log = new Log(unitWith({}));
    const axisId = log.state.unit!.axes[0]!.id;
    expect(log.step(`relieve:${axisId}`).checks).toEqual(['free', 'play']);
    log.add('SeatChecked', { targetId: axisId, check: 'free', good: true });
    expect(log.step(`relieve:${axisId}`).status).not.toBe('done');
    log.add('SeatChecked', { targetId: axisId, check: 'play', good: true });
    expect(log.step(`relieve:${axisId}`).status).toBe('done');
    expect(
      log.add('SeatChecked', { targetId: 'no', check: 'play', good: true }).state.log.ignored,
    ).toMatchObject([{ reason: 'no station or axis no' }]);
  });
});
