import { holdTimes, releaseHolds, takeHold } from '@/core/commands/holds';
import { plainEvent, TENTATIVE, type CalendarEvent } from '@/core/model/event';
import type { Id } from '@/core/model/common';
import { MINUTE, type Span } from '@/core/time/span';
import { distanceWords } from '@/core/time/words';
import { wallOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { newId, store } from '@/state/workspaceStore';
import { ownCalendar } from '../events';
import { offeringFreed } from '../offeringFreed';

/** Keeps times free that are given to somebody, for so many minutes from now; then they go by themselves. */
export function hold(spans: readonly Span[], title: string, minutes: number): void {
  const { zone, now } = here();
  const calendar = ownCalendar();
  const held = { until: now + minutes * MINUTE, giving: newId() };
  const events = spans.map(({ from, to }): CalendarEvent => {
    const uid = newId();
    return {
      ...plainEvent,
      ...{ id: `${calendar.id}/${uid}`, calendarId: calendar.id, uid, title, held, kept: [TENTATIVE] },
      start: { wall: wallOf(from, zone), zone },
      length: { days: 0, seconds: (to - from) / 1000 },
    };
  });
  const times = spans.length === 1 ? 'One time is' : `${spans.length} times are`;
  store.run(holdTimes, { events, calendar }, `${times} held for ${distanceWords(minutes * MINUTE)}`);
}

/** Lets times go that were held, and offers what fits into them. */
export const release = (ids: readonly Id[]): void =>
  void offeringFreed(() =>
    store.run(
      releaseHolds,
      { ids },
      ids.length === 1 ? 'The time is free again' : `${ids.length} times are free again`,
    ),
  );

/** Makes a meeting of a time that was held; what was given with it is free again. */
export const take = (id: Id, title: string, minutes: number): void =>
  void offeringFreed(() => store.run(takeHold, { id, title, minutes }, `${title} is a meeting now`));
