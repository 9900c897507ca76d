import { isDate, wallOf } from '../time/zone';
import { hidden, type Chip, type Finder, type Reader } from './chip';
import { findNamedDays } from './namedDays';
import { chronoOf } from './readMoment';
import { readTime } from './readTime';

/** What counts as an end of what was understood: nothing more, or a space or a mark. */
const ENDS = /^(?:$|[\s,;.!?)])/;

/** Words that make a day part of a name: `the Monday team`, `every Friday`. */
const NAMING =
  /\b(?:the|a|an|our|my|your|his|her|their|this year's|every|each|of|first|second|third|fourth|last|since|from)\s+$/i;

/** What chrono takes for a moment and people do not: `2 m`, `a day`, `now`. */
const NO_MOMENT =
  /^(?:now$|(?:the )?(?:end|beginning|start|middle|mid) |\d+(?:[.,]\d+)?\s*(?:s|secs?|seconds?|m|mins?|minutes?|h|hrs?|hours?|d|days?|w|weeks?|months?|y|years?)?$|an?\s)/i;

/** The first day or hour of some text, and the words that say it; a bare month or number is none. */
function momentIn(text: string, { now, zone, workspace }: Reader) {
  const named = findNamedDays(text, wallOf(now, zone).slice(0, 10));
  const rest = named.reduce(hidden, text);
  // chrono reads relative words against a local Date: give it one whose local clock shows the person's wall time
  const reference = new Date(wallOf(now, zone));
  const found = chronoOf(workspace.settings.dates).parse(rest, reference, { forwardDate: true });
  const others = found.flatMap(({ start, end, index, text: words }) => {
    const hasDay = start.isCertain('day') || start.isCertain('weekday');
    const hasHour = start.isCertain('hour');
    // a stretch of hours, a past day and a month alone are left to be said otherwise
    if (end || (!hasDay && !hasHour) || NO_MOMENT.test(words) || /\bago\b|\blast\b/i.test(words)) return [];
    const pad = (value: number | null) => String(value ?? 0).padStart(2, '0');
    const date = `${start.get('year')}-${pad(start.get('month'))}-${pad(start.get('day'))}`;
    const time = hasHour ? `${pad(start.get('hour'))}:${pad(start.get('minute'))}` : null;
    return isDate(date)
      ? [{ value: { date, time }, hourOnly: !hasDay, from: index, to: index + words.length }]
      : [];
  });
  const days = named.map(({ value: date, from, to }) => ({
    value: { date, time: null },
    hourOnly: false,
    from,
    to,
  }));
  return [...days, ...others].sort((a, b) => a.from - b.from);
}

/** A bare hour of the clock: `14:30`, `9am`, `at 9`. */
const BARE_HOUR = /^(?:at\s+)?(\d{1,2}(?:[:.]\d{2})?\s?(?:[ap]m)?)(?![\w%])/i;

/** When: a day with or without an hour, `tomorrow`, `Thu 14:30`, `on 27 Nov`, `in 2 weeks`, or an hour alone. */
export const whens: Finder = (text, reader) =>
  momentIn(text, reader).flatMap(({ value, hourOnly, from, to }): Chip[] => {
    const before = text.slice(0, from);
    const after = text.slice(to);
    if (NAMING.test(before) || /^['’]s\b/.test(after) || !ENDS.test(after)) return [];
    const lead = /\b(?:on|at)\s+$/i.exec(before)?.[0].length ?? 0;
    // an hour that stands behind its day by itself: "tomorrow 9"
    const hour = value.time === null ? /^\s+/.exec(after)?.[0].length : undefined;
    const [words, bare] = hour === undefined ? [] : (BARE_HOUR.exec(after.slice(hour)) ?? []);
    const typed = bare === undefined ? undefined : readTime(bare);
    const isHour =
      typed !== undefined &&
      words !== undefined &&
      ENDS.test(after.slice((hour ?? 0) + words.length)) &&
      !/^\s*[a-z]/i.test(after.slice((hour ?? 0) + words.length));
    return isHour
      ? [
          {
            kind: 'when',
            value: { date: value.date, time: typed },
            from: from - lead,
            to: to + (hour ?? 0) + words.length,
          },
        ]
      : [{ kind: 'when', value, hourOnly, from: from - lead, to }];
  });

/** The days or hours that words lead to. */
const ledTo =
  (lead: RegExp, kind: 'due' | 'notBefore'): Finder =>
  (text, reader) =>
    [...text.matchAll(lead)].flatMap(({ 0: words, index }): Chip[] => {
      const start = index + words.length;
      const [chip] = whens(text.slice(start), reader);
      return chip?.kind === 'when' && chip.from === 0
        ? [{ kind, value: chip.value, from: index, to: start + chip.to }]
        : [];
    });

/** Until when: `by Friday 17:00`, `due 3 Dec`, `due on Monday`. */
export const dues = ledTo(/\b(?:due(?:\s+(?:by|on))?|by|no later than|until)\s+/gi, 'due');

/** From when on it is to be seen: `not before Monday`, `not until 3 Dec 9:00`. */
export const notBefores = ledTo(/\bnot\s+(?:before|until)\s+/gi, 'notBefore');
