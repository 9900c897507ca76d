import { addMessages } from '@/core/commands/messages';
import type { ReadMessage } from '@/core/formats/mail/readMessage';
import type { Due } from '@/core/model/task';
import { here } from '@/state/here';
import { newId, store } from '@/state/workspaceStore';

/** A message that becomes a task, and when that is due. */
export type Chosen = {
  readonly message: ReadMessage;
  readonly due: Due | null;
  /** Where it lies, if it comes from a mailbox. */
  readonly mail?: { readonly id: string; readonly own: string } | undefined;
};

/** Makes tasks of messages, in one step; their attached files are kept with the tasks if they are wished. */
export const makeOfMessages = (chosen: readonly Chosen[], keepsFiles: boolean): boolean =>
  store.run(
    addMessages,
    {
      taken: chosen.map(({ message, due, mail }) => ({
        message,
        due,
        mail,
        id: newId(),
        taskId: newId(),
        fileIds: keepsFiles ? message.attachments.map(newId) : [],
      })),
      at: here().now,
    },
    chosen.length === 1 ? 'The message is a task now' : `${chosen.length} messages are tasks now`,
  );
