import PostalMime, { type Email } from 'postal-mime';

/** The folders of a mailbox, with what each is for (RFC 8621 2). */
export const folders = [
  { id: 'inbox', name: 'Inbox', role: 'inbox' },
  { id: 'drafts', name: 'Drafts', role: 'drafts' },
  { id: 'sent', name: 'Sent', role: 'sent' },
  { id: 'archive', name: 'Archive', role: 'archive' },
] as const;
export type Folder = (typeof folders)[number]['id'];

export const isFolder = (text: string): text is Folder => folders.some(({ id }) => id === text);

/** A message in the mailbox: its text (RFC 5322), and what it says. */
export type Mail = {
  readonly id: string;
  readonly raw: string;
  readonly read: Email;
  readonly receivedAt: number;
  readonly folder: Folder;
  readonly keywords: ReadonlySet<string>;
};

type Put = { readonly raw: string; readonly folder: Folder; readonly keywords?: readonly string[] };

/** The mailbox of somebody in the town; `now` is the clock of the town. */
export function mailbox(now: () => number) {
  const mails = new Map<string, Mail>();
  /** The id of each change, in order: their number is the state (RFC 8620 5.1). */
  const changes: { readonly id: string; readonly how: 'created' | 'updated' }[] = [];
  const blobs = new Map<string, string>();
  const waiting = new Set<() => void>();
  const changed = (id: string, how: 'created' | 'updated') => {
    changes.push({ id, how });
    for (const tell of waiting) tell();
  };
  return {
    all: () => [...mails.values()].sort((a, b) => b.receivedAt - a.receivedAt || b.id.localeCompare(a.id)),
    get: (id: string) => mails.get(id),
    state: () => changes.length,
    /** What has come and what has changed since a state. */
    since(state: number) {
      const later = changes.slice(state);
      const created = new Set(later.filter(({ how }) => how === 'created').map(({ id }) => id));
      const updated = new Set(later.map(({ id }) => id).filter((id) => !created.has(id)));
      return { created: [...created], updated: [...updated] };
    },
    async put({ raw, folder, keywords = [] }: Put): Promise<Mail> {
      const id = `m${mails.size + 1}`;
      const read = await PostalMime.parse(raw, { attachmentEncoding: 'utf8' });
      const mail = { id, raw, read, folder, receivedAt: now(), keywords: new Set(keywords) };
      mails.set(id, mail);
      changed(id, 'created');
      return mail;
    },
    change(id: string, to: Partial<Pick<Mail, 'folder' | 'keywords'>>): boolean {
      const mail = mails.get(id);
      if (!mail) return false;
      mails.set(id, { ...mail, ...to });
      changed(id, 'updated');
      return true;
    },
    /** Keeps what was uploaded until it is used. */
    keep(text: string): string {
      const id = `u${blobs.size + 1}`;
      blobs.set(id, text);
      return id;
    },
    kept: (id: string) => blobs.get(id),
    /** Waits for the next change, for so many ms at most. */
    next: (ms: number) =>
      new Promise<void>((done) => {
        const tell = () => {
          waiting.delete(tell);
          clearTimeout(timer);
          done();
        };
        const timer = setTimeout(tell, ms);
        timer.unref();
        waiting.add(tell);
      }),
  };
}

export type Mailbox = ReturnType<typeof mailbox>;
