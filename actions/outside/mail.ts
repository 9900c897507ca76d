import { noteMarked, unmarked, wantedMark } from '@/core/commands/messages';
import { noteSent, noteStays, noteTold } from '@/core/commands/requests';
import { writeMessage } from '@/core/formats/mail/writeMessage';
import type { Who } from '@/core/model/request';
import { inVain, unchanged, type Outcome } from '@/core/outside/feed';
import { newMailbox, refusedBy, type Draft, type Mailbox, type Unheard } from '@/core/outside/mailbox';
import { outgoing, type Outgoing } from '@/core/requests/outgoing';
import type { Letter } from '@/core/requests/receive';
import { refusalOf } from '@/core/requests/refusal';
import { here } from '@/state/here';
import { changeMailbox, inTurn, keepMailbox, outside } from '@/state/outside';
import { realWorkspace, store } from '@/state/workspaceStore';
import { readAllItips } from '@/workers/fileReader';
import { forgetOpened, openedMailbox, openMailbox, TAKEN, type Opened, type WithCalendar } from './mailbox';
import { follow, ownAddresses } from './requests';
import { Unanswered, type Credentials } from './who';

/** The longest that a message may say to programs of calendars, in bytes. */
const LARGEST = 1_000_000;
/** So many messages that were not followed are told of. */
const MOST_UNHEARD = 20;

type Finding =
  { readonly kind: 'found'; readonly own: Who } | { readonly kind: 'failed'; readonly outcome: Outcome };

/** Looks whether there is a mailbox, and whose. */
export async function lookIntoMailbox(credentials: Credentials): Promise<Finding> {
  try {
    return { kind: 'found', own: (await openMailbox(credentials)).own };
  } catch (error) {
    if (error instanceof Unanswered) return { kind: 'failed', outcome: error.outcome };
    throw error;
  }
}

/** Asks a mailbox from now on. */
export async function connectMailbox(credentials: Credentials, own: Who): Promise<void> {
  keepMailbox(newMailbox(credentials, own));
  store.say(`Connected the mailbox of ${own.address}`);
  await askMailbox();
}

export function leaveMailbox(): void {
  keepMailbox(null);
  forgetOpened();
  store.say('The mailbox is left. Its messages lie there as they are; your tasks and meetings stay');
}

const unheard = ({ head }: WithCalendar, why: Unheard['why']): Unheard => ({
  ...{ id: head.id, from: head.from.address, subject: head.subject, at: head.receivedAt, why },
});

/** Follows one message about an event; why it is not followed, if it is not. */
function hear(letter: Letter, own: readonly string[]): Unheard['why'] | undefined {
  const against = refusalOf(realWorkspace(), letter, own);
  if (!against) follow(letter);
  return against;
}

/** Follows the messages about events that have come since the mailbox was asked last. */
async function hearNew(box: Opened, mailbox: Mailbox): Promise<void> {
  const { found, state } = await box.withCalendars(mailbox.state);
  const small = found.filter(({ size }) => size <= LARGEST);
  const texts: string[] = [];
  for (const { blobId } of small) texts.push(await box.read(blobId));
  const read = texts.length === 0 ? [] : await readAllItips(texts, here().zone);
  const own = ownAddresses();
  const odd = found.filter(({ size }) => size > LARGEST).map((one) => unheard(one, 'large'));
  small.forEach((one, i) => {
    const itip = read[i];
    // what is published, or no calendar at all, is no message about one's time
    if (!itip || ('why' in itip && itip.why !== 'unreadable')) return;
    const { from, receivedAt: at } = one.head;
    const why = 'why' in itip ? 'unreadable' : hear({ itip, sender: from.address, at }, own);
    if (why) odd.push(unheard(one, why));
  });
  changeMailbox((now) => ({ ...now, state, unheard: [...now.unheard, ...odd].slice(-MOST_UNHEARD) }));
}

/** Says in the mailbox what became of its messages: that they are tasks, and done. */
async function markMessages(box: Opened, { own, whenDone }: Mailbox): Promise<void> {
  for (const message of unmarked(realWorkspace(), own.address)) {
    const said = wantedMark(realWorkspace(), message);
    const { id = '' } = message.mail ?? {};
    const isDone = said === 'done';
    const marks = {
      ...{ $seen: true, [TAKEN]: true },
      ...(whenDone === 'flag' && { $flagged: isDone }),
    };
    const wasDone = message.mail?.said === 'done';
    const into = whenDone !== 'file' || (!isDone && !wasDone) ? undefined : isDone ? 'archive' : 'inbox';
    const isThere = await box.mark(id, marks, into);
    store.note(noteMarked, { id: message.id, said: isThere ? said : null });
  }
}

/** The letters about requests and invitations that wait to be sent. */
function waitingLetters(): Outgoing[] {
  const { mailbox } = outside();
  const workspace = realWorkspace();
  return mailbox ? outgoing(workspace, { ...here(), own: mailbox.own, style: workspace.settings }) : [];
}

const refuse = (of: string, what: string) =>
  changeMailbox((now) => ({
    ...now,
    refused: [...now.refused.filter((one) => one.of !== of), { of, what }],
  }));

/** Sends a letter and notes that it is sent; what may not be sent is told, and waits for the person. */
async function sendLetter(box: Opened, { of, writing, then }: Outgoing): Promise<void> {
  const refusal = await box.send(writing.id, writeMessage(writing));
  if (refusal) refuse(of, refusal);
  else if (then.kind === 'answered') store.note(noteSent, { id: of, at: then.at, sequence: then.sequence });
  else if (then.kind === 'stays') store.note(noteStays, { id: of, address: then.address });
  else store.note(noteTold, { id: of, what: then.what, stamp: then.stamp });
}

async function sendDraft(box: Opened, draft: Draft, own: Who): Promise<void> {
  const { id, to, subject, text, at, inReplyTo, answers } = draft;
  const writing = { from: own, to: [to], subject, text, id, at, inReplyTo: inReplyTo ?? undefined };
  const refusal = await box.send(id, writeMessage(writing));
  if (refusal) return refuse(id, refusal);
  changeMailbox((now) => ({ ...now, drafts: now.drafts.filter((one) => one.id !== id) }));
  if (answers) await box.mark(answers, { $answered: true, $seen: true });
}

async function sendWaiting(box: Opened): Promise<void> {
  const isRefused = (of: string) => refusedBy(outside().mailbox, of) !== undefined;
  for (const letter of waitingLetters()) if (!isRefused(letter.of)) await sendLetter(box, letter);
  const { mailbox } = outside();
  for (const draft of mailbox?.drafts ?? [])
    if (mailbox && !isRefused(draft.id)) await sendDraft(box, draft, mailbox.own);
}

/** One look at a time. */
let underway: Promise<void> = Promise.resolve();

/** Asks the mailbox: follows what has come, sends what waits, and marks. What fails leaves all as it is. */
export function askMailbox(): Promise<void> {
  const look = () => inTurn('mail', lookOnce);
  underway = underway.then(look, look);
  return underway;
}

async function lookOnce(): Promise<void> {
  // what has not been read yet is not unanswered
  await store.whole();
  const { mailbox } = outside();
  if (!mailbox) return;
  try {
    const box = await openedMailbox(mailbox);
    await hearNew(box, mailbox);
    await sendWaiting(box);
    await markMessages(box, mailbox);
    const heads = await box.list();
    changeMailbox((now) => ({ ...unchanged(now, here().now), heads }));
  } catch (error) {
    if (!(error instanceof Unanswered)) throw error;
    forgetOpened();
    changeMailbox((now) => inVain(now, error.outcome, here().now));
  }
}

/** Whether something waits to be said in the mailbox. */
const isWaiting = (mailbox: Mailbox): boolean => {
  const { own, drafts, trouble } = mailbox;
  if (trouble) return false;
  const isRefused = (of: string) => refusedBy(mailbox, of) !== undefined;
  return (
    waitingLetters().some(({ of }) => !isRefused(of)) ||
    drafts.some(({ id }) => !isRefused(id)) ||
    unmarked(realWorkspace(), own.address).length > 0
  );
};

/** Says in the mailbox what waits to be said, if something does. */
export async function sendMail(): Promise<void> {
  const { mailbox } = outside();
  if (mailbox && isWaiting(mailbox)) await askMailbox();
}

/** Waits until something has changed in the mailbox, or a while has passed; whether it tells of changes at all. */
export async function hasChanged(): Promise<boolean> {
  const { mailbox } = outside();
  if (!mailbox) return false;
  try {
    await (await openedMailbox(mailbox)).change();
    return true;
  } catch (error) {
    if (!(error instanceof Unanswered)) throw error;
    return error.outcome.kind === 'refused' && error.outcome.why === 'slow';
  }
}
