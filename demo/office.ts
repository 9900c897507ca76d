import type { Category } from '@/core/model/category';
import type { Priority, TaskList } from '@/core/model/task';

/** The small office of a river-restoration trust; all people and places are made up. */
export const lists: TaskList[] = [
  { id: 'surveys', name: 'Field surveys', hue: 'brook', icon: 'waves', rank: 0 },
  { id: 'grants', name: 'Grants', hue: 'iris', icon: 'pen', rank: 1 },
  { id: 'permits', name: 'Permits', hue: 'clay', icon: 'permit', category: 'Permits', rank: 2 },
  { id: 'volunteers', name: 'Volunteer days', hue: 'berry', icon: 'people', rank: 3 },
];

/** Kinds of work, across the lists. */
export const categories: Category[] = [
  { id: 'Fieldwork', name: 'Fieldwork', hue: 'reed', icon: 'leaf', rank: 0 },
  { id: 'Permits', name: 'Permits', hue: 'brook', icon: 'permit', rank: 1 },
  { id: 'Writing', name: 'Writing', hue: 'iris', icon: 'pen', rank: 2 },
];

/** A weekly meeting: weekday (Monday is 0), wall time, minutes. */
export type WeeklyMeeting = {
  day: number;
  at: string;
  minutes: number;
  title: string;
  place?: string;
  /** The room of the call that it is. */
  call?: string;
  free?: boolean;
  /** Who comes, besides oneself. */
  people?: readonly string[];
};

/** Whose office it is. */
export const self = 'Petra Holm';

/** The address that somebody has in the office. */
export const addressOf = (name: string): string => `${name.toLowerCase().replace(/\W+/g, '.')}@trust.example`;

const crew = ['Ines Marchetti', 'Tomas Brandt', 'Bram Okafor'] as const;

export const weekly: WeeklyMeeting[] = [
  {
    day: 0,
    at: '10:00',
    minutes: 60,
    title: 'Team week',
    place: 'Boat house',
    people: [...crew, 'Anouk de Wit'],
  },
  { day: 0, at: '15:00', minutes: 30, title: 'Payroll with Anouk', people: ['Anouk de Wit'] },
  {
    day: 1,
    at: '11:30',
    minutes: 30,
    title: 'Flood forum, agenda',
    place: 'Call',
    call: 'flood-forum',
    people: ['Tomas Brandt', 'Lena Fisk'],
  },
  {
    day: 1,
    at: '14:30',
    minutes: 45,
    title: 'Landowner: Pell Farm',
    place: 'Call',
    call: 'pell-farm',
    people: ['Gil Pell'],
  },
  { day: 2, at: '12:30', minutes: 30, title: 'Lunch talk: eel passes', free: true },
  { day: 2, at: '14:00', minutes: 30, title: 'Ines, one to one', people: ['Ines Marchetti'] },
  {
    day: 3,
    at: '14:00',
    minutes: 60,
    title: 'Funder call',
    place: 'Call',
    people: ['Lena Fisk', 'Anouk de Wit'],
  },
  { day: 3, at: '16:00', minutes: 30, title: 'Board preparation', people: ['Anouk de Wit'] },
  { day: 4, at: '11:00', minutes: 60, title: 'Local press round' },
];

/**
 * A task of the office. `on` is the working day it is planned for, counted from today (−1 is the last one before);
 * `due` likewise; `tray` leaves it without an hour.
 */
export type OfficeTask = {
  title: string;
  list: string;
  estimate: number | null;
  priority?: Priority;
  on?: number;
  tray?: boolean;
  due?: number;
  dueAt?: string;
  notes?: string;
  category?: string;
};

export const officeTasks: OfficeTask[] = [
  { title: 'Upload survey of reach 4', category: 'Fieldwork', list: 'surveys', estimate: 90, on: -5 },
  { title: 'Grant report, outline', category: 'Writing', list: 'grants', estimate: 60, on: -5 },
  { title: 'Answer the parish council', category: 'Permits', list: 'permits', estimate: 30, on: -5 },
  { title: 'Calibrate the flow meter', category: 'Fieldwork', list: 'surveys', estimate: 75, on: -4 },
  { title: 'Letter to the weir owner', category: 'Permits', list: 'permits', estimate: 45, on: -4 },
  { title: 'Budget table for the funder', list: 'grants', estimate: 120, on: -4 },
  { title: 'Book the minibus', list: 'volunteers', estimate: 20, on: -3 },
  {
    title: 'Count of juvenile trout, reach 2',
    category: 'Fieldwork',
    list: 'surveys',
    estimate: 120,
    on: -3,
  },
  { title: 'Photos for the newsletter', list: 'volunteers', estimate: 40, on: -3 },
  { title: 'Risk sheet for the volunteer day', list: 'volunteers', estimate: 60, on: -2 },
  { title: 'Grant report, section 1', category: 'Writing', list: 'grants', estimate: 90, on: -2 },
  { title: 'Map of drainage outfalls', list: 'surveys', estimate: 75, on: -1 },
  { title: 'Site visit notes, Marl Brook', list: 'surveys', estimate: 60, on: -1 },
  { title: 'Reply to the funder', list: 'grants', estimate: 45, on: -1, due: -1 },
  {
    title: 'Check gauge readings',
    category: 'Fieldwork',
    list: 'surveys',
    estimate: 60,
    priority: 'high',
    on: 0,
  },
  {
    title: 'Map of bank repairs',
    category: 'Fieldwork',
    list: 'surveys',
    estimate: 45,
    priority: 'high',
    on: 0,
  },
  {
    title: 'Grant report, section 2',
    category: 'Writing',
    list: 'grants',
    estimate: 90,
    priority: 'urgent',
    on: 0,
    due: 2,
    dueAt: '12:00',
    notes:
      'Figures from the **autumn survey**, then the photo pages.\n\n- [x] eel counts, both years\n- [ ] table of bank repairs\n- [ ] photos of the ladder',
  },
  {
    title: 'Permit letter, weir',
    category: 'Writing',
    list: 'permits',
    estimate: 45,
    priority: 'high',
    on: 0,
    due: 1,
    dueAt: '10:00',
  },
  { title: 'Order waders', list: 'volunteers', estimate: 20, on: 0, tray: true },
  { title: 'Reply to the parish council', list: 'permits', estimate: 10, on: 0, tray: true, due: 0 },
  { title: 'Hearing papers, two copies', list: 'permits', estimate: 30, on: 1, tray: true },
  {
    title: 'Grant report, section 3',
    category: 'Writing',
    list: 'grants',
    estimate: 120,
    priority: 'high',
    on: 1,
    due: 2,
    dueAt: '12:00',
  },
  { title: 'Pack the survey boxes', category: 'Fieldwork', list: 'surveys', estimate: 60, on: 1 },
  { title: 'Read the report through', list: 'grants', estimate: 90, on: 2 },
  { title: 'Sensor log of the weir pool', list: 'surveys', estimate: 60, on: 3 },
  { title: 'Volunteer day: tool list', list: 'volunteers', estimate: 90, priority: 'normal', due: 3 },
  { title: 'Clean up the sensor log', list: 'surveys', estimate: 120 },
  { title: 'Stock count, boat shed', list: 'volunteers', estimate: 45, priority: 'low' },
  { title: 'Newsletter paragraph', category: 'Writing', list: 'volunteers', estimate: 40, due: 6 },
  { title: 'Renew the electrofishing licence', list: 'permits', estimate: 60, priority: 'urgent', due: -2 },
  { title: 'Ask Tomas about gravel prices', list: 'permits', estimate: 15, due: 4 },
  { title: 'Sign the van log', list: 'volunteers', estimate: 10 },
  { title: 'Ring the quarry', list: 'permits', estimate: 15 },
  { title: 'Ideas for the spring planting', list: 'volunteers', estimate: null, priority: 'low' },
];

/** What came up unplanned on past days. */
export const surprises = [
  'Pump broke down',
  'Call from the river warden',
  'Key to the boat shed lost',
  'Walkers reported foam',
];

/** Who is asked to the hearing about the weir. */
export const hearingGuests = [
  { name: 'Ines Marchetti', answer: 'yes' },
  { name: 'Tomas Brandt', answer: 'maybe' },
  { name: 'Anouk de Wit', answer: 'no' },
] as const;

/** What stands in a colleague's calendar; `on` counts working days from today. */
export const colleague = {
  name: 'Ines',
  events: [
    { on: 0, at: '15:30', minutes: 60, title: 'Fish ladder visit' },
    { on: 2, at: '11:30', minutes: 90, title: 'Nursery visit' },
    { on: 3, at: '15:00', minutes: 90, title: 'School group' },
  ],
} as const;

/** What comes again each week, with an hour or into the tray: weekday (Monday is 0). */
export const again = [
  { day: 4, at: '13:30', title: 'Look after the willow cuttings', list: 'volunteers', minutes: 30 },
  { day: 0, at: null, title: 'Post and invoices', list: 'grants', minutes: 20 },
] as const;

/** Small tasks that share one block, two working days from today. */
export const group = {
  title: 'Small things',
  at: '15:00',
  minutes: 60,
  holds: ['Sign the van log', 'Ring the quarry'],
};

/** What the week and the day are meant for. */
export const intended = [
  { text: 'Get the grant report out', span: 'week' },
  { text: 'Nothing new before the hearing', span: 'week' },
  { text: 'Leave on time for once', span: 'day' },
] as const;
