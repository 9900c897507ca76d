import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { scene } from './scene';
import { eventually, focus, go, isClosed, keys, press, pressText, reload, sees, type } from './steps';
import { openTown } from './town';

type Town = Awaited<ReturnType<typeof openTown>>;

/** Connects the mailbox of a town, from the settings. */
async function connected(page: Page, town: Town): Promise<void> {
  await press(page, 'Connect a mailbox…');
  await type(page, 'Address of the mailbox', town.mailbox);
  await type(page, 'User name', 'petra');
  await type(page, 'Password', 'weir');
  await isClosed(page);
  await sees(page, 'Lena Fisk asks: Fish pass: site visit');
}

const mailAbout = (town: Town, subject: string) => town.mails().find(({ read }) => read.subject === subject);
const sentAbout = (town: Town, subject: string) =>
  town.mails().filter(({ read, folder }) => folder === 'sent' && read.subject === subject);

scene(
  'a message becomes a task with its text and the way back; done here is filed there',
  { at: '/settings', size: 'phone' },
  async ({ page }) => {
    const town = await openTown();
    await press(page, 'Connect a mailbox…');
    await type(page, 'Address of the mailbox', town.mailbox);
    await type(page, 'User name', 'petra');
    await type(page, 'Password', 'wrong');
    await sees(page, 'wants to know who asks (401)');
    await isAccessible(page, 'connecting a mailbox');
    await keys(page, 'Escape');
    await isClosed(page);
    await connected(page, town);
    await press(page, 'Mailbox…');
    await focus(page, '[aria-label="When the task of a message is done"] [role=radio]');
    await keys(page, 'ArrowLeft');
    await isAccessible(page, 'the mailbox in the settings');
    await press(page, 'Messages…');
    await sees(page, '4 messages unread or flagged');
    await sees(page, 'It asks for 1 h: You can');
    await isAccessible(page, 'messages');
    await type(page, 'Find a message', 'canoe');
    await sees(page, 'One message with “canoe”');
    await press(page, 'Make a task of it: Is the portage open?');
    await sees(page, 'The message is a task now');
    await eventually(() => assert.ok(mailAbout(town, 'Is the portage open?')?.keywords.has('task')));
    await keys(page, 'Escape');
    await isClosed(page);
    await go(page, '/tasks');
    await sees(page, '3 messages are unread or flagged');
    await pressText(page, 'Is the portage open?');
    await press(page, 'Open the message from Canoe club');
    await sees(page, 'whether the portage at the old weir stays open?');
    await keys(page, 'Escape');
    await isClosed(page);
    await press(page, 'Done: Is the portage open?');
    await eventually(() => assert.equal(mailAbout(town, 'Is the portage open?')?.folder, 'archive'));
    town.close();
  },
);

scene(
  'an invitation is countered by keys, and agreed; what moves and is called off follows',
  { at: '/settings' },
  async ({ page }) => {
    const town = await openTown();
    await connected(page, town);
    await focus(page, '[aria-label^="Look and answer"]');
    await keys(page, 'Enter');
    await sees(page, 'Thu 26 Nov, 10:00');
    await isAccessible(page, 'a request');
    await sees(page, 'Outside the hours that are open to meetings');
    await sees(page, 'Not this week: propose a later one');
    await focus(page, '[aria-label="Another time…: Fish pass: site visit"]');
    await keys(page, 'Enter');
    await sees(page, 'Propose another time');
    await focus(page, '[aria-label^="Propose them"]');
    await isAccessible(page, 'another time');
    await keys(page, 'Enter');
    await sees(page, 'Another time is proposed, goes out in a moment');
    await sees(page, 'Another time is proposed, sent today');
    const [letter] = sentAbout(town, 'Another time, please: Fish pass: site visit');
    assert.match(String(letter?.read.attachments[0]?.content), /METHOD:COUNTER[^]*X-ALSO-PROPOSED:/);
    await town.play('mail/asked/ask-4@town.example/agree');
    await sees(page, 'It has moved to a time that you proposed.');
    await press(page, 'Accept: Fish pass: site visit');
    await sees(page, 'Accepted, sent today');
    assert.equal(sentAbout(town, 'Accepted: Fish pass: site visit').length, 1);
    await town.play('mail/asked/ask-4@town.example/later');
    await sees(page, 'It has changed since you answered.');
    await town.play('mail/asked/ask-4@town.example/again');
    await town.play('mail/asked/ask-4@town.example/cancel');
    await sees(page, 'Called off');
    await sees(page, 'Nobody waits for an answer.');
    await reload(page);
    await sees(page, 'is cancelled');
    assert.equal(sentAbout(town, 'Accepted: Fish pass: site visit').length, 1);
    town.close();
  },
);

scene(
  'a request into a sealed week is put off; with the mailbox down the answer waits, and goes out once',
  { at: '/settings', size: 'phone' },
  async ({ page }) => {
    const town = await openTown();
    await connected(page, town);
    town.breakIt('mail', 'down');
    await press(page, 'Look and answer…');
    await sees(page, 'Its week is sealed.');
    await sees(page, 'Not this week: propose a later one');
    await isAccessible(page, 'not this week');
    await type(page, 'A word with it', 'We count fish all week.');
    await focus(page, '[aria-label^="Propose them"]');
    await keys(page, 'Enter');
    await sees(page, 'Not this week, waits to be sent');
    await reload(page);
    await press(page, 'Requests…');
    await sees(page, 'waits to be sent');
    await keys(page, 'Escape');
    await isClosed(page);
    town.breakIt('mail', 'none');
    await press(page, 'Mailbox…');
    await sees(page, 'does not answer');
    await press(page, 'Ask and send now');
    await sees(page, 'As it was today 11:20.');
    const sent = sentAbout(town, 'Another time, please: Fish pass: site visit');
    assert.equal(sent.length, 1);
    assert.match(sent[0]?.read.text ?? '', /We count fish all week[^]*I have planned that week already/);
    await press(page, 'Ask and send now');
    await sees(page, 'As it was today 11:20.');
    assert.equal(sentAbout(town, 'Another time, please: Fish pass: site visit').length, 1);
    await keys(page, 'Escape');
    await isClosed(page);
    await press(page, 'Requests…');
    await sees(page, 'Not this week, sent today');
    town.close();
  },
);

scene(
  'rules of the door: what breaks them is shown with a proposal, in the frame, and counted in the review',
  { at: '/frame', size: 'phone' },
  async ({ page }) => {
    const town = await openTown();
    await press(page, 'Zone Meetings');
    await type(page, 'Requests of at most', '30m');
    await focus(page, '[aria-label="Requests from"] [role=radio]');
    await keys(page, 'ArrowRight');
    await isAccessible(page, 'the door of a zone');
    await keys(page, 'Escape');
    await isClosed(page);
    await page.waitForSelector('[aria-label*="requests up to 30 min, from people you know"]');
    await go(page, '/settings');
    await connected(page, town);
    await town.play('mail/ask', { title: 'Otter count', inDays: '5', at: '14:30' });
    await press(page, 'Look and answer…');
    await sees(page, '“Meetings” takes requests of at most 30 min');
    await sees(page, '“Meetings” is for those whom you know');
    await focus(page, '[aria-label="At most a week"] [role=radio]');
    await keys(page, 'ArrowRight');
    await sees(page, 'The rules of your door are changed');
    await press(page, 'Accept: Otter count');
    await press(page, 'Accept: Fish pass: site visit');
    await sees(page, 'Nobody waits for an answer.');
    await go(page, '/review?span=week&day=2026-11-24');
    await sees(page, 'The one request that was accepted lies outside open zones.');
    await isAccessible(page, 'requests in the review');
    await go(page, '/review?span=month&day=2026-12-01');
    await sees(page, 'The one request that was accepted went to an open zone.');
    town.close();
  },
);

scene(
  'people are invited to a meeting of one’s own: who declines, who proposes, moving it and calling it off',
  { at: '/settings' },
  async ({ page }) => {
    const town = await openTown();
    await connected(page, town);
    await go(page, '/plan?view=day&day=2026-11-27');
    await press(page, 'New event');
    await type(page, 'Title', 'Gravel, next steps');
    await isClosed(page);
    await press(page, 'Meeting Gravel, next steps');
    await type(page, 'Invite', 'Nobody at all');
    await sees(page, '“Nobody at all” is no address');
    await type(page, 'Invite', 'Tomas Brandt <tomas@trust.example>, Mina Aucoin <mina@river.example>');
    await sees(page, '2 are invited');
    await isAccessible(page, 'those who are invited');
    await sees(page, 'All know of it as it stands');
    await town.play('mail/answer');
    await sees(page, 'does not come');
    await sees(page, 'proposes another time: An hour later would suit me.');
    await press(page, 'A time that suits all…');
    await sees(page, 'for those whose calendar you see: 0 of 2.');
    await press(page, 'Look and answer…');
    await press(page, 'Move to Fri 27 Nov');
    await sees(page, 'Gravel, next steps moved to Fri 27 Nov');
    await eventually(() => assert.equal(sentAbout(town, 'Changed: Gravel, next steps').length, 1));
    await go(page, '/plan?view=day&day=2026-11-27');
    await press(page, 'Meeting Gravel, next steps');
    await press(page, 'Leave out: Tomas Brandt');
    await eventually(() => assert.equal(sentAbout(town, 'Called off: Gravel, next steps').length, 1));
    await press(page, 'Edit event');
    await press(page, 'Delete event');
    await eventually(() => assert.equal(sentAbout(town, 'Called off: Gravel, next steps').length, 2));
    assert.equal(sentAbout(town, 'Invitation: Gravel, next steps').length, 1);
    town.close();
  },
);
