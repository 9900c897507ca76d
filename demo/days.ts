import { plainDay, usualRoutines, type Day, type Routines } from '@/core/model/day';
import type { Workspace } from '@/core/model/workspace';
import { instantOf, weekdayOf, type IsoDate, type Zone } from '@/core/time/zone';
import { workingDay } from './calendars';

/** What the office counts each day, and the lines that it goes through before it stops. */
export const routines: Routines = {
  ...usualRoutines,
  counted: [
    { id: 'samples', name: 'Samples counted', kind: 'number', unit: 'samples', target: 12 },
    { id: 'river', name: 'By the river', kind: 'minutes', unit: '', target: 30 },
    { id: 'lunch', name: 'Lunch away from the desk', kind: 'yesNo', unit: '', target: 1 },
  ],
  checklist: [
    { id: 'desk', text: 'Clear the desk', at: 'close', days: [] },
    { id: 'sheet', text: 'Timesheet to the county', at: 'close', days: [5] },
  ],
  own: [
    {
      id: 'afterFieldwork',
      name: 'After fieldwork',
      days: [2, 4],
      time: null,
      lines: [
        { id: 'rinse', text: 'Rinse the waders' },
        { id: 'charge', text: 'Charge the loggers' },
      ],
    },
  ],
};

/** What was written at the end of the last days, the latest first. */
const notes: readonly string[] = [
  'Gauge 3 reads high again. Ines goes out on Thursday.\n\n- [x] tell the crew',
  'Quiet. The report got its **second section** begun, the tables are missing.',
  'Half the day on the phone about the outfall. Nothing else moved.',
  'Two landowners said yes. The map of reach 4 is nearly whole.',
  'Boat back in the shed. Waders leak: new ones before the volunteer day.',
  'Wrote until eleven without a call. That is the hour for it.',
  'The county wants the permit papers in two copies, on paper.',
  'Counted samples all morning with Bram. 16 of 16.',
  'Rain. The survey moved, the desk got its turn.',
  'Started the week with the budget. It is thinner than it looked.',
];

/** What has been said of the last working days: each has a note and its numbers, and was closed in the evening. */
function daysBefore(today: IsoDate, zone: Zone, random: () => number): Day[] {
  return notes.map((note, i) => {
    const date = workingDay(today, -1 - i);
    return {
      ...plainDay(date),
      note,
      numbers: [
        { of: 'samples', value: Math.round(4 + random() * 14) },
        { of: 'river', value: 5 * Math.round(random() * 12) },
        { of: 'lunch', value: random() < 0.6 ? 1 : 0 },
      ],
      ticked: weekdayOf(date) === 5 ? ['desk', 'sheet'] : ['desk'],
      closedAt: instantOf(`${date}T17:05`, zone),
    };
  });
}

/** The office with what it says of its days: two weeks that are closed, and the present one, opened in the morning with its keystone. */
export function withDays(
  workspace: Workspace,
  today: IsoDate,
  zone: Zone,
  now: number,
  random: () => number,
): Workspace {
  const keystone = workspace.tasks.values().find(({ title }) => title === 'Grant report, section 2');
  const openedAt = Math.min(now, instantOf(`${today}T08:45`, zone));
  const present: Day = {
    ...plainDay(today),
    note: 'Before the forum:\n\n- [ ] call the lab about the eel counts\n- [x] water the office ferns',
    openedAt,
    ...(keystone ? { keystone: keystone.id } : {}),
  };
  return { ...workspace, days: workspace.days.with([...daysBefore(today, zone, random), present]) };
}
