import dns from 'node:dns';
import http from 'node:http';
import https from 'node:https';
import { isIP, type LookupFunction } from 'node:net';
import { pipeline } from 'node:stream';
import zlib from 'node:zlib';
import type { Refusal } from '../../core/outside/refusal';
import { isPrivate } from './privateAddress';

/** Nothing came of asking. */
export class Refused extends Error {
  constructor(readonly why: Refusal) {
    super(why);
  }
}

/** What is asked of an outside service. */
export type Asked = {
  readonly method: string;
  readonly address: string;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: string;
};

/** What it answered; `address` is where it stands for good by now, if it said so (RFC 9110 15.4.2, 15.4.9), `at` who answered. */
export type Answer = {
  readonly status: number;
  readonly headers: http.IncomingHttpHeaders;
  readonly body: Buffer;
  readonly address: string;
  readonly at: string;
};

/** How far asking goes: ms, bytes; `allowed` are origins that may lie in this machine's own network. */
export type Limits = {
  readonly patience: number;
  readonly largest: number;
  readonly allowed: readonly string[];
};

export const LIMITS: Limits = { patience: 20_000, largest: 50_000_000, allowed: [] };

const MOST_REDIRECTS = 5;
const REDIRECTS = [301, 302, 303, 307, 308];
/** What says who asks, and goes to no other host than the one it is meant for. */
const CREDENTIALS = ['authorization', 'cookie'];

/** Looks a name up and refuses private addresses; what is connected to is what was looked up, so a name cannot change in between. */
const publicOnly: LookupFunction = (name, options, answer) =>
  dns.lookup(name, { ...options, all: true }, (error, found) => {
    if (error) return answer(new Refused('unknown'), '');
    const [first] = found;
    if (!first || found.some(({ address }) => isPrivate(address))) return answer(new Refused('private'), '');
    return options.all ? answer(null, found) : answer(null, first.address, first.family);
  });

function urlOf(address: string): URL {
  const url = URL.canParse(address) ? new URL(address) : undefined;
  // a name and password within an address would be kept and shown with it
  if (!url || !/^https?:$/.test(url.protocol) || url.username || url.password) throw new Refused('address');
  return url;
}

/** Has what was sent compressed unpacked, as far as its bounds allow. */
function unpacked(answer: http.IncomingMessage): NodeJS.ReadableStream {
  const how = answer.headers['content-encoding'] ?? 'identity';
  const unpack = { gzip: zlib.createGunzip, deflate: zlib.createInflate, br: zlib.createBrotliDecompress };
  if (how === 'identity' || how === '') return answer;
  if (!Object.hasOwn(unpack, how)) throw new Refused('half');
  // the keys are those of the object above
  return pipeline(answer, unpack[how as keyof typeof unpack](), () => undefined);
}

async function bodyOf(answer: http.IncomingMessage, largest: number, signal: AbortSignal): Promise<Buffer> {
  const parts: Buffer[] = [];
  let size = 0;
  try {
    for await (const part of unpacked(answer)) {
      size += part.length;
      if (size > largest) throw new Refused('large');
      parts.push(Buffer.from(part));
    }
  } catch (error) {
    answer.destroy();
    throw refusalOf(error, signal, 'half');
  }
  return Buffer.concat(parts);
}

/** What an error means, `otherwise` if nothing more is known of it. */
const refusalOf = (error: unknown, { aborted }: AbortSignal, otherwise: Refusal): Refused => {
  if (aborted) return new Refused('slow');
  return error instanceof Refused ? error : new Refused(otherwise);
};

function once(
  url: URL,
  { method, headers, body }: Asked,
  limits: Limits,
  signal: AbortSignal,
): Promise<http.IncomingMessage> {
  const isAllowed = limits.allowed.includes(url.origin);
  const host = url.hostname.replace(/^\[|\]$/g, '');
  // an address that needs no looking up never asks `lookup`
  if (!isAllowed && isIP(host) !== 0 && isPrivate(host)) throw new Refused('private');
  return new Promise((answer, fail) => {
    const request = (url.protocol === 'https:' ? https : http).request(
      url,
      {
        method,
        headers: {
          ...headers,
          'accept-encoding': 'gzip',
          ...(body && { 'content-length': Buffer.byteLength(body) }),
        },
        signal,
        ...(isAllowed ? {} : { lookup: publicOnly }),
      },
      answer,
    );
    request.on('error', (error) => fail(refusalOf(error, signal, 'unreachable')));
    request.end(body);
  });
}

const withoutCredentials = (headers: Asked['headers']) =>
  Object.fromEntries(Object.entries(headers).filter(([name]) => !CREDENTIALS.includes(name.toLowerCase())));

/** What to ask next, as the answer leads elsewhere; nothing when it is the answer. */
function ledOn(asked: Asked, url: URL, { statusCode = 0, headers }: http.IncomingMessage): Asked | undefined {
  const { location } = headers;
  if (!REDIRECTS.includes(statusCode) || location === undefined) return undefined;
  if (!URL.canParse(location, url)) throw new Refused('address');
  const next = new URL(location, url);
  const told = next.origin === url.origin ? asked.headers : withoutCredentials(asked.headers);
  const on = { ...asked, address: next.href, headers: told };
  return statusCode === 303 ? { ...on, method: 'GET', body: '' } : on;
}

/** How many times longer a stream of what happens is waited for: its answer comes when something does. */
const LISTENING = 4;
const waitsFor = ({ headers }: Asked) => headers.accept === 'text/event-stream';

/**
 * Asks an outside service and follows where it has moved to. Refuses addresses of this machine and its own network, however they
 * are reached (server-side request forgery), what is larger or takes longer than the limits, and answers that break off. Who
 * asks is told to the host that was asked alone. Throws Refused.
 */
export async function request(asked: Asked, limits: Limits = LIMITS): Promise<Answer> {
  const signal = AbortSignal.timeout(waitsFor(asked) ? limits.patience * LISTENING : limits.patience);
  let [now, home] = [asked, asked.address];
  let forGood = true;
  for (let hops = 0; hops <= MOST_REDIRECTS; hops += 1) {
    const url = urlOf(now.address);
    const answer = await once(url, now, limits, signal);
    const { statusCode: status = 0, headers } = answer;
    const next = ledOn(now, url, answer);
    if (!next) {
      const body = await bodyOf(answer, limits.largest, signal);
      return { status, headers, body, address: home, at: url.href };
    }
    answer.destroy();
    forGood = forGood && (status === 301 || status === 308);
    if (forGood) home = next.address;
    now = next;
  }
  throw new Refused('redirects');
}
