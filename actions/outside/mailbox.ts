import { MailHead } from '@/core/outside/mailbox';
import * as z from '@/core/zod';
import { here } from '@/state/here';
import { openSession, readable, readAs, strange } from './jmap';
import type { Credentials } from './who';

/*
 * What is done in a mailbox (RFC 8621): listing, marking and filing, finding what is for programs of calendars, and sending.
 */

const Address = z.object({ name: z.nullable(z.string()), email: z.string() });
const Folder = z.object({ id: z.string(), name: z.string(), role: z.nullable(z.string()) });
const Identity = z.object({ id: z.string(), name: z.string(), email: z.string() });

/** A part of a message; its own parts are read one by one. */
const Part = z.object({
  type: z.optional(z.string()),
  blobId: z.optional(z.nullable(z.string())),
  size: z.optional(z.number()),
  subParts: z.optional(z.nullable(z.array(z.unknown()))),
});
type Part = z.infer<typeof Part>;

const Email = z.object({
  id: z.string(),
  blobId: z.string(),
  keywords: z.record(z.string(), z.boolean()),
  receivedAt: z.string(),
  subject: z.nullable(z.string()),
  from: z.nullable(z.array(Address)),
  messageId: z.nullable(z.array(z.string())),
  preview: z.optional(z.string()),
  bodyStructure: z.optional(z.unknown()),
});
type Email = z.infer<typeof Email>;

const Ids = z.object({ ids: z.array(z.string()) });
const Changes = z.object({ newState: z.string(), hasMoreChanges: z.boolean(), created: z.array(z.string()) });
const Failed = z.object({ type: z.string() });
const Done = z.object({
  created: z.optional(z.nullable(z.record(z.string(), z.object({ id: z.string() })))),
  notCreated: z.optional(z.nullable(z.record(z.string(), Failed))),
  notUpdated: z.optional(z.nullable(z.record(z.string(), Failed))),
});

/** A message with a part for programs of calendars. */
export type WithCalendar = { readonly head: MailHead; readonly blobId: string; readonly size: number };

/** So many messages are listed, and looked at for what they say to programs of calendars, at once. */
const MOST_LISTED = 50;
const AT_ONCE = 25;
/** How far back such messages are looked for in a mailbox that is new here, in ms. */
const BACK = 30 * 86_400_000;

const PROPERTIES = ['blobId', 'keywords', 'receivedAt', 'subject', 'from', 'messageId', 'preview'];

/** A message as it is listed; none where it says something that cannot be kept. */
function headOf(email: Email): MailHead[] {
  const { id, blobId, keywords, receivedAt, subject, from, messageId, preview = '' } = email;
  const [writer] = from ?? [];
  const read = MailHead.safeParse({
    ...{ id, blobId, preview, subject: subject ?? '' },
    messageId: messageId?.[0] ?? null,
    from: { name: writer?.name ?? '', address: writer?.email ?? '' },
    receivedAt: Date.parse(receivedAt) || 0,
    unread: keywords.$seen !== true,
    flagged: keywords.$flagged === true,
  });
  return read.success ? [read.data] : [];
}

/** How deep parts of a message may lie within others. */
const DEEPEST = 20;

/** The parts of a message, those within others too. */
function partsOf(structure: unknown, depth = 0): Part[] {
  const part = Part.safeParse(structure).data;
  if (!part || depth > DEEPEST) return [];
  return [part, ...(part.subParts ?? []).flatMap((one) => partsOf(one, depth + 1))];
}

/** The word by which a message is marked of which a task was made (RFC 8621 4.1.1). */
export const TAKEN = 'task';

/** Opens a mailbox. Throws Unanswered, as all that it gives does. */
export async function openMailbox(credentials: Credentials) {
  const { call, one, read, upload, change } = await openSession(credentials);
  const known = await call([
    ['Mailbox/get', { ids: null, properties: ['name', 'role'] }, 'folders'],
    ['Identity/get', { ids: null }, 'who'],
  ]);
  const folders = readable(Folder, known.get('folders'));
  const folder = (role: string) => folders.find((each) => each.role === role)?.id;
  const [identity] = readable(Identity, known.get('who'));
  const inbox = folder('inbox');
  if (!inbox || !identity) throw strange();

  /** Which messages have come since a state; all of some weeks when it is not known any more. */
  async function comeSince(
    state: string | null,
  ): Promise<{ readonly ids: readonly string[]; readonly state: string }> {
    if (state !== null) {
      const changes = Changes.safeParse(
        await one('Email/changes', { sinceState: state, maxChanges: 500 }),
      ).data;
      if (changes && !changes.hasMoreChanges) return { ids: changes.created, state: changes.newState };
    }
    const after = new Date(here().now - BACK).toISOString().replace(/\.\d+Z$/, 'Z');
    const answers = await call([
      ['Email/get', { ids: [], properties: ['blobId'] }, 'now'],
      ['Email/query', { filter: { inMailbox: inbox, after }, limit: 500 }, 'all'],
    ]);
    return {
      ids: readAs(Ids, answers.get('all')).ids,
      state: readAs(z.object({ state: z.string() }), answers.get('now')).state,
    };
  }

  const done = (answer: unknown): z.infer<typeof Done> => readAs(Done, answer);

  /** The id of a message that is known by something, in a folder. */
  async function find(messageId: string, inMailbox: string | undefined): Promise<string | undefined> {
    if (!inMailbox) return undefined;
    const filter = {
      operator: 'AND',
      conditions: [{ inMailbox }, { header: ['Message-ID', messageId] }],
    };
    return readAs(Ids, await one('Email/query', { filter, limit: 1 })).ids[0];
  }

  return {
    own: { name: identity.name, address: identity.email },

    /** What nobody has read, or what is flagged, and is no task yet; the latest first. */
    async list(text = ''): Promise<MailHead[]> {
      const wanted = { operator: 'OR', conditions: [{ notKeyword: '$seen' }, { hasKeyword: '$flagged' }] };
      const conditions = [{ inMailbox: inbox }, { notKeyword: TAKEN }, text === '' ? wanted : { text }];
      const answers = await call([
        [
          'Email/query',
          {
            filter: { operator: 'AND', conditions },
            sort: [{ property: 'receivedAt', isAscending: false }],
            limit: MOST_LISTED,
          },
          'ids',
        ],
        [
          'Email/get',
          { '#ids': { resultOf: 'ids', name: 'Email/query', path: '/ids' }, properties: PROPERTIES },
          'list',
        ],
      ]);
      return readable(Email, answers.get('list')).flatMap(headOf);
    },

    /** The messages that have come since a state and say something to programs of calendars, the oldest first. */
    async withCalendars(
      since: string | null,
    ): Promise<{ readonly found: WithCalendar[]; readonly state: string }> {
      const { ids, state } = await comeSince(since);
      const found: WithCalendar[] = [];
      for (let from = 0; from < ids.length; from += AT_ONCE) {
        const answer = await one('Email/get', {
          ids: ids.slice(from, from + AT_ONCE),
          properties: [...PROPERTIES, 'bodyStructure'],
          bodyProperties: ['type', 'blobId', 'size', 'partId'],
        });
        for (const email of readable(Email, answer)) {
          const part = partsOf(email.bodyStructure).find(({ type }) => type === 'text/calendar');
          const [head] = headOf(email);
          if (head && part?.blobId) found.push({ head, blobId: part.blobId, size: part.size ?? 0 });
        }
      }
      return { found: found.sort((a, b) => a.head.receivedAt - b.head.receivedAt), state };
    },

    read,
    change,

    /** Marks a message, or takes marks from it; `into` files it. Whether it is still there. */
    async mark(
      id: string,
      marks: Readonly<Record<string, boolean>>,
      into?: 'inbox' | 'archive',
    ): Promise<boolean> {
      const target = into && folder(into);
      const patch = {
        ...Object.fromEntries(Object.entries(marks).map(([mark, on]) => [`keywords/${mark}`, on || null])),
        ...(target && { mailboxIds: { [target]: true } }),
      };
      return !done(await one('Email/set', { update: { [id]: patch } })).notUpdated?.[id];
    },

    /**
     * Sends a message that is known by `messageId`, once: what was sent already, though its answer was lost, is found again. What
     * the mailbox says when it does not send it; undefined when it does.
     */
    async send(messageId: string, raw: string): Promise<string | undefined> {
      const [sent, drafts] = [folder('sent'), folder('drafts')];
      if (await find(messageId, sent)) return undefined;
      let emailId = await find(messageId, drafts);
      if (!emailId) {
        const blobId = await upload(raw);
        const mailboxIds = { [drafts ?? inbox]: true };
        const emails = { letter: { blobId, mailboxIds, keywords: { $draft: true, $seen: true } } };
        const imported = done(await one('Email/import', { emails }));
        emailId = imported.created?.letter?.id;
        if (!emailId) return imported.notCreated?.letter?.type ?? 'invalidEmail';
      }
      const then = { 'keywords/$draft': null, ...(sent && { mailboxIds: { [sent]: true } }) };
      const submitted = done(
        await one('EmailSubmission/set', {
          create: { now: { emailId, identityId: identity.id } },
          onSuccessUpdateEmail: { '#now': then },
        }),
      );
      return submitted.created?.now ? undefined : (submitted.notCreated?.now?.type ?? 'forbiddenToSend');
    },
  };
}

export type Opened = Awaited<ReturnType<typeof openMailbox>>;

/** The session that is open, so that it is not sought each time. */
let opened: { readonly by: string; readonly box: Promise<Opened> } | undefined;

export const forgetOpened = (): void => (opened = undefined);

/** The mailbox, opened. Throws Unanswered. */
export function openedMailbox({ server, username, password }: Credentials): Promise<Opened> {
  const by = JSON.stringify([server, username, password]);
  if (opened?.by !== by) opened = { by, box: openMailbox({ server, username, password }) };
  return opened.box;
}
