import { retryAfterOf, type Trouble } from '@/core/outside/feed';
import { refusals } from '@/core/outside/refusal';
import * as z from '@/core/zod';

/** What is asked of an outside service. */
export type Asked = {
  readonly method: string;
  readonly address: string;
  readonly headers: Readonly<Record<string, string>>;
  readonly body?: string;
};

/** What came of it. */
export type Heard =
  | { readonly kind: 'refused'; readonly why: Trouble['why'] }
  | {
      readonly kind: 'answered';
      readonly status: number;
      /** How long it asks to be left alone, in ms. */
      readonly retryAfter: number | null;
      readonly etag: string | null;
      readonly modified: string | null;
      readonly type: string;
      /** When it was, by the clock of the other side, epoch ms. */
      readonly date: number | null;
      /** Where it stands for good by now, and where it was answered. */
      readonly address: string;
      readonly at: string;
      readonly text: string;
    };

const Refusal = z.enum(refusals);

/** Asks an outside service by way of the server that this page came from, as a page may speak to nobody else; `now` is epoch ms. */
export async function ask({ method, address, headers, body = '' }: Asked, now: number): Promise<Heard> {
  if (!navigator.onLine) return { kind: 'refused', why: 'offline' };
  try {
    const answer = await fetch('/outside/ask', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ method, address, headers, body }),
    });
    // read in any case: what is left unread counts as broken off
    const text = await answer.text();
    const told = (name: string) => answer.headers.get(`outside-${name}`);
    const refusal = Refusal.safeParse(told('refused')).data;
    if (refusal) return { kind: 'refused', why: refusal };
    const status = Number(told('status'));
    // another server than ours, or ours without this way
    if (!answer.ok || !(status >= 100)) return { kind: 'refused', why: 'offline' };
    return {
      kind: 'answered',
      status,
      retryAfter: retryAfterOf(told('retry-after'), told('date'), now),
      etag: told('etag'),
      modified: told('last-modified'),
      type: told('content-type') ?? '',
      date: Date.parse(told('date') ?? '') || null,
      address: told('address') ?? address,
      at: told('at') ?? address,
      text,
    };
  } catch {
    return { kind: 'refused', why: 'offline' };
  }
}

const Example = z.object({ name: z.string(), address: z.string(), around: z.boolean() });
/** A calendar of a simulated service; `around` for that of another person. */
export type Example = z.infer<typeof Example>;

const ExampleAccount = z.object({ server: z.string(), username: z.string(), password: z.string() });

const Examples = z.nullable(
  z.object({
    calendars: z.array(Example),
    account: ExampleAccount,
    mailbox: ExampleAccount,
  }),
);

/** The calendars, the account and the mailbox of simulated services that can be tried out here, if there are any. */
export async function examples(): Promise<z.infer<typeof Examples>> {
  try {
    return Examples.parse(await (await fetch('/outside/examples')).json());
  } catch {
    return null;
  }
}
