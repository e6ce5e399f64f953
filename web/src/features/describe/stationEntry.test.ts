import type { Station } from '@wendaxis/core/unit';

import { screenUnits } from '../../wording/screenUnits.ts';
import { faultsWords } from '../../wording/faultWords.ts';
import { editStation, sizesFrom, type StationEdits } from './stationEntry.ts';

const SEAL: Station = {
  id: 'seal',
  kind: 'seal',
  name: 'Seal',
  partId: 'case',
  at: 10,
  width: 8,
  inside: 38,
  outside: 62,
  lip: 'left',
  depth: 2,
  boreDepth: 12,
};
const PARTS = new Set(['case', 'cover']);
const edit = (edits: StationEdits, system: 'metric' | 'inch' = 'metric') =>
  editStation(SEAL, edits, PARTS, system);

describe('editing a station that is only drawn', () => {
  const drawn: Station = { ...SEAL, drawn: ['at', 'width', 'inside', 'outside'] };
  const edited = (texts: StationEdits['texts']) => editStation(drawn, { texts }, PARTS, 'metric');

  test('should know what was typed, and nothing else', () => {
    expect(edited({ inside: '40', name: 'Output seal' })).toEqual({
      status: 'sound',
      station: {
        ...SEAL,
        name: 'Output seal',
        inside: 40,
        outside: 64,
        drawn: ['at', 'width', 'outside'],
      },
    });
  });

  test('should leave a size drawn whose field is empty, though it was touched', () => {
    expect(edited({ width: ' ' })).toEqual({ status: 'sound', station: drawn });
    expect(edited({ width: 'wide' })).toMatchObject({ status: 'faulty' });
  });

  test('should offer the sizes of a designation though they are drawn as large', () => {
    const bearing = { ...drawn, inside: 30, outside: 62, width: 16 };
    expect(sizesFrom('6206', bearing)).toEqual({ bore: 30, outside: 62, width: 16 });
    expect(sizesFrom('6206', { ...bearing, drawn: ['at'] })).toBeNull();
  });
});

describe('editing a station', () => {
  test('should change what was typed and keep the rest to the last digit', () => {
    expect(edit({ texts: { width: '10', partId: 'cover' } })).toEqual({
      status: 'sound',
      station: { ...SEAL, width: 10, partId: 'cover' },
    });
  });

  test('should read a bare number in the screen’s unit, and any unit that is typed', () => {
    expect(edit({ texts: { depth: '0.1', width: '8 mm' } }, 'inch')).toMatchObject({
      station: { depth: 2.54, width: 8 },
    });
  });

  test('should take a detail away when its text is emptied', () => {
    const edited = edit({ texts: { depth: '', lip: '' } });
    expect(edited.status === 'sound' && Object.keys(edited.station)).toEqual([
      'id',
      'kind',
      'name',
      'partId',
      'at',
      'width',
      'inside',
      'outside',
      'boreDepth',
    ]);
  });

  test('should let the details of the old kind go with it', () => {
    expect(edit({ kind: 'gear', texts: { teeth: '41', depth: '3' } })).toEqual({
      status: 'sound',
      station: {
        id: 'seal',
        kind: 'gear',
        name: 'Seal',
        partId: 'case',
        at: 10,
        width: 8,
        inside: 38,
        outside: 62,
        teeth: 41,
      },
    });
  });

  test.each<[string, StationEdits, RegExp]>([
    ['an empty size', { texts: { width: '' } }, /Width/],
    ['an empty name', { texts: { name: ' ' } }, /Name/],
    [
      'words for a number',
      { texts: { depth: 'deep' } },
      /Depth from the face is “deep”: expected a number/,
    ],
    [
      'a choice that is none',
      { texts: { lip: 'up' } },
      /Lip and spring is “up”: expected one of left, right/,
    ],
    ['a part that is not there', { texts: { partId: 'ghost' } }, /In or on is “ghost”/],
    ['half a tooth', { kind: 'gear', texts: { teeth: '40.5' } }, /Teeth .* whole number/],
  ])('should refuse %s, with the reason', (_, edits, reason) => {
    const edited = edit(edits);
    expect(edited.status === 'faulty' && faultsWords(edited.faults, screenUnits('metric'))).toMatch(
      reason,
    );
  });
});

describe('sizes from a designation', () => {
  test('should be offered when they are not the station’s own', () => {
    expect(sizesFrom('6205', SEAL)).toMatchObject({ bore: 25, outside: 52, width: 15 });
    const bearing = { ...SEAL, inside: 25, outside: 52, width: 15 };
    expect(sizesFrom('6205', bearing)).toBeNull();
    expect(sizesFrom('XQ 9', SEAL)).toBeNull();
    expect(sizesFrom('', SEAL)).toBeNull();
  });
});
