import { bounds } from '@/core/model/bounds';
import type { Reading } from '@/ui/Field';

/** Reads a password: as it is typed, spaces included. */
export const readSecret = (typed: string): Reading<string> =>
  typed.length > bounds.title ? { problem: 'This is longer than any password.' } : { value: typed };
