import { config } from 'zod/mini';
import en from 'zod/v4/locales/en.js';

/*
 * What is used of zod, in its small form, whose checks are functions. The bundle of the application holds nothing else
 * of it (metro.config.js), so whoever needs more of zod names it here.
 */
config(en());

export {
  _default,
  array,
  boolean,
  discriminatedUnion,
  enum,
  gte,
  int,
  length,
  literal,
  looseObject,
  lte,
  maxLength,
  minLength,
  nullable,
  number,
  object,
  omit,
  optional,
  overwrite,
  positive,
  record,
  refine,
  regex,
  string,
  union,
  unknown,
} from 'zod/mini';
export type { infer, ZodMiniObject, ZodMiniType } from 'zod/mini';
export type { $ZodError, $ZodShape } from 'zod/v4/core';
