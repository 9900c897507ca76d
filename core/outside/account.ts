import { bounds, listUpTo, textUpTo } from '../model/bounds';
import { Id } from '../model/common';
import * as z from '../zod';
import { notAsked, standing } from './feed';

/** Whether blocks go out into a calendar of an account: not, as time that is taken, or with what they are for. */
export const BlocksOut = z.enum(['no', 'busy', 'titles']);
export type BlocksOut = z.infer<typeof BlocksOut>;

/** A calendar of an account that this device keeps equal with one here. */
export const Shelf = z.object({
  calendarId: Id,
  /** Its address, and what it is called there. */
  address: textUpTo(bounds.place),
  name: textUpTo(bounds.title),
  /** Whether it holds tasks; else it holds events. */
  tasks: z.boolean(),
  /** The list that its new tasks go to, if it is still there. */
  listId: z.nullable(Id),
  /** Whether one's blocks go out into it. */
  blocks: BlocksOut,
  /** What may not be written there. */
  refused: listUpTo(z.object({ title: textUpTo(bounds.title), status: z.int() }), bounds.few),
  ...standing,
});
export type Shelf = z.infer<typeof Shelf>;

/** Who asks, and where: a thing of this device, apart from the data, for nobody else to see. */
export const Account = z.object({
  id: Id,
  server: textUpTo(bounds.place),
  username: textUpTo(bounds.title),
  password: textUpTo(bounds.title),
  shelves: listUpTo(Shelf, bounds.few),
});
export type Account = z.infer<typeof Account>;
export const Accounts = listUpTo(Account, bounds.few);

/** How often an account is asked unless the person wants it otherwise, in minutes. */
const EVERY = 5;

/** A calendar of an account that has not been asked yet. */
export const newShelf = (
  shelf: Pick<Shelf, 'calendarId' | 'address' | 'name' | 'tasks' | 'listId' | 'blocks'>,
): Shelf => ({ ...notAsked, ...shelf, says: EVERY, refused: [] });
