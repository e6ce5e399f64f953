import { useMemo } from 'react';
import { useForm, type DefaultValues, type FieldValues } from 'react-hook-form';

import type { InputError } from '@wendaxis/core/faults';

import { faultWords } from '../../wording/faultWords.ts';
import { useUnits } from '../useUnits.ts';
import { coreResolver } from './coreResolver.ts';

/**
 * A form that the core checks when it is sent, and from then on with every key.
 * @param empty what stands in it at first, every field of it
 * @param read what was typed as what it stands for, or what is wrong with it
 */
export function useCoreForm<Entry extends FieldValues, Value>(
  empty: Entry,
  read: (entry: Entry) => Value | InputError,
) {
  const units = useUnits();
  const resolver = useMemo(
    () => coreResolver(read, (fault) => faultWords(fault, units)),
    [read, units],
  );
  return useForm<Entry, unknown, { readonly value: Value }>({
    defaultValues: empty as DefaultValues<Entry>,
    resolver,
  });
}
