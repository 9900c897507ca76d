import { usualList } from '../tasks/lists';
import type { ReadMessage } from '../formats/mail/readMessage';
import { bounds, shortened } from '../model/bounds';
import type { Id } from '../model/common';
import type { Message } from '../model/message';
import type { Due } from '../model/task';
import type { Workspace } from '../model/workspace';
import { newTask } from '../tasks/newTask';
import { attach } from './attachments';
import { command, put } from './command';
import { addTask } from './tasks';

/** A message that becomes a task, with the ids of both and what was chosen for it. */
export type Taken = {
  readonly message: ReadMessage;
  readonly id: Id;
  readonly taskId: Id;
  readonly due: Due | null;
  /** The mailbox that it lies in, by its address, and its id there. */
  readonly mail?: { readonly id: string; readonly own: string } | undefined;
  /** An id for each of its attached files, where they are kept. */
  readonly fileIds: readonly Id[];
};

/** The title of a task that a message makes: its subject, or how its text begins. */
export const titleOfMessage = ({ subject, text }: Pick<ReadMessage, 'subject' | 'text'>): string =>
  shortened(subject || (text.split('\n').find((line) => line.trim() !== '') ?? ''), bounds.title).trim() ||
  'A message';

/**
 * Makes a task of each message, top first, which keeps it; those without a due date wait in the inbox. `at` is epoch ms.
 */
export const addMessages = command(
  'add tasks of messages',
  (workspace, { taken, at }: { taken: readonly Taken[]; at: number }) => {
    const first = usualList(workspace);
    return [...taken].reverse().reduce((now, { message, id, taskId, due, mail, fileIds }) => {
      const { subject, from, sentAt, text, html, attachments } = message;
      const task = newTask({
        id: taskId,
        title: titleOfMessage(message),
        notes: text,
        listId: first.id,
        createdAt: at,
        due,
        ...(due ? {} : { inbox: true as const }),
      });
      const files = attachments.flatMap(({ data, ...file }, i) => {
        const fileId = fileIds[i];
        const of = { kind: 'task' as const, taskId };
        return fileId === undefined || data === null ? [] : [{ ...file, id: fileId, of, data, addedAt: at }];
      });
      return put(attach.apply(addTask.apply(now, task), { files }), 'messages', {
        id,
        taskId,
        subject,
        from,
        sentAt,
        text,
        html,
        attachments: attachments.map(({ name, type, size }) => ({ name, type, size })),
        ...(mail && { mail: { ...mail, said: 'nothing' as const } }),
      });
    }, workspace);
  },
);

/** What is to be said in the mailbox of what became of a message there: that it is a task, or done. */
export const wantedMark = ({ tasks }: Workspace, { taskId }: Message): 'taken' | 'done' =>
  tasks.get(taskId)?.doneAt ? 'done' : 'taken';

/** The messages of a mailbox, told by its address, of which it does not know yet what became of them. */
export const unmarked = (workspace: Workspace, own: string): Message[] =>
  workspace.messages
    .values()
    .filter((message) => message.mail?.own === own && message.mail.said !== wantedMark(workspace, message));

/** Notes what the mailbox was told of a message; null when it lies there no more. It is no step of the person's. */
export const noteMarked = command(
  'note what was marked',
  (workspace, { id, said }: { readonly id: Id; readonly said: 'taken' | 'done' | null }) => {
    const message = workspace.messages.get(id);
    if (!message?.mail) return workspace;
    const { mail, ...rest } = message;
    return put(workspace, 'messages', said === null ? rest : { ...rest, mail: { ...mail, said } });
  },
);
