import * as fc from 'fast-check';
import { at } from '../../fixtures/make';
import { reader } from '../../fixtures/quickReader';
import { workspaceOf } from '../../model/workspace';
import { addMessages } from '../../commands/messages';
import { deleteTask } from '../../commands/tasks';
import { daysIn } from '../../capture/daysIn';
import { inboxOn } from '../../tasks/inbox';
import { messagesOf } from './mbox';
import { plainBody, withEmptyLine } from './broken';
import { readMessage } from './readMessage';

const crlf = (...lines: string[]) => lines.join('\r\n');
const head = [
  'From: Ines Moreau <ines@example.org>',
  'Subject: Re: Fwd: Eel counts',
  'Date: Tue, 24 Nov 2026 09:30:00 +0000',
];

test('a plain message is read with who wrote it, when, and about what', async () => {
  expect(await readMessage(crlf(...head, '', 'Can you send them by Friday?'))).toEqual({
    subject: 'Eel counts',
    from: 'Ines Moreau <ines@example.org>',
    sentAt: at('09:30'),
    text: 'Can you send them by Friday?',
    html: null,
    attachments: [],
    invitation: null,
    unread: [],
  });
});

test('a message that was forwarded whole is read with its days, its files and its invitation', async () => {
  const forwarded = (disposition: string) =>
    crlf(
      ...head,
      'MIME-Version: 1.0',
      'Content-Type: multipart/mixed; boundary=out',
      '',
      '--out',
      'Content-Type: text/plain',
      '',
      'See below.',
      '--out',
      'Content-Type: message/rfc822',
      ...(disposition ? [disposition] : []),
      '',
      parts,
      '--out--',
      '',
    );
  for (const disposition of ['', 'Content-Disposition: attachment; filename="plan.eml"']) {
    const message = await readMessage(forwarded(disposition));
    expect(message?.text).toBe(
      'See below.\n\nForwarded: Wehr – Pläne, from Ines Moreau <ines@example.org>\n\nCafé & plan\nTwo',
    );
    expect(message?.attachments.map(({ name }) => name)).toEqual(['../plan.pdf']);
    expect(message?.invitation).toContain('BEGIN:VCALENDAR');
  }
});

test('what cannot be read of a message is told: letters of an unknown kind, messages nested too deep', async () => {
  const strange = crlf(...head, 'Content-Type: text/plain;', ' charset="x-none-such"', '', 'Hello');
  expect((await readMessage(strange))?.unread).toEqual([{ kind: 'charset', name: 'x-none-such' }]);
  const nested = (depth: number): string =>
    depth === 0
      ? crlf(...head, '', 'The innermost')
      : crlf(...head, 'Content-Type: message/rfc822', '', nested(depth - 1));
  const ten = await readMessage(nested(10));
  expect(ten).toMatchObject({ text: expect.stringContaining('The innermost'), unread: [] });
  expect((await readMessage(nested(11)))?.unread).toEqual([{ kind: 'nested' }]);
});

const parts = crlf(
  ...head.slice(0, 1),
  'Subject: =?utf-8?B?V2VociDigJMgUGzDpG5l?=',
  'MIME-Version: 1.0',
  'Content-Type: multipart/mixed; boundary=x',
  '',
  '--x',
  'Content-Type: text/html; charset=iso-8859-1',
  'Content-Transfer-Encoding: quoted-printable',
  '',
  '<style>p{}</style><p>Caf=E9 &amp; plan</p><script>alert(1)</script><p>Two</p>',
  '--x',
  'Content-Type: application/pdf; name="plan.pdf"',
  'Content-Disposition: attachment; filename="../plan.pdf"',
  'Content-Transfer-Encoding: base64',
  '',
  'JVBERi0=',
  '--x',
  'Content-Type: text/calendar; method=REQUEST',
  '',
  'BEGIN:VCALENDAR',
  'END:VCALENDAR',
  '--x--',
  '',
);

test('parts, encodings and charsets are read; HTML alone gives its words, and an invitation is told apart', async () => {
  const message = await readMessage(parts);
  expect(message).toMatchObject({ subject: 'Wehr – Pläne', text: 'Café & plan\nTwo', sentAt: null });
  expect(message?.attachments).toEqual([
    { name: '../plan.pdf', type: 'application/pdf', size: 5, data: 'JVBERi0=' },
  ]);
  expect(message?.invitation).toContain('BEGIN:VCALENDAR');
});

test('what is no message is none, and what is broken keeps what can be read', async () => {
  expect(await readMessage('just some words')).toBeUndefined();
  expect(await readMessage('')).toBeUndefined();
  expect(await readMessage(crlf('From: a@b', '', ''))).toBeUndefined();
  const broken = crlf(
    'Subject: Weir',
    'Content-Type: text/plain; charset=none-such',
    'Content-Transfer-Encoding: base64',
    '',
    '%%%',
  );
  expect((await readMessage(broken))?.subject).toBe('Weir');
  const nested = Array.from({ length: 40 }, (_, i) =>
    crlf(`Content-Type: multipart/mixed; boundary=b${i}`, '', `--b${i}`, ''),
  ).join('');
  await expect(readMessage(`Subject: Deep\r\n${nested}`)).resolves.not.toThrow();
});

test('whatever bytes come, reading ends without an error', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.uint8Array({ maxLength: 400 }),
      fc.constantFrom('', parts.slice(0, 300)),
      async (bytes, start) => {
        const text = start + String.fromCharCode(...bytes);
        await expect(readMessage(text)).resolves.not.toThrow();
      },
    ),
    { numRuns: 60 },
  );
});

test('an mbox is taken apart; lines that would begin a message have lost their mark', () => {
  const one = 'Subject: One\n\n>From the river\nend\n';
  const text = `From ines@example.org Tue Nov 24 09:30:00 2026\n${one}\nFrom tom@example.org Tue Nov 24 10:00:00 2026\nSubject: Two\n\ntext\n`;
  expect(messagesOf(text)).toEqual(['Subject: One\n\nFrom the river\nend\n', 'Subject: Two\n\ntext\n']);
  expect(messagesOf('Subject: alone\n\nFrom here on')).toEqual(['Subject: alone\n\nFrom here on']);
});

test('days that a message names are offered, what is due by them first, those that have passed not', () => {
  const text =
    'We met last Tuesday. The hearing is on 3 December at 10:30.\nPlease send it by Friday 17:00! Thanks, see you on 3 December at 10:30.';
  expect(daysIn(text, reader, 3)).toEqual([
    { date: '2026-11-27', time: '17:00' },
    { date: '2026-12-03', time: '10:30' },
  ]);
  expect(daysIn('Nothing is said here.', reader, 3)).toEqual([]);
});

test('a message becomes a task that keeps it: without a due date it waits in the inbox, and both go together', async () => {
  const message = await readMessage(crlf(...head, '', 'Can you send them?'));
  if (!message) throw new Error('it is one');
  const due = { date: '2026-11-27', time: null };
  const small = { name: 'plan.pdf', type: 'application/pdf', size: 5, data: 'JVBERi0=' };
  const attachments = [small, { ...small, name: 'film.mov', size: 6_000_000, data: null }];
  const taken = [
    { message: { ...message, attachments }, id: 'm1', taskId: 't1', due: null, fileIds: ['f1', 'f2'] },
    { message: { ...message, subject: '', attachments }, id: 'm2', taskId: 't2', due, fileIds: [] },
  ];
  const after = addMessages.apply(workspaceOf({}), { taken, at: at('11:20') });
  expect(inboxOn(after, '2026-11-24').map(({ title, notes }) => [title, notes])).toEqual([
    ['Eel counts', 'Can you send them?'],
  ]);
  expect(after.tasks.get('t2')).toMatchObject({ title: 'Can you send them?', due });
  // what is too large, and what nobody wished, is named with the message only
  expect(after.attachments.values()).toMatchObject([{ id: 'f1', of: { taskId: 't1' }, data: 'JVBERi0=' }]);
  expect(after.messages.get('m2')?.attachments).toEqual([
    { name: 'plan.pdf', type: 'application/pdf', size: 5 },
    { name: 'film.mov', type: 'application/pdf', size: 6_000_000 },
  ]);
  const left = deleteTask.apply(after, { id: 't1', at: at('11:21') });
  expect(left.messages.values().map(({ id }) => id)).toEqual(['m2']);
  expect(left.attachments.size).toBe(0);
});

test.each([
  ['a kind cut short', 'Content-Type: text; charset=utf-8\r\n\r\nCall Ines by Friday', 'Call Ines by Friday'],
  [
    'a kind cut short, in Base64',
    'Content-Type: text\r\nContent-Transfer-Encoding: base64\r\n\r\nQ2FsbCBJbmVz',
    'Call Ines',
  ],
  [
    'no empty line below the head',
    'Dear Ines,\r\nby Friday: the weir?\r\n\r\nTom',
    'Dear Ines,\nby Friday: the weir?\n\nTom',
  ],
  ['parts without a boundary', 'Content-Type: multipart/mixed\r\n\r\nCall Ines', 'Call Ines'],
])('the text of a broken message is read all the same: %s', async (_, rest, text) => {
  const source = `From: tom@wharf.example\r\nSubject: Weir\r\n${rest}`;
  for (const given of [source, new TextEncoder().encode(source)])
    expect(await readMessage(given)).toMatchObject({ subject: 'Weir', text, attachments: [] });
});

test('a sound message is left as it came', () => {
  const sound = 'From tom Mon\nFrom: a@b.example\nSubject: folded\n\tsubject\n\nText: one\nmore';
  expect(withEmptyLine(sound)).toBe(sound);
  expect(plainBody(sound)).toBe('\nText: one\nmore');
});
