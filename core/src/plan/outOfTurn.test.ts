import { compilePlan } from './compilePlan.ts';
import { outOfTurn } from './outOfTurn.ts';
import { Bench, complete, reel } from './tests/planOf.ts';

describe('a step that is done out of its turn', () => {
  const at = (bench: Bench, id: string) => {
    const plan = compilePlan(bench.state);
    return outOfTurn(
      bench.state,
      plan,
      plan.steps.find((step) => step.id === id)!,
    );
  };
  const stripped = () => new Bench(complete(reel('coverShims')), 'overhaul').work('measureSeats');

  test('should cost nothing more where nothing is shut in by it', () => {
    expect(at(stripped(), 'seatInner:bearing-left')).toEqual({ more: [], shutBy: [] });
  });

  test('should say what has to come out again, and go in again', () => {
    const early = at(stripped(), 'closeJoint:cover')!;
    expect(early.shutBy).toEqual([]);
    expect(early.more).toContain('Take off Cover');
  });

  test('should ask what is off, where what is recorded shuts it out', () => {
    const whole = new Bench(complete(reel('coverShims')), 'overhaul');
    const early = at(whole, 'takeOutShaft:shaft')!;
    expect(early.shutBy).toContain('Cover');
    expect(early.shutBy).toContain('Cover bolts');
  });

  test('should not be asked of what is ready, or moves nothing', () => {
    const whole = new Bench(complete(reel('coverShims')), 'overhaul');
    expect([at(whole, 'drain'), at(whole, 'clean')]).toEqual([null, null]);
  });
});
