import { usualList } from '../tasks/lists';
import type { ReadMessage } from '../formats/mail/readMessage';
import { bounds, shortened } from '../model/bounds';
import type { Id } from '../model/common';
import type { Due } from '../model/task';
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
    return [...taken].reverse().reduce((now, { message, id, taskId, due, fileIds }) => {
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
      });
    }, workspace);
  },
);
