import { mailbox } from './mailbox';
import { jmap } from './jmap';

const authorization = `Basic ${btoa('petra:weir')}`;

type Told = { methodResponses: [string, Record<string, unknown>, string][] };

function opened() {
  const sent: string[] = [];
  const box = mailbox(() => Date.UTC(2026, 10, 24, 11));
  const app = jmap(box, ({ id }) => void sent.push(id));
  const ask = (path: string, means: RequestInit = {}) =>
    app.request(`http://town${path}`, { ...means, headers: { authorization } });
  const call = async (...methodCalls: [string, object, string][]) => {
    const answer = await ask('/jmap/api', { method: 'POST', body: JSON.stringify({ methodCalls }) });
    // the shape that RFC 8620 3.4 gives
    return ((await answer.json()) as Told).methodResponses.map(([name, told]) => ({ name, told }));
  };
  return { box, ask, call, sent };
}

const letter = (subject: string, id = subject) =>
  [
    `From: Lena <lena@x.example>`,
    'To: petra@trust.example',
    `Subject: ${subject}`,
    `Message-ID: <${id}>`,
    '',
    'Hello there',
  ].join('\r\n');

test('who has no account is asked who they are; the session says where all else is', async () => {
  const { ask } = opened();
  expect((await ask('/jmap/session', {})).status).toBe(200);
  const { box } = opened();
  expect((await jmap(box, () => undefined).request('http://town/jmap/session')).status).toBe(401);
});

test('messages are found by marks, words and headers, and given by the ids that were found', async () => {
  const { box, call } = opened();
  await box.put({ raw: letter('Otters'), folder: 'inbox' });
  await box.put({ raw: letter('Bats'), folder: 'inbox', keywords: ['$seen'] });
  await box.put({ raw: letter('Herons'), folder: 'sent' });
  const subjects = async (filter: object) => {
    const [, got] = await call(
      ['Email/query', { filter }, 'q'],
      [
        'Email/get',
        { '#ids': { resultOf: 'q', name: 'Email/query', path: '/ids' }, properties: ['subject'] },
        'g',
      ],
    );
    return (got?.told.list as { subject: string }[]).map(({ subject }) => subject); // what was asked for
  };
  expect(await subjects({ notKeyword: '$seen' })).toEqual(['Herons', 'Otters']);
  expect(await subjects({ operator: 'AND', conditions: [{ inMailbox: 'inbox' }, { text: 'bat' }] })).toEqual([
    'Bats',
  ]);
  expect(await subjects({ header: ['Message-ID', 'Herons'] })).toEqual(['Herons']);
});

test('what has changed since a state is told; a state that is none is refused', async () => {
  const { box, call } = opened();
  await box.put({ raw: letter('Otters'), folder: 'inbox' });
  const since = async (sinceState: string) => (await call(['Email/changes', { sinceState }, '0']))[0];
  const first = await since('0');
  expect(first?.told.created).toEqual(['m1']);
  await call([
    'Email/set',
    { update: { m1: { 'keywords/$seen': true, mailboxIds: { archive: true } } } },
    '0',
  ]);
  expect((await since(String(first?.told.newState)))?.told.updated).toEqual(['m1']);
  expect([box.get('m1')?.folder, [...(box.get('m1')?.keywords ?? [])]]).toEqual(['archive', ['$seen']]);
  expect((await since('99'))?.name).toBe('error');
});

test('what is uploaded is brought in and sent, and lies among what was sent then', async () => {
  const { box, ask, call, sent } = opened();
  const uploaded = await ask('/jmap/upload/a1/', { method: 'POST', body: letter('Walk') });
  const { blobId } = (await uploaded.json()) as { blobId: string }; // RFC 8620 6.1
  await call([
    'Email/import',
    { emails: { l: { blobId, mailboxIds: { drafts: true }, keywords: { $draft: true } } } },
    '0',
  ]);
  const [answer] = await call([
    'EmailSubmission/set',
    {
      create: { s: { emailId: 'm1' } },
      onSuccessUpdateEmail: { '#s': { 'keywords/$draft': null, mailboxIds: { sent: true } } },
    },
    '0',
  ]);
  expect(answer?.told.notCreated).toEqual({});
  expect([box.get('m1')?.folder, box.get('m1')?.keywords.size, sent]).toEqual(['sent', 0, ['m1']]);
  expect(await (await ask('/jmap/download/a1/m1/message')).text()).toContain('Hello there');
});
