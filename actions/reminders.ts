import { router } from 'expo-router';
import { useMemo } from 'react';
import { create } from 'zustand';
import { joiningOf } from '@/core/calendar/joining';
import { occurrenceAt } from '@/core/calendar/occurrences';
import type { OpenRing, Ring } from '@/core/remind/ring';
import { answered, look, nextLook, putOff, stillMatters } from '@/core/remind/ringing';
import { ringWords, severalWords } from '@/core/remind/words';
import { taskOf } from '@/core/tasks/places';
import { MINUTE } from '@/core/time/span';
import { subjectOfMeeting } from '@/core/track/spent';
import { here } from '@/state/here';
import { changeRinging, followRinging, useRinging } from '@/state/ringing';
import { session } from '@/state/session';
import { currentWorkspace, realWorkspace, store } from '@/state/workspaceStore';
import { useWorkspace } from '@/state/shown';
import { announce } from '@/ui/announce';
import { useMoment } from '@/ui/clock';
import {
  askPermission,
  notify,
  onNotificationPressed,
  permission,
  type Permission,
  type Pressed,
} from '@/ui/notifications';
import { playTone } from '@/ui/tone';
import { alarmClock } from '@/workers/alarmClock';
import { join } from './joining';
import { start, toggleDone } from './tasks';

/** By how much “In 10 min” puts a reminder off (ms). */
const PUT_OFF = 10 * MINUTE;
/** A tab out of sight lets one in sight ring first (ms). */
const AFTER_YOU = 400;
/** After a change it is worked out anew what rings next, once things are quiet (ms). */
const QUIET = 700;
/** However long nothing rings, the clock is looked at: it may have been set (ms). */
const LONGEST_SLEEP = MINUTE;
/** More than these at once are shown in one notification. */
const ONE_BY_ONE = 3;

/** What can be done about a reminder. */
export type RingAct = 'start' | 'join' | 'done' | 'open';

/** What can be done about a reminder, the first the likeliest. */
export function actsOn(ring: Ring): readonly RingAct[] {
  const { about } = ring;
  if (about.kind === 'block') return ['start'];
  if (about.kind === 'due') return ['done', 'start'];
  if (about.kind !== 'meeting') return ['open'];
  const meeting = meetingOf(ring);
  return meeting && joiningOf(currentWorkspace(), meeting) ? ['join', 'start'] : ['start'];
}

function meetingOf({ about }: Ring) {
  if (about.kind !== 'meeting') return undefined;
  const event = currentWorkspace().events.get(about.eventId);
  return event && occurrenceAt(event, about.recurrence, here().zone);
}

/** Does something about a reminder, which is answered by that. */
export function actOnRing(ring: Ring, act: RingAct): void {
  const { about } = ring;
  const meeting = meetingOf(ring);
  const taskId = 'taskId' in about ? about.taskId : undefined;
  const task = taskId === undefined ? undefined : taskOf(currentWorkspace(), taskId);
  if (act === 'open' && (about.kind === 'opening' || about.kind === 'close'))
    router.navigate({ pathname: `/${about.kind}`, params: { day: about.date } });
  if (act === 'open' && about.kind === 'routine') router.navigate('/today');
  if (act === 'join' && meeting) join(meeting);
  if (act === 'start' && meeting) start(subjectOfMeeting(meeting));
  if (act === 'start' && taskId !== undefined) start({ kind: 'task', taskId });
  if (act === 'done' && task?.doneAt === null) toggleDone(task);
  void answer([ring.id]);
}

/** Takes reminders away. */
export const answer = (ids: readonly string[]): Promise<void> =>
  changeRinging((ringing) => ({ ringing: answered(ringing, new Set(ids)), answer: undefined }));

/** Lets a reminder ring once more in ten minutes. */
export async function ringLater({ id }: Ring): Promise<void> {
  const at = here().now + PUT_OFF;
  await changeRinging((ringing) => ({ ringing: putOff(ringing, id, at), answer: undefined }));
  plan();
}

/** Asks the browser for notifications, if nobody has answered yet. */
export const askToNotify = async (): Promise<void> =>
  void usePermission.setState(await askPermission(), true);

/** Whether the browser shows notifications, for what is drawn. */
export const usePermission = create<Permission>(() => permission());

/** Shows what a reminder is like. */
export function tryReminder(): void {
  store.say('Within Sprindle a reminder stands at the top of the page until it is answered.');
  playTone();
  void notify({
    title: 'A reminder',
    body: 'The browser shows reminders of Sprindle.',
    tag: 'try',
    actions: [],
    data: { space: session.space, id: 'try' },
  });
}

let setAlarm: ((ms: number) => void) | undefined;

/** Sets the alarm clock to what rings next. */
function plan(): void {
  const { now, zone } = here();
  const next = nextLook(useRinging.getState().ringing, realWorkspace(), now, zone);
  const wait = Math.max(0, Math.min(next - now, LONGEST_SLEEP));
  setAlarm?.(document.visibilityState === 'visible' ? wait : wait + AFTER_YOU);
}

async function lookNow(): Promise<void> {
  const { now, zone } = here();
  const fresh = await changeRinging((ringing) => look(ringing, realWorkspace(), now, zone));
  if (fresh.length > 0) ring(fresh);
  plan();
}

/** What is done about a reminder, by name. */
export const actNames: Record<RingAct, string> = {
  start: 'Start',
  join: 'Join',
  done: 'Done',
  open: 'Go',
};

function ring(fresh: readonly Ring[]): void {
  const workspace = currentWorkspace();
  const { now, zone } = here();
  const said = fresh.map((each) => ({ each, ...ringWords(workspace, each, now, zone) }));
  const isMuch = said.length > ONE_BY_ONE;
  const all = severalWords(said.map(({ title }) => title));
  announce(isMuch ? all : said.map(({ title, line }) => `${title}. ${line}`).join(' '));
  if (workspace.settings.reminders.sound) playTone();
  if (document.hasFocus()) return;
  const [first] = said;
  if (isMuch && first) {
    const data = { space: session.space, id: first.each.id };
    void notify({ title: all, body: first.line, tag: 'several', actions: [], data });
  } else for (const { each, title, line } of said) notifyOf(each, title, line);
}

function notifyOf(each: Ring, title: string, body: string): void {
  const uri = uriOf(each);
  const [act] = actsOn(each);
  const later = { action: 'later', title: 'In 10 min' };
  void notify({
    title,
    body,
    tag: each.id,
    actions: act ? [{ action: act, title: actNames[act] }, later] : [later],
    data: { space: session.space, id: each.id, ...(uri ? { uri } : {}) },
  });
}

const isAct = (action: string): action is RingAct => Object.hasOwn(actNames, action);

/** Does what was pressed on a notification; the one tab that gets at the reminder first does it. */
async function pressed({ space, id, action }: Pressed): Promise<void> {
  if (space !== session.space || !(isAct(action) || action === 'later')) return;
  const taken = await changeRinging((ringing) => {
    const found = ringing.open.find(({ ring: each }) => each.id === id)?.ring;
    if (!found) return { ringing, answer: undefined };
    const after = isAct(action)
      ? answered(ringing, new Set([id]))
      : putOff(ringing, id, here().now + PUT_OFF);
    return { ringing: after, answer: found };
  });
  // a page was opened by the press where it could be
  const opened = action === 'join' && /^https?:/i.test(uriOf(taken));
  if (taken && isAct(action) && !opened) actOnRing(taken, action);
  plan();
}

function uriOf(taken: Ring | undefined): string {
  const meeting = taken && meetingOf(taken);
  return (meeting && joiningOf(currentWorkspace(), meeting)?.uri) ?? '';
}

/** The reminders that nobody has answered and that still matter, in a component. */
export function useOpenRings(): readonly OpenRing[] {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const { open } = useRinging(({ ringing }) => ringing);
  return useMemo(
    () => open.filter(({ ring: each }) => stillMatters(workspace, each, now, zone)),
    [open, workspace, now, zone],
  );
}

/** Rings from now on; once for a page. */
export function watchReminders(): void {
  if (setAlarm) return;
  followRinging();
  onNotificationPressed((what) => void pressed(what));
  setAlarm = alarmClock(() => void lookNow());
  let waiting: ReturnType<typeof setTimeout> | undefined;
  let seen = currentWorkspace();
  store.subscribe(({ workspace }) => {
    if (workspace === seen) return;
    seen = workspace;
    clearTimeout(waiting);
    waiting = setTimeout(plan, QUIET);
  });
  document.addEventListener('visibilitychange', () => void lookNow());
  void lookNow();
}
