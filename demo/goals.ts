import type { Goal } from '@/core/model/goal';
import type { WeekPage } from '@/core/model/weekPage';
import type { Workspace } from '@/core/model/workspace';
import { weekOf } from '@/core/time/week';
import { addDays, dateOf, instantOf, type IsoDate, type Zone } from '@/core/time/zone';
import { CALENDAR } from './calendars';

type OfficeGoal = Partial<Pick<Goal, 'category' | 'feeds' | 'events' | 'lists' | 'span'>> & {
  id: string;
  title: string;
  /** Weeks before the present one, and the hours meant in each. */
  weeks: readonly (readonly [back: number, hours: number])[];
  /** The titles of its tasks; of those of the weeks before only what was done in its weeks. */
  titles?: readonly string[];
  isReached?: boolean;
};

const officeGoals: readonly OfficeGoal[] = [
  {
    id: 'goal-report',
    title: 'Grant report handed in',
    category: 'Writing',
    weeks: [[0, 7]],
    titles: [
      'Grant report, section 1',
      'Grant report, section 2',
      'Grant report, section 3',
      'Read the report through',
    ],
  },
  {
    id: 'goal-hearing',
    title: 'Ready for the weir hearing',
    category: 'Permits',
    weeks: [[0, 3]],
    titles: ['Permit letter, weir', 'Hearing papers, two copies'],
    events: [`${CALENDAR}/hearing`],
    feeds: 'goal-weir',
  },
  {
    id: 'goal-owners',
    title: 'Letters to all owners of reach 4',
    category: 'Permits',
    weeks: [
      [3, 4],
      [2, 4],
    ],
    titles: ['Letters to owners', 'Consent forms'],
    feeds: 'goal-weir',
    isReached: true,
  },
  {
    id: 'goal-annex',
    title: 'Annex for the county done',
    category: 'Writing',
    weeks: [
      [4, 5],
      [3, 5],
      [2, 5],
    ],
    titles: ['Annex for the county', 'Funder’s questions'],
    isReached: true,
  },
  { id: 'goal-weir', title: 'Weir permit granted', category: 'Permits', span: 'quarter', weeks: [[0, 30]] },
];

/** What was written about the weeks before, the last one first, and how many minutes that took. */
const written: readonly (readonly [text: string, minutes: number])[] = [
  [
    '## What moved the work on\n\nMornings without a call: two of them, and the outline was done.\n\n## What got in the way\n\nThe outfall, on the phone, half of Wednesday.\n\n## What I change\n\nThe phone goes to Bram until ten.\n',
    24,
  ],
  [
    '## What moved the work on\n\nLetters in one go on Tuesday instead of one a day.\n\n## What got in the way\n\nMondays: everything takes a quarter longer.\n\n## What I change\n\nNothing hard before eleven on a Monday.\n',
    31,
  ],
  [
    '## What moved the work on\n\nThe annex has its tables.\n\n## What got in the way\n\nI waited for the lab. **Ask on Monday**, not on Thursday.\n',
    27,
  ],
];

/** The office with goals for this week and those before, and with pages about the weeks that were looked back on. */
export function withGoals(workspace: Workspace, today: IsoDate, zone: Zone): Workspace {
  const week = weekOf(today, 1);
  const before = (back: number) => addDays(week, -7 * back);
  const goals = officeGoals.map((goal, rank): Goal => {
    const { weeks, titles = [], isReached = false, span = 'week', events = [], lists = [] } = goal;
    const dates = weeks.map(([back]) => before(back));
    const isThen = (doneAt: number | null) => dates.includes(weekOf(dateOf(doneAt ?? 0, zone), 1));
    const tasks = workspace.tasks
      .values()
      .filter(
        ({ title, doneAt, id }) => titles.includes(title) && (!id.startsWith('before-') || isThen(doneAt)),
      );
    return {
      id: goal.id,
      title: goal.title,
      ...(goal.category ? { category: goal.category } : {}),
      ...(goal.feeds ? { feeds: goal.feeds } : {}),
      span,
      times: weeks.map(([back, hours]) => ({ date: before(back), minutes: 60 * hours })),
      tasks: tasks.map(({ id }) => id),
      events: [...events],
      lists: [...lists],
      doneAt: isReached ? instantOf(`${addDays(dates.at(-1) ?? week, 4)}T15:30`, zone) : null,
      rank,
    };
  });
  const pages = written.map(([text, minutes], i): WeekPage => {
    const id = before(i + 1);
    return { id, text, minutes, endedAt: instantOf(`${addDays(id, 4)}T16:15`, zone) };
  });
  return { ...workspace, goals: workspace.goals.with(goals), weeks: workspace.weeks.with(pages) };
}
