import type { ScratchNote } from '@/core/model/scratch';
import type { Filter } from '@/core/model/settings';
import type { Step, Task } from '@/core/model/task';
import type { Template } from '@/core/model/template';
import { noConditions } from '@/core/tasks/filter';
import { newTask } from '@/core/tasks/newTask';
import { MINUTE } from '@/core/time/span';
import { addDays, dateOf, type Zone } from '@/core/time/zone';
import { lists } from './office';

/** What the office noted in between, latest first, with how many minutes ago; nobody has looked at it yet. */
const noted: readonly (readonly [minutesAgo: number, title: string])[] = [
  [25, 'Ask Ines whether the eel counts are in'],
  [70, 'Send the outfall photos to the county before the weir hearing'],
  [130, 'New batteries for the level logger'],
  [1110, 'Idea: one page about the reach for the school visit'],
  [1180, 'Landowner at reach 6 wants a call back'],
  [1260, 'Check whether the permit covers night work'],
  [1390, 'Minibus: who drives on the volunteer day?'],
  [2640, 'Find the spare key of the boat shed'],
  [2810, 'Look up the funder’s rules for travel costs'],
];

const stepTitles: readonly (readonly [title: string, minutes: number])[] = [
  ['Count what lies in the shed', 30],
  ['Ask the volunteers what they bring', 15],
  ['Write the list of what is missing', 20],
  ['Order it', 15],
];

/** The steps of the tool list; the first is done. */
export const toolSteps = (now: number): Step[] =>
  stepTitles.map(([title, estimate], i) => ({
    id: `tool-step-${i}`,
    title,
    estimate,
    doneAt: i === 0 ? now - 26 * 60 * MINUTE : null,
  }));

/** The inbox of the office, something that is parked, and something that is out of sight until Monday. */
export function aside(now: number, zone: Zone, firstRank: number): Task[] {
  const today = dateOf(now, zone);
  const listId = lists[0]?.id ?? '';
  const inbox = noted.map(([ago, title], i): Task => ({
    ...newTask({ id: `noted-${i}`, title, listId, createdAt: now - ago * MINUTE }),
    inbox: true,
    rank: firstRank + i,
  }));
  const parked: Task = {
    ...newTask({
      id: 'parked-0',
      title: 'Ideas for the fish pass at the old mill',
      listId,
      createdAt: now - 20_000 * MINUTE,
    }),
    parked: { at: now - 9_000 * MINUTE, until: addDays(today, 24) },
    rank: firstRank + 10,
  };
  const hidden: Task = {
    ...newTask({
      id: 'hidden-0',
      title: 'Ask for the rainfall data of November',
      listId,
      createdAt: now - 5_000 * MINUTE,
      estimate: 20,
    }),
    notBefore: { date: `${addDays(today, 31).slice(0, 7)}-01`, time: '09:00' },
    rank: firstRank + 11,
  };
  return [...inbox, parked, hidden];
}

/** What the office places by name: blocks, a kind of meeting, a whole day. */
export const templates: Template[] = [
  {
    id: 'template-0',
    name: 'Gauge round',
    minutes: 90,
    category: 'Fieldwork',
    listId: 'surveys',
    hours: { from: '09:00', to: '12:30' },
    steps: [
      { title: 'Pack the spare batteries', estimate: 10 },
      { title: 'Read gauges 1 to 7', estimate: 60 },
      { title: 'Send the readings to Ines', estimate: 20 },
    ],
    rank: 0,
  },
  {
    id: 'template-1',
    name: 'Answer the permit letters',
    minutes: 30,
    listId: 'permits',
    hours: { from: '13:00', to: '17:00' },
    rank: 1,
  },
  {
    id: 'template-2',
    name: 'Landowner call',
    minutes: 30,
    hours: { from: '13:00', to: '16:00' },
    inZone: 'Meetings',
    notes: '- What was agreed last time\n- Access to the bank\n- Who tells the tenant',
    meeting: {
      location: '',
      calls: [{ uri: 'https://calls.trust.example/landowners', label: '', line: '' }],
      attendees: [],
      leads: [10],
    },
    rank: 2,
  },
  {
    id: 'template-3',
    name: 'Desk day',
    minutes: 240,
    hours: null,
    day: {
      blocks: [
        { title: 'Letters and post', at: '09:00', minutes: 30 },
        { title: 'Write, no telephone', at: '09:30', minutes: 120, category: 'Writing', listId: 'grants' },
        { title: 'Permit letters', at: '13:30', minutes: 60, listId: 'permits' },
        { title: 'Tidy the desk', at: '16:30', minutes: 30 },
      ],
      tray: [{ title: 'Water the reed trays', estimate: 10, listId: 'volunteers' }],
      intentions: ['Two pages before lunch'],
      checklist: [{ text: 'Files of the day put away', at: 'close' }],
    },
    rank: 3,
  },
];

/** What was noted this morning while working on something else. */
export const scratchNotes = (now: number, zone: Zone): ScratchNote[] =>
  ['Bram has the key of the boat shed', 'Gauge 7 reads 4 cm too high'].map((text, i) => ({
    id: `scratch-${i}`,
    text,
    notedAt: now - (60 - 20 * i) * MINUTE,
    date: dateOf(now, zone),
  }));

/** The filters that the office keeps. */
export const filters: Filter[] = [
  { ...noConditions, id: 'filter-0', name: 'Due this week, no place yet', due: 'week', unplaced: true },
  { ...noConditions, id: 'filter-1', name: 'Up to 15 min', upTo: 15 },
];
