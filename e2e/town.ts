import type { AddressInfo } from 'node:net';
import { serve } from '@hono/node-server';
import type { Fault } from '../server/standins/faults';
import { town } from '../server/standins/town';
import { allowed, NOW } from './browser';

/** A town of stand-ins at the time at which all scenes play, on a free port; `play` plays the other side as its page does. */
export async function openTown() {
  const there = town({ zone: 'Europe/London', now: Date.parse(NOW) });
  const server = serve({ fetch: there.app.fetch, port: 0 });
  await new Promise((ready) => server.once('listening', ready));
  const { port } = server.address() as AddressInfo; // a TCP server has one
  const address = `http://localhost:${port}`;
  allowed.push(address);
  // a scene that fails leaves it open
  server.unref();
  const post = (path: string, form: Record<string, string> = {}) =>
    fetch(`${address}/play/${path}`, {
      method: 'POST',
      body: new URLSearchParams(form),
      headers: { origin: address },
      redirect: 'manual',
    });
  return {
    account: `${address}/dav/`,
    mailbox: `${address}/.well-known/jmap`,
    mails: there.mails,
    textOf: there.textOf,
    namesIn: there.namesIn,
    feed: (name: string) => `${address}/feeds/${name}.ics`,
    play: (path: string, form?: Record<string, string>) => post(path, form),
    breakIt: (service: string, fault: Fault) => there.breakService(service, fault),
    close: () => void server.close(),
  };
}
