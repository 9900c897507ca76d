import type { KeyInput, Page } from 'puppeteer-core';
import { writeWorkspaceFile } from '@/core/formats/workspaceFile';
import { emptyWorkspace } from '@/core/model/workspace';
import type { Size } from './browser';
import { chooseFile, fileOf } from './files';
import { focus, press, pressText, pressTool, unfold } from './steps';

const messageFile = () =>
  fileOf(
    'fair.eml',
    'From: Ines Moreau <ines@trust.example>\nSubject: Stall at the fair\n\nThe stall is ours.\n',
  );
const workspaceFile = () => fileOf('empty.json', writeWorkspaceFile(emptyWorkspace));

/** Something that opens, and the way to it from the place where it does. */
type Surface = {
  readonly name: string;
  readonly open: (page: Page, size: Size) => Promise<unknown>;
  readonly only?: Size;
};

const key = (name: KeyInput) => (page: Page) => page.keyboard.press(name);
const pressing =
  (...labels: string[]) =>
  async (page: Page) => {
    for (const label of labels) await press(page, label);
  };
const task = 'Map of bank repairs, 10:30';
const openGoals = async (page: Page, size: Size) => {
  if (size === 'phone') await unfold(page);
  await pressText(page, 'Goals:');
};

/** All places, and what opens from them. */
export const places: readonly { readonly at: string; readonly opens: readonly Surface[] }[] = [
  {
    at: '/plan?view=day',
    opens: [
      { name: 'the quick line', open: key('l') },
      { name: 'finding', open: key('o') },
      { name: 'a new task', open: key('w') },
      { name: 'messages of late', open: key('m') },
      { name: 'the keys', open: key('?') },
      { name: 'something new', open: key('a') },
      { name: 'the lens', open: key('v') },
      { name: 'whether it fits', open: key('b') },
      { name: 'a plan', open: pressing('More for the plan', 'Propose a plan'), only: 'phone' },
      { name: 'the views', open: pressing('View: Day'), only: 'phone' },
      { name: 'a day to go to', open: (page) => pressTool(page, 'Go to a day') },
      { name: 'more for the plan', open: pressing('More for the plan'), only: 'phone' },
      { name: 'the rest of the day', open: key('r') },
      { name: 'the seal', open: (page) => pressTool(page, 'Seal') },
      { name: 'a zone on a day', open: pressing('Zone Fieldwork') },
      { name: 'free time', open: (page) => pressText(page, 'what fits…') },
      { name: 'a meeting', open: pressing('Meeting Flood forum') },
      { name: 'a task', open: pressing(task) },
      { name: 'a place for it', open: pressing(task, 'Place…') },
      { name: 'a later day for it', open: pressing(task, 'Later: Map') },
      { name: 'time added to it', open: pressing(task, 'Add time…') },
      {
        name: 'tasks without an estimate',
        only: 'wide',
        open: (page) => pressText(page, 'without an estimate…'),
      },
      {
        name: 'time spent',
        open: async (page) => {
          await focus(page, '[aria-label^="Check gauge readings, 09:30"]');
          await page.keyboard.press('e');
        },
      },
      {
        name: 'what is left of the week',
        async open(page) {
          await pressTool(page, 'What the plan shows');
          await press(page, 'What is left of the week…');
        },
      },
      {
        name: 'the room of a day',
        open: async (page, size) => {
          if (size === 'phone') {
            await unfold(page);
            return press(page, 'What takes the room');
          }
          await page.click(
            '::-p-xpath((//*[@role="button"][contains(., " of ") and contains(., " planned")])[last()])',
          );
        },
      },
      {
        name: 'intentions',
        async open(page, size) {
          if (size === 'phone') await unfold(page);
          await pressText(page, 'Get the grant report out');
        },
      },
      {
        name: 'places for several',
        only: 'wide',
        async open(page) {
          await pressText(page, 'Choose several');
          for (const card of (await page.$$('[aria-label^="To place: "]')).slice(0, 2)) await card.click();
          await press(page, 'Place them…');
        },
      },
      { name: 'a change to several', only: 'wide', open: pressing('Change…') },
    ],
  },
  {
    at: '/plan?view=week',
    opens: [
      { name: 'the goals of the week', open: openGoals },
      {
        name: 'a goal',
        async open(page, size) {
          await openGoals(page, size);
          await press(page, 'Change… Grant report handed in');
        },
      },
      {
        name: 'a week looked at ahead',
        async open(page, size) {
          await openGoals(page, size);
          await press(page, 'The week, looking ahead…');
        },
      },
      {
        name: 'for which times a change holds',
        async open(page) {
          await focus(page, '[aria-label^="Look after the willow cuttings"]');
          await page.keyboard.press('Delete');
        },
      },
    ],
  },
  {
    at: '/plan?view=month',
    opens: [{ name: 'a day of the month', only: 'phone', open: pressing('Thu 26 Nov') }],
  },
  {
    at: '/tasks',
    opens: [
      { name: 'triage', open: pressing('Go through the inbox') },
      { name: 'what is done with a task', open: pressing('Move Small things') },
      { name: 'lists', open: pressing('Edit lists…') },
      {
        name: 'a message that came in',
        async open(page, size) {
          if (size === 'phone') await press(page, 'My order: order and filter');
          await chooseFile(page, 'Bring tasks in…', messageFile());
        },
      },
      {
        name: 'a change to all of them',
        open: pressing('Choose several', 'All of these', 'Change…'),
      },
      { name: 'a file of them', open: pressing('Take out…') },
      {
        name: 'columns',
        only: 'wide',
        async open(page) {
          await press(page, 'Stop choosing');
          await pressText(page, 'Table');
          await press(page, 'Columns…');
        },
      },
    ],
  },
  {
    at: '/review?span=week&day=2026-11-09',
    opens: [
      { name: 'what is taken out', open: pressing('Take out…') },
      {
        name: 'a category for what has none',
        async open(page) {
          await pressText(page, 'No category');
          await press(page, 'Category… of Crew call, Mon 9 Nov');
        },
      },
    ],
  },
  {
    at: '/settings',
    opens: [
      { name: 'what the words mean', open: pressing('What the words mean…') },
      { name: 'categories', open: pressing('Edit categories…') },
      { name: 'templates', open: pressing('Edit templates…') },
      { name: 'a calendar to subscribe to', open: pressing('Subscribe to a calendar…') },
      { name: 'an account to connect', open: pressing('Connect an account…') },
      { name: 'a mailbox to connect', open: pressing('Connect a mailbox…') },
      { name: 'requests', open: pressing('Requests…') },
      { name: 'people', open: pressing('People…') },
      { name: 'a person', open: pressing('People…', 'Ines Marchetti') },
      { name: 'free times to give', open: pressing('Give free times…') },
      { name: 'a calendar file to be written', open: pressing('Export as a calendar file…') },
      {
        name: 'a calendar for what a file brings',
        open: (page) => chooseFile(page, 'Choose a calendar file', 'fair.ics'),
      },
      {
        name: 'what a file brings',
        async open(page) {
          await chooseFile(page, 'Choose a calendar file', 'fair.ics');
          await pressText(page, 'A calendar of its own');
        },
      },
      {
        name: 'a whole workspace from a file',
        open: (page) => chooseFile(page, 'Open an exported file', workspaceFile()),
      },
    ],
  },
  {
    at: '/frame',
    opens: [
      { name: 'the zones in words', open: pressing('Zones in words…') },
      { name: 'the guided start', open: pressing('Guided start') },
      { name: 'frames', open: pressing('Frames…') },
      { name: 'a zone', open: pressing('Zone Fieldwork') },
      { name: 'a new kind of time', open: pressing('Add a kind…') },
      {
        name: 'targets',
        async open(page, size) {
          if (size === 'phone') await press(page, 'What is left…');
          await press(page, 'Edit targets…');
        },
      },
    ],
  },
  {
    at: '/today',
    opens: [
      { name: 'the note of a day', open: pressing('Day note…') },
      { name: 'the day as text', open: pressing('Day note…', 'The day as text…') },
    ],
  },
  {
    at: '/weekly?day=2026-11-16',
    opens: [
      { name: 'all pages about weeks', open: pressing('All pages…') },
      {
        name: 'the template of the weekly page',
        async open(page) {
          await press(page, 'Go through it again');
          await pressText(page, 'Write');
          await press(page, 'Template…');
        },
      },
    ],
  },
  // nothing that other places do not have, too
  ...'/plan?view=days /plan?view=agenda /review /review?span=quarter /opening /close /estimates /weekly /close?step=record'
    .split(' ')
    .map((at) => ({ at, opens: [] })),
];
