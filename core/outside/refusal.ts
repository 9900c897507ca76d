/** Why nothing came of asking an outside service: told by the server that asks it in the name of the page. */
export const refusals = [
  'address',
  'private',
  'unknown',
  'unreachable',
  'slow',
  'large',
  'half',
  'redirects',
] as const;
export type Refusal = (typeof refusals)[number];
