import { colours } from '../ui/tokens';

/** The colours by day (0) or night (1) as CSS variables, for pages that are no part of the application. */
export const variables = (mode: 0 | 1): string =>
  Object.entries(colours)
    .map(([name, pair]) => `--${name}: ${pair[mode]};`)
    .join(' ');
