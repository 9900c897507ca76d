import * as z from '@/core/zod';
import { here } from '@/state/here';
import { ask, type Heard } from './ask';
import { basic, Unanswered, type Credentials } from './who';

/*
 * How a mailbox is spoken to: JMAP (RFC 8620), its session, its methods, what is uploaded and downloaded, and waiting for changes.
 */

export const MAIL = 'urn:ietf:params:jmap:mail';
const USING = ['urn:ietf:params:jmap:core', MAIL, 'urn:ietf:params:jmap:submission'];

const Session = z.object({
  primaryAccounts: z.record(z.string(), z.string()),
  apiUrl: z.string(),
  downloadUrl: z.string(),
  uploadUrl: z.string(),
  eventSourceUrl: z.string(),
});
const Answers = z.object({ methodResponses: z.array(z.array(z.unknown())) });
const Listed = z.object({ list: z.array(z.unknown()) });
const Uploaded = z.object({ blobId: z.string() });

/** The mailbox sends something else than what was asked for. */
export const strange = () => new Unanswered({ kind: 'refused', why: 'noMailbox' });

/** What was sent, as it was expected. Throws Unanswered. */
export function readAs<T>(schema: z.ZodMiniType<T>, value: unknown): T {
  const read = schema.safeParse(value);
  if (!read.success) throw strange();
  return read.data;
}

/** What of a list can be read; the rest is left out. Throws Unanswered where there is no list. */
export const readable = <T>(schema: z.ZodMiniType<T>, answer: unknown): T[] =>
  readAs(Listed, answer).list.flatMap((one) => {
    const read = schema.safeParse(one);
    return read.success ? [read.data] : [];
  });

const asJson = (text: string): unknown => {
  try {
    return JSON.parse(text);
  } catch {
    throw strange();
  }
};

/** An address made of a template (RFC 6570, level 1, as RFC 8620 2 has it). */
const filled = (template: string, values: Readonly<Record<string, string>>): string =>
  template.replace(/\{(\w+)\}/g, (_, name: string) => encodeURIComponent(values[name] ?? ''));

type Means = {
  readonly method?: string;
  readonly body?: string;
  readonly type?: string;
  readonly accept?: string;
};

/** Opens a session at its address, or at that of its host (RFC 8620 2.2). Throws Unanswered, as all that it gives does. */
export async function openSession(credentials: Credentials) {
  const authorization = basic(credentials);
  async function heard(
    address: string,
    { method = 'GET', body = '', type = 'application/json', accept = 'application/json' }: Means = {},
  ): Promise<Extract<Heard, { kind: 'answered' }>> {
    const headers = { authorization, accept, ...(body && { 'content-type': type }) };
    const answer = await ask({ method, address, headers, body }, here().now);
    if (answer.kind === 'refused' || answer.status >= 300) throw new Unanswered(answer);
    return answer;
  }

  const { server } = credentials;
  const found = await heard(
    new URL(server).pathname === '/' ? new URL('/.well-known/jmap', server).href : server,
  );
  const session = readAs(Session, asJson(found.text));
  const accountId = session.primaryAccounts[MAIL] ?? '';
  const at = (template: string, values: Readonly<Record<string, string>> = {}) =>
    new URL(filled(template, { accountId, ...values }), found.at).href;

  /** Calls methods in one go; answers by the names that the calls were given. */
  async function call(calls: readonly (readonly [string, object, string])[]): Promise<Map<string, unknown>> {
    const methodCalls = calls.map(([name, given, id]) => [name, { accountId, ...given }, id]);
    const body = JSON.stringify({ using: USING, methodCalls });
    const { text } = await heard(at(session.apiUrl), { method: 'POST', body });
    const { methodResponses } = readAs(Answers, asJson(text));
    return new Map(
      methodResponses.flatMap(([name, answer, id]) =>
        name === 'error' ? [] : [[String(id), answer] as const],
      ),
    );
  }

  return {
    call,
    /** Calls one method. */
    one: async (name: string, given: object): Promise<unknown> => (await call([[name, given, '0']])).get('0'),
    /** The text of a message, or of a part of it. */
    read: async (blobId: string): Promise<string> =>
      (
        await heard(at(session.downloadUrl, { blobId, name: 'message', type: 'message/rfc822' }), {
          accept: '*/*',
        })
      ).text,
    /** Uploads a message; gives what it is called until it is used. */
    async upload(raw: string): Promise<string> {
      const { text } = await heard(at(session.uploadUrl), {
        method: 'POST',
        body: raw,
        type: 'message/rfc822',
      });
      return readAs(Uploaded, asJson(text)).blobId;
    },
    /** Ends when something has changed in the mailbox (RFC 8620 7.3), or after a while. */
    async change(): Promise<void> {
      const values = { types: 'Email', closeafter: 'state', ping: '0' };
      await heard(at(session.eventSourceUrl, values), { accept: 'text/event-stream' });
    },
  };
}
