import type { Task } from '../model/task';

/** The page of a task where it lives, if it says so (RFC 5545 3.8.4.6), as long as it is a page of the web. */
export function pageOf({ origin }: Pick<Task, 'origin'>): string | undefined {
  const line = origin?.lastRead.kept.find((text) => /^URL[;:]/i.test(text));
  const uri = line?.slice(line.indexOf(':') + 1).trim() ?? '';
  return /^https?:\/\//i.test(uri) && URL.canParse(uri) ? uri : undefined;
}
