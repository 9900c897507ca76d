import { folders, isFolder, type Folder, type Mail, type Mailbox } from './mailbox';

/** The only account, and whose it is. */
export const ACCOUNT = 'a1';
export const ADDRESS = 'petra@trust.example';
const NAME = 'Petra Weir';
/** The most that is given or set at once. */
export const MOST = 50;
type Arguments = Readonly<Record<string, unknown>>;
/** A call or an answer (RFC 8620 3.2): its name, its arguments, and by which they go together. */
type Invocation = readonly [string, Arguments, string];

export const asRecord = (value: unknown): Arguments =>
  typeof value === 'object' && value !== null ? Object.fromEntries(Object.entries(value)) : {};
export const asList = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : []);
const asNames = (value: unknown): string[] => asList(value).map(String);

const addresses = (one: { name?: string; address?: string } | undefined) =>
  one ? [{ name: one.name || null, email: one.address ?? '' }] : [];

const withoutBrackets = (id: string | undefined) => (id ? [id.replace(/^<|>$/g, '')] : null);

const partId = (id: string, nth: number) => `${id}.${nth}`;

/** The structure of a message: what it says, and what lies beside it (RFC 8621 4.1.4). */
const structureOf = ({ id, read }: Mail) => ({
  type: 'multipart/mixed',
  subParts: [
    { type: read.html ? 'text/html' : 'text/plain', size: (read.html ?? read.text ?? '').length },
    ...read.attachments.map((file, nth) => ({
      ...{ partId: String(nth), blobId: partId(id, nth), type: file.mimeType },
      ...{ size: String(file.content).length, name: file.filename },
    })),
  ],
});

function shown(mail: Mail): Arguments {
  const { id, read, receivedAt, folder, keywords, raw } = mail;
  return {
    ...{ id, blobId: id, threadId: id, size: raw.length, mailboxIds: { [folder]: true } },
    keywords: Object.fromEntries([...keywords].map((keyword) => [keyword, true])),
    receivedAt: new Date(receivedAt).toISOString().replace(/\.\d+Z$/, 'Z'),
    subject: read.subject ?? null,
    from: addresses(read.from),
    to: (read.to ?? []).flatMap(addresses),
    messageId: withoutBrackets(read.messageId),
    inReplyTo: withoutBrackets(read.inReplyTo),
    preview: (read.text ?? '').replace(/\s+/g, ' ').trim().slice(0, 256),
    bodyStructure: structureOf(mail),
  };
}

/** Whether a message is what a filter asks for (RFC 8621 4.4.1). */
function passes(mail: Mail, filter: Arguments): boolean {
  const { operator, conditions, ...condition } = filter;
  if (operator !== undefined) {
    const each = asList(conditions).map((one) => passes(mail, asRecord(one)));
    if (operator === 'NOT') return !each.some(Boolean);
    return operator === 'OR' ? each.some(Boolean) : each.every(Boolean);
  }
  return Object.entries(condition).every(([name, value]) => {
    switch (name) {
      case 'inMailbox':
        return mail.folder === value;
      case 'hasKeyword':
        return mail.keywords.has(String(value));
      case 'notKeyword':
        return !mail.keywords.has(String(value));
      case 'after':
        return mail.receivedAt >= Date.parse(String(value));
      case 'text':
        return `${mail.read.subject} ${mail.read.from?.name} ${mail.read.from?.address} ${mail.read.text}`
          .toLowerCase()
          .includes(String(value).toLowerCase());
      case 'header': {
        const [header = '', part = ''] = asNames(value);
        return mail.read.headers.some((one) => one.key === header.toLowerCase() && one.value.includes(part));
      }
      default:
        return false;
    }
  });
}

/** The values that a back reference stands for (RFC 8620 3.7); only those that lead to ids. */
function referred(argument: unknown, before: readonly Invocation[]): unknown {
  const { resultOf, name, path } = asRecord(argument);
  const found = before.find(([called, , id]) => called === name && id === resultOf)?.[1] ?? {};
  return asList(found[String(path).slice(1)]);
}

const resolved = (given: Arguments, before: readonly Invocation[]): Arguments =>
  Object.fromEntries(
    Object.entries(given).map(([name, value]) =>
      name.startsWith('#') ? [name.slice(1), referred(value, before)] : [name, value],
    ),
  );

/** What can be done in a mailbox (RFC 8621): reading, marking, searching, bringing in and sending. */
export function mailMethods(box: Mailbox, send: (mail: Mail) => void | Promise<void>) {
  const get = (given: Arguments, list: readonly Arguments[]): Arguments => {
    const wanted =
      given.properties === undefined || given.properties === null ? null : asNames(given.properties);
    const trimmed = list.map((one) =>
      wanted
        ? Object.fromEntries(Object.entries(one).filter(([name]) => name === 'id' || wanted.includes(name)))
        : one,
    );
    return { accountId: ACCOUNT, state: String(box.state()), list: trimmed, notFound: [] };
  };

  function changeOf(mail: Mail, patch: Arguments): Partial<Pick<Mail, 'folder' | 'keywords'>> {
    const keywords = new Set(mail.keywords);
    let folder: Folder = mail.folder;
    for (const [path, value] of Object.entries(patch)) {
      const [what, name = ''] = path.split('/');
      if (what === 'keywords' && name && value === true) keywords.add(name);
      else if (what === 'keywords' && name) keywords.delete(name);
      if (what === 'mailboxIds' && name && value === true && isFolder(name)) folder = name;
      if (path === 'mailboxIds') folder = Object.keys(asRecord(value)).find(isFolder) ?? folder;
    }
    return { keywords, folder };
  }

  const set = (given: Arguments): Arguments => {
    const [updated, notUpdated]: [Record<string, null>, Record<string, Arguments>] = [{}, {}];
    for (const [id, patch] of Object.entries(asRecord(given.update))) {
      const mail = box.get(id);
      if (mail) box.change(id, changeOf(mail, asRecord(patch)));
      if (mail) updated[id] = null;
      else notUpdated[id] = { type: 'notFound' };
    }
    return { accountId: ACCOUNT, newState: String(box.state()), updated, notUpdated };
  };

  async function bringIn(given: Arguments): Promise<Arguments> {
    const [created, notCreated]: [Record<string, Arguments>, Record<string, Arguments>] = [{}, {}];
    for (const [key, value] of Object.entries(asRecord(given.emails))) {
      const { blobId, mailboxIds, keywords } = asRecord(value);
      const raw = box.kept(String(blobId));
      const folder = Object.keys(asRecord(mailboxIds)).find(isFolder);
      if (raw === undefined || !folder) notCreated[key] = { type: 'invalidProperties' };
      else {
        const { id } = await box.put({ raw, folder, keywords: Object.keys(asRecord(keywords)) });
        created[key] = { id, blobId: id, threadId: id, size: raw.length };
      }
    }
    return { accountId: ACCOUNT, newState: String(box.state()), created, notCreated };
  }

  async function submit(given: Arguments): Promise<Arguments> {
    const [created, notCreated]: [Record<string, Arguments>, Record<string, Arguments>] = [{}, {}];
    for (const [key, value] of Object.entries(asRecord(given.create))) {
      const mail = box.get(String(asRecord(value).emailId));
      if (!mail || !mail.read.to?.length) {
        notCreated[key] = { type: mail ? 'noRecipients' : 'invalidProperties' };
        continue;
      }
      created[key] = { id: `s-${mail.id}`, sendAt: new Date().toISOString() };
      const then = asRecord(asRecord(given.onSuccessUpdateEmail)[`#${key}`]);
      box.change(mail.id, changeOf(mail, then));
      await send(mail);
    }
    return { accountId: ACCOUNT, newState: '0', created, notCreated };
  }

  function changesIn({ sinceState }: Arguments): Invocation[1] {
    const since = Number(sinceState);
    if (!(since >= 0 && since <= box.state())) return { type: 'cannotCalculateChanges' };
    const state = String(box.state());
    return {
      accountId: ACCOUNT,
      oldState: sinceState,
      newState: state,
      hasMoreChanges: false,
      ...box.since(since),
      destroyed: [],
    };
  }

  async function answer(name: string, given: Arguments): Promise<Arguments> {
    switch (name) {
      case 'Mailbox/get':
        return get(given, folders);
      case 'Identity/get':
        return get(given, [{ id: 'i1', name: NAME, email: ADDRESS }]);
      case 'Email/query': {
        const found = box.all().filter((mail) => passes(mail, asRecord(given.filter)));
        const ids = found.slice(0, Number(given.limit ?? 500)).map(({ id }) => id);
        return {
          accountId: ACCOUNT,
          queryState: String(box.state()),
          canCalculateChanges: false,
          position: 0,
          ids,
        };
      }
      case 'Email/get':
        return get(
          given,
          asNames(given.ids)
            .slice(0, MOST)
            .flatMap((id) => {
              const mail = box.get(id);
              return mail ? [shown(mail)] : [];
            }),
        );
      case 'Email/changes':
        return changesIn(given);
      case 'Email/set':
        return set(given);
      case 'Email/import':
        return bringIn(given);
      case 'EmailSubmission/set':
        return submit(given);
      default:
        return { type: 'unknownMethod' };
    }
  }

  /** Answers calls in their order, each by what was answered before (RFC 8620 3.3, 3.7). */
  return async (methodCalls: unknown): Promise<Invocation[]> => {
    const answers: Invocation[] = [];
    for (const call of asList(methodCalls)) {
      const [name, given, id] = [...asList(call)];
      const told = await answer(String(name), resolved(asRecord(given), answers));
      answers.push(['type' in told ? 'error' : String(name), told, String(id)]);
    }
    return answers;
  };
}
