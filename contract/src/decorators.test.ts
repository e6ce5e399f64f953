import 'reflect-metadata';

import { wantedWords } from '@wendaxis/core/faults';

import { checkShape } from './checkShape.ts';
import {
  Bounded,
  Identifier,
  ListOf,
  MayBeLeftOut,
  Nested,
  OneOf,
  OrNull,
  PlainText,
  StepId,
} from './decorators.ts';

class LeafDto {
  @Identifier() id!: string;
  @Bounded(0, 5, 'kg') mass!: number;
}
class TreeDto {
  @OneOf(['left', 'right']) side!: string;
  @MayBeLeftOut() @PlainText(4) note?: string;
  @OrNull() @Nested(() => LeafDto) extra!: LeafDto | null;
  @Nested(() => LeafDto) main!: LeafDto;
  @ListOf(2, () => LeafDto) leaves!: LeafDto[];
  @StepId() step!: string;
}
const LEAF = { id: 'a', mass: 1 };
const TREE = { side: 'left', extra: null, main: LEAF, leaves: [LEAF], step: 'pull:bearing-left' };
const faults = (change: object) => checkShape(TreeDto, { ...TREE, ...change }, 'x');

describe('rules of what crosses the wire', () => {
  test('should let through what keeps them', () => {
    expect(faults({})).toEqual([]);
    expect(faults({ note: 'dry', extra: LEAF, leaves: [], step: 'drain' })).toEqual([]);
    expect(faults({ step: 'setSpec:axis:endPlay' })).toEqual([]);
  });

  test.each<[string, object, string]>([
    ['x.side', { side: 'up' }, 'one of left, right'],
    ['x.note', { note: 'drips' }, 'at most 4 characters'],
    ['x.note', { note: null }, 'characters'],
    ['x.extra.mass', { extra: { ...LEAF, mass: 6 } }, 'at least 0 kg and at most 5 kg'],
    ['x.main', { main: undefined }, 'cannot be left out'],
    ['x.main', { main: null }, 'cannot be left out'],
    ['x.main.id', { main: { ...LEAF, id: ' ' } }, '1 to 64 letters'],
    ['x.leaves', { leaves: 'many' }, 'a list of at most 2 entries'],
    ['x.leaves', { leaves: [LEAF, LEAF, LEAF] }, 'a list of at most 2 entries'],
    ['x.leaves[1].mass', { leaves: [LEAF, { ...LEAF, mass: '1' }] }, 'at most 5 kg'],
    ['x.step', { step: 'pull bearing' }, 'the id of a step'],
    ['x.step', { step: ':x' }, 'the id of a step'],
  ])('should name %s for %j, with what was expected', (field, change, expected) => {
    const found = faults(change);
    expect(found.map((fault) => fault.field)).toContain(field);
    expect(wantedWords(found.find((fault) => fault.field === field)!.wanted)).toContain(expected);
  });
});
