import type { Attachment } from 'postal-mime';
import { Hono } from 'hono';
import { basicAuth } from 'hono/basic-auth';
import { account } from '../caldav';
import type { Mail, Mailbox } from './mailbox';
import { ACCOUNT, ADDRESS, asRecord, mailMethods, MOST } from './methods';

const CORE = 'urn:ietf:params:jmap:core';
const MAIL = 'urn:ietf:params:jmap:mail';
const SUBMISSION = 'urn:ietf:params:jmap:submission';
/** How long somebody waits for a change at most, in ms. */
const LONGEST = 60_000;

/** Mail of an account (JMAP, RFC 8620): its session, its methods, messages up and down, and waiting for what is new. */
export function jmap(box: Mailbox, send: (mail: Mail) => void | Promise<void>) {
  const answer = mailMethods(box, send);
  const app = new Hono();
  app.use('/jmap/*', basicAuth(account));
  app.get('/.well-known/jmap', (c) => c.redirect('/jmap/session', 307));
  app.get('/jmap/session', (c) =>
    c.json({
      capabilities: {
        [CORE]: { maxObjectsInGet: MOST, maxObjectsInSet: MOST, maxSizeUpload: 10_000_000 },
        [MAIL]: {},
        [SUBMISSION]: {},
      },
      accounts: {
        [ACCOUNT]: {
          name: ADDRESS,
          isPersonal: true,
          isReadOnly: false,
          accountCapabilities: { [MAIL]: {}, [SUBMISSION]: {} },
        },
      },
      primaryAccounts: { [MAIL]: ACCOUNT, [SUBMISSION]: ACCOUNT },
      username: account.username,
      apiUrl: '/jmap/api',
      downloadUrl: '/jmap/download/{accountId}/{blobId}/{name}?type={type}',
      uploadUrl: '/jmap/upload/{accountId}/',
      eventSourceUrl: '/jmap/events?types={types}&closeafter={closeafter}&ping={ping}',
      state: '0',
    }),
  );
  app.post('/jmap/api', async (c) => {
    const { methodCalls } = asRecord(await c.req.json());
    return c.json({ methodResponses: await answer(methodCalls), sessionState: '0' });
  });
  app.post('/jmap/upload/:account/', async (c) => {
    const raw = await c.req.text();
    return c.json(
      { accountId: ACCOUNT, blobId: box.keep(raw), type: 'message/rfc822', size: raw.length },
      201,
    );
  });
  app.get('/jmap/download/:account/:blob/:name', (c) => {
    const [id = '', nth] = c.req.param('blob').split('.');
    const mail = box.get(id);
    const text = nth === undefined ? mail?.raw : contentOf(mail?.read.attachments[Number(nth)]);
    return text === undefined ? c.text('There is no such message.', 404) : c.body(text);
  });
  app.get('/jmap/events', async (c) => {
    await box.next(LONGEST);
    const changed = { [ACCOUNT]: { Email: String(box.state()) } };
    c.header('content-type', 'text/event-stream');
    return c.body(`event: state\ndata: ${JSON.stringify({ '@type': 'StateChange', changed })}\n\n`);
  });
  return app;
}

const contentOf = (file: Attachment | undefined): string | undefined => file && String(file.content);
