import { createHash } from 'node:crypto';

/** One thing in a collection: its iCalendar text, and the mark of its version (RFC 4791 5.3.4). */
export type Resource = { readonly text: string; readonly etag: string };

export const etagOf = (text: string): string =>
  `"${createHash('sha1').update(text).digest('hex').slice(0, 20)}"`;

/** A calendar of the town: things by the last part of their address, with what has become of them, change by change. */
export function collection(name: string, now: () => number) {
  const resources = new Map<string, Resource>();
  /** Each change by its number, which is what a sync-token stands for (RFC 6578). */
  const changes: string[] = [];
  let changedAt = now();
  const changed = (href: string) => {
    changes.push(href);
    changedAt = now();
  };
  return {
    name,
    /** Everything that it holds, by address. */
    all: (): ReadonlyMap<string, Resource> => resources,
    get: (href: string) => resources.get(href),
    put(href: string, text: string): Resource {
      const resource = { text, etag: etagOf(text) };
      resources.set(href, resource);
      changed(href);
      return resource;
    },
    remove(href: string): boolean {
      const was = resources.delete(href);
      if (was) changed(href);
      return was;
    },
    /** How many changes there have been, and what has changed after so many. */
    version: () => changes.length,
    changedSince: (version: number) => [...new Set(changes.slice(version))],
    /** Epoch ms, to the second, as HTTP tells it. */
    changedAt: () => Math.floor(changedAt / 1000) * 1000,
  };
}

export type Collection = ReturnType<typeof collection>;
