import * as z from '../zod';
import { bounds, listUpTo, textUpTo } from './bounds';
import { Instant, openObject } from './common';

/** How many times its estimate something takes; nobody is off by more. */
const Ratio = z.number().check(z.gte(0.05), z.lte(20));

/** How many times their estimates kinds of work really take, as one's record said at an instant. */
export const Pace = openObject({
  at: Instant,
  /** Of work of any other kind. */
  all: Ratio,
  /** Each told as `kindOf` in core/tasks/takes.ts tells it. */
  kinds: listUpTo(openObject({ of: textUpTo(bounds.id), ratio: Ratio }), bounds.few),
});
export type Pace = z.infer<typeof Pace>;
