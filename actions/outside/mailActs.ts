import type { ReadMessage } from '@/core/formats/mail/readMessage';
import { troubleWords } from '@/core/outside/feedWords';
import { hostOf, inVain, reasonOf } from '@/core/outside/feed';
import type { Draft, Mailbox, MailHead } from '@/core/outside/mailbox';
import { domainOf } from '@/core/requests/outgoing';
import { here } from '@/state/here';
import { changeMailbox, outside } from '@/state/outside';
import { newId, store } from '@/state/workspaceStore';
import { readMessageFile } from '@/workers/fileReader';
import { makeOfMessages } from '../messages';
import { askMailbox } from './mail';
import { openedMailbox, type Opened } from './mailbox';
import { Unanswered } from './who';

/** Does something in the mailbox that the person waits for; why it cannot be done is said. */
async function inMailbox<T>(act: (box: Opened, mailbox: Mailbox) => Promise<T>): Promise<T | undefined> {
  const { mailbox } = outside();
  if (!mailbox) return undefined;
  try {
    return await act(await openedMailbox(mailbox), mailbox);
  } catch (error) {
    if (!(error instanceof Unanswered)) throw error;
    const { outcome } = error;
    changeMailbox((now) => inVain(now, outcome, here().now));
    store.say(
      `${hostOf(mailbox.server)} ${troubleWords(reasonOf(outcome))}. Nothing was changed.`,
      'problem',
    );
    return undefined;
  }
}

/** A message of the mailbox, read whole. */
export const readMail = (head: MailHead): Promise<ReadMessage | undefined> =>
  inMailbox(async (box) => {
    const raw = await box.read(head.blobId);
    const signal = new AbortController().signal;
    const [message] = await readMessageFile(new TextEncoder().encode(raw), {
      progress: () => undefined,
      signal,
    });
    return message;
  });

const without = ({ id }: MailHead) =>
  changeMailbox((now) => ({ ...now, heads: now.heads.filter((head) => head.id !== id) }));

/** Makes a task of a message, which keeps its text and the way back; in the mailbox it is marked so a few seconds later. */
export async function takeMail(head: MailHead): Promise<void> {
  const message = await readMail(head);
  const { mailbox } = outside();
  if (!message || !mailbox) return;
  const mail = { id: head.id, own: mailbox.own.address };
  if (makeOfMessages([{ message, due: null, mail }], true)) without(head);
}

/** Marks a message as read, or flags it or not, there and in the list. */
export async function markMail(head: MailHead, marks: { seen?: boolean; flagged?: boolean }): Promise<void> {
  const { seen = !head.unread, flagged = head.flagged } = marks;
  const done = await inMailbox((box) => box.mark(head.id, { $seen: seen, $flagged: flagged }));
  if (done === undefined) return;
  if (!done || (seen && !flagged)) return without(head);
  changeMailbox((now) => ({
    ...now,
    heads: now.heads.map((one) => (one.id === head.id ? { ...one, unread: !seen, flagged } : one)),
  }));
}

/** Finds messages by words; undefined when the mailbox cannot be asked. */
export const searchMail = (text: string): Promise<MailHead[] | undefined> =>
  inMailbox((box) => box.list(text));

/** Answers a message with a text. It goes out at once, or as soon as the mailbox answers; until then it waits here. */
export async function writeBack(head: MailHead, text: string): Promise<void> {
  const { mailbox } = outside();
  if (!mailbox) return;
  const draft: Draft = {
    id: `sprindle-${newId()}@${domainOf(mailbox.own)}`,
    ...{ to: head.from, text, at: here().now, inReplyTo: head.messageId, answers: head.id },
    subject: /^re:/i.test(head.subject) ? head.subject : `Re: ${head.subject}`,
  };
  changeMailbox((now) => ({ ...now, drafts: [...now.drafts, draft] }));
  await askMailbox();
  const isWaiting = outside().mailbox?.drafts.some(({ id }) => id === draft.id);
  store.say(isWaiting ? 'The answer waits here until the mailbox takes it' : 'The answer is sent');
}

/** Drops an answer that waits to be sent. */
export const dropDraft = ({ id }: Draft): void =>
  changeMailbox((now) => ({
    ...now,
    drafts: now.drafts.filter((draft) => draft.id !== id),
    refused: now.refused.filter(({ of }) => of !== id),
  }));
