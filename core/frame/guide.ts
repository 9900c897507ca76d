import { DAY_MINUTES, plainZone, type FrameZone } from '../model/frame';
import * as z from '../zod';

const Minutes = z.int().check(z.gte(0), z.lte(DAY_MINUTES - 1));
const Hours = z.object({ from: Minutes, to: Minutes });

/** The five steps of the guided start. */
export const guideSteps = ['sleep', 'work', 'meals', 'travel', 'weekend'] as const;
export type GuideStep = (typeof guideSteps)[number];

/** What a person says in the guided start, in minutes after midnight; what is not taken makes no zones. */
export const GuideAnswers = z.object({
  taken: z.record(z.string(), z.boolean()),
  bed: Minutes,
  wake: Minutes,
  /** Monday first, null for a day off. */
  work: z.array(z.nullable(Hours)).check(z.length(7)),
  meals: z.array(z.object({ name: z.string(), from: Minutes, minutes: z.int().check(z.gte(0), z.lte(240)) })),
  /** Minutes to work, and as many back. */
  travel: z.int().check(z.gte(0), z.lte(300)),
  weekendWake: Minutes,
  /** Hours of one’s own on days off. */
  own: Hours,
});
export type GuideAnswers = z.infer<typeof GuideAnswers>;

const office = { from: 9 * 60, to: 17 * 60 };

export const plainAnswers: GuideAnswers = {
  taken: Object.fromEntries(guideSteps.map((step) => [step, true])),
  bed: 23 * 60,
  wake: 7 * 60,
  work: [office, office, office, office, office, null, null],
  meals: [
    { name: 'Breakfast', from: 7 * 60 + 15, minutes: 30 },
    { name: 'Lunch', from: 12 * 60 + 30, minutes: 45 },
    { name: 'Dinner', from: 18 * 60 + 30, minutes: 60 },
  ],
  travel: 30,
  weekendWake: 8 * 60 + 30,
  own: { from: 10 * 60, to: 18 * 60 },
};

/** The answers of who gets up at another hour: the first meal keeps its distance from it, and days off begin no earlier. */
export function upAt(
  { wake, weekendWake, meals }: Pick<GuideAnswers, 'wake' | 'weekendWake' | 'meals'>,
  to: number,
): Pick<GuideAnswers, 'wake' | 'weekendWake' | 'meals'> {
  const [first, ...rest] = meals;
  const from = ((first?.from ?? 0) + to - wake + DAY_MINUTES) % DAY_MINUTES;
  return {
    wake: to,
    weekendWake: Math.max(weekendWake, to),
    meals: first ? [{ ...first, from }, ...rest] : [],
  };
}

const everyDay = [1, 2, 3, 4, 5, 6, 7];
const next = (day: number) => (day % 7) + 1;

/** Groups weekdays by what they have in common. */
function groups<T>(of: readonly (T | null)[]): { readonly value: T; readonly days: number[] }[] {
  const found = new Map<string, { value: T; days: number[] }>();
  of.forEach((value, i) => {
    if (value === null) return;
    const key = JSON.stringify(value);
    const group = found.get(key) ?? { value, days: [] };
    group.days.push(i + 1);
    found.set(key, group);
  });
  return [...found.values()];
}

/** How long it is from one time of day to the next time that it is another. */
const until = (from: number, to: number): number => (to - from + DAY_MINUTES) % DAY_MINUTES || DAY_MINUTES;

/** The nights before working days and before days off, each from going to bed until getting up. */
function nights({ bed, wake, weekendWake, work }: GuideAnswers): FrameZone[] {
  // going to bed after midnight belongs to the night before
  const startsOn = (day: number) => (bed < DAY_MINUTES / 2 ? next(day) : day);
  const wakes = everyDay.map((day) => (work[next(day) - 1] === null ? weekendWake : wake));
  return groups(wakes).map(({ value, days }, i) => ({
    ...plainZone,
    id: `sleep ${i}`,
    name: 'Sleep',
    kind: 'sleep',
    days: days.map(startsOn).sort((a, b) => a - b),
    from: bed,
    minutes: until(bed, value),
  }));
}

/** Work, and the way there and back. */
function working({ work, travel, taken }: GuideAnswers): FrameZone[] {
  return groups(work).flatMap(({ value: { from, to }, days }, i) => {
    const on = { ...plainZone, days };
    const own: FrameZone[] = taken.work
      ? [{ ...on, id: `work ${i}`, name: 'Work', kind: 'work', from, minutes: until(from, to) }]
      : [];
    const there = Math.max(0, from - travel);
    const ways: FrameZone[] =
      taken.travel && travel > 0
        ? [
            {
              ...on,
              id: `there ${i}`,
              name: 'Travel',
              kind: 'duty',
              hue: 'clay',
              from: there,
              minutes: travel,
            },
            { ...on, id: `back ${i}`, name: 'Travel', kind: 'duty', hue: 'clay', from: to, minutes: travel },
          ]
        : [];
    return [...own, ...ways];
  });
}

/** Meals; the first of a day keeps its distance from getting up, on days off as well. */
function eating({ meals, wake, weekendWake, work }: GuideAnswers): FrameZone[] {
  return meals.flatMap(({ name, from, minutes }, i) => {
    if (minutes === 0) return [];
    const later = (from + weekendWake - wake + DAY_MINUTES) % DAY_MINUTES;
    const times = work.map((hours) => (i === 0 && hours === null ? later : from));
    return groups(times).map(({ value, days }, group): FrameZone => ({
      ...plainZone,
      id: group === 0 ? `meal ${name}` : `meal ${name} ${group}`,
      name,
      kind: 'duty',
      days,
      from: value,
      minutes,
      openness: 'guarded',
    }));
  });
}

/** The zones of a week from what was said in the guided start; `idOf` makes the ids of the frame’s own from plain ones. */
export function guidedZones(
  answers: GuideAnswers,
  idOf: (plain: string) => string = (plain) => plain,
): FrameZone[] {
  const { taken, work, own } = answers;
  const daysOff = everyDay.filter((day) => work[day - 1] === null);
  const zones: FrameZone[] = [
    ...(taken.sleep ? nights(answers) : []),
    ...working(answers),
    ...(taken.meals ? eating(answers) : []),
    ...(taken.weekend && daysOff.length > 0
      ? [
          {
            ...plainZone,
            id: 'own',
            name: 'Own time',
            kind: 'own' as const,
            days: daysOff,
            from: own.from,
            minutes: until(own.from, own.to),
          },
        ]
      : []),
  ];
  return zones.map((zone) => ({ ...zone, id: idOf(zone.id) }));
}
