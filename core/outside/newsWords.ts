import { lengthOf } from '../time/span';
import { asLine, clockWords, dayWords, durationWords, whenWords, type Style } from '../time/words';
import { dateOf, type IsoDate, type Zone } from '../time/zone';
import { isGrave, type News, type NewsItem, type TaskNews } from './news';

export type At = { readonly today: IsoDate; readonly zone: Zone; readonly style: Style };

/** What has become of an event, as a clause: `Catchment forum moved from tomorrow 15:00 to 16:00`. */
export function newsWords({ kind, title, was, now, allDay, others }: NewsItem, at: At): string {
  const { today, zone, style } = at;
  const when = (span: typeof now) => {
    if (!span) return '';
    return allDay
      ? dayWords(dateOf(span.from, zone), today, style)
      : whenWords(span.from, today, zone, style);
  };
  const more = others === 0 ? '' : ` (and ${others} more ${others === 1 ? 'time' : 'times'})`;
  switch (kind) {
    case 'new':
      return `${title} is new, ${when(now)}${more}`;
    case 'cancelled':
      return `${title}, ${when(was)}, is cancelled${more}`;
    case 'changed':
      return `${title}, ${when(now)}, has another title, place or way of taking time${more}`;
    case 'moved':
      return `${title} ${movedWords(was, now, when, at)}${more}`;
  }
}

function movedWords(
  was: NewsItem['was'],
  now: NewsItem['now'],
  when: (span: typeof now) => string,
  { zone, style }: At,
) {
  if (!was || !now) return 'moved';
  if (was.from === now.from)
    return `, ${when(now)}, takes ${durationWords(lengthOf(now))} instead of ${durationWords(lengthOf(was))}`;
  const sameDay = dateOf(was.from, zone) === dateOf(now.from, zone);
  return `moved from ${when(was)} to ${sameDay ? clockWords(now.from, zone, style.clock) : when(now)}`;
}

/** What it does to the plan, a line for each thing; none where it does nothing. */
export function effectWords({ collides, needed }: NewsItem, { today, zone, style }: At): string[] {
  return [
    ...(collides.length > 0 ? [`collides with ${collides.join(', ')}`] : []),
    ...needed.map(
      ({ title, by, late }) =>
        `needs “${title}” earlier, by ${whenWords(by, today, zone, style)}${late ? ', before its block ends' : ''}`,
    ),
  ];
}

/** What has become of a task, as a clause: `Gravel for reach 2 is new`. */
export function taskNewsWords({ kind, title }: TaskNews): string {
  switch (kind) {
    case 'new':
      return `${title} is new`;
    case 'changed':
      return `${title} says something else`;
    case 'done':
      return `${title} was done there`;
    case 'reopened':
      return `${title} was taken up again there`;
  }
}

/** All of it in short: the gravest thing, then what it does and how many there are beside it. */
export function newsInShort({ calendar, items, tasks, more }: News, at: At): { what: string; then: string } {
  const first = items.find(isGrave) ?? items[0];
  const [task] = tasks;
  if (!first && !task) return { what: `${calendar}: nothing that lies ahead has changed`, then: '' };
  const beside = items.length + tasks.length - 1 + more;
  const effects = first ? effectWords(first, at) : [];
  const then = [
    effects.length > 0 ? `${asLine(effects.join('; '))}.` : '',
    beside === 0 ? '' : `And ${beside} more ${beside === 1 ? 'change' : 'changes'}.`,
  ];
  const words = first ? newsWords(first, at) : task ? taskNewsWords(task) : '';
  return { what: `${calendar}: ${words}`, then: then.filter(Boolean).join(' ') };
}

/** The same in one line. */
export const newsLine = (news: News, at: At): string =>
  Object.values(newsInShort(news, at)).filter(Boolean).join('. ');
