import * as z from '@/core/zod';
import { kept } from './kept';
import { session } from './session';

const log = kept('sprindle.errors');
const MOST = 50;
/** Of a trace so much is kept, in characters. */
const LONGEST = 2000;

const Line = z.object({ at: z.number(), place: z.string(), message: z.string(), trace: z.string() });
/** Something that went wrong: when (epoch ms), where, and what the browser says of it. It never leaves the browser by itself. */
export type ErrorLine = z.infer<typeof Line>;

/** The errors of late, the latest last; this browser keeps them. */
export function errorLines(): ErrorLine[] {
  try {
    return z.array(Line).parse(JSON.parse(log.get() ?? '[]'));
  } catch {
    return [];
  }
}

/** Notes an error. The same one again right after itself is noted once. */
export function logError(error: unknown, place: string): void {
  const { message, stack } = error instanceof Error ? error : { message: String(error), stack: '' };
  const lines = errorLines();
  const last = lines.at(-1);
  if (last?.message === message && last.place === place) return;
  const line = { at: session.now(), place, message, trace: (stack ?? '').slice(0, LONGEST) };
  log.set(JSON.stringify([...lines, line].slice(-MOST)));
}

export const forgetErrors = (): void => log.forget();

/** Notes all errors from now on that nobody caught. */
export function watchErrors(): void {
  window.addEventListener('error', ({ error, message }) => logError(error ?? message, location.pathname));
  window.addEventListener('unhandledrejection', ({ reason }) => logError(reason, location.pathname));
}
