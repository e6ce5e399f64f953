import { InputError, type InputFault } from '@wendaxis/core/faults';

import { EMPTY_MATERIAL, readMaterial } from '../../features/workshop/materialEntry.ts';
import { EMPTY_TOOL, toolFrom } from '../../features/workshop/toolEntry.ts';
import { coreResolver } from './coreResolver.ts';

const tell = ({ field }: InputFault) => `mind ${field}`;
const OPTIONS = { fields: {}, shouldUseNativeValidation: false } as const;
const TOOL = {
  ...EMPTY_TOOL,
  name: ' Beam ',
  graduation: '0.1',
  least: '0.5',
  most: '5',
};

describe('a form that the core checks', () => {
  test('should give what was typed as what it stands for', async () => {
    const resolve = coreResolver((texts: typeof TOOL) => toolFrom(texts, 't', 'metric'), tell);
    expect(await resolve(TOOL, undefined, OPTIONS)).toEqual({
      values: {
        value: {
          id: 't',
          name: 'Beam',
          kind: 'wrench',
          graduation: 0.1,
          calibrationUncertainty: 0.05,
          least: 0.5,
          most: 5,
        },
      },
      errors: {},
    });
  });

  test('should tell a fault at its own field, by the last name of its path', async () => {
    const resolve = coreResolver((texts: typeof TOOL) => toolFrom(texts, 't', 'metric'), tell);
    for (const [change, name] of [
      [{ name: '' }, 'name'],
      [{ graduation: 'fine' }, 'graduation'],
      [{ calibrationUncertainty: 'none' }, 'calibrationUncertainty'],
      [{ most: '0.2' }, 'most'],
    ] as const) {
      const { errors } = await resolve({ ...TOOL, ...change }, undefined, OPTIONS);
      expect(Object.keys(errors)).toEqual([name]);
    }
  });

  test('should tell it in a group of fields, and for the whole form where no field has the name', async () => {
    const material = coreResolver(readMaterial, tell);
    const { errors } = await material(
      { ...EMPTY_MATERIAL, words: 'Bronze', hottestReason: 'softens' },
      undefined,
      OPTIONS,
    );
    expect(errors).toMatchObject({
      figures: { expansion: { message: 'mind material.expansion' } },
    });
    const whole = coreResolver(
      (_: { readonly a: string }) =>
        new InputError([
          { code: 'missing', field: 'band', value: null, wanted: { id: 'aLimit' } },
          { code: 'missing', field: 'x.a', value: null, wanted: { id: 'someText' } },
        ]),
      tell,
    );
    expect(await whole({ a: '' }, undefined, OPTIONS)).toEqual({
      values: {},
      errors: {
        root: { type: 'missing', message: 'mind band' },
        a: { type: 'missing', message: 'mind x.a' },
      },
    });
  });
});
