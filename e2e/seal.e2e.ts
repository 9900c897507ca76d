import assert from 'node:assert/strict';
import { mkdtempSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { isAccessible } from './axe';
import { chooseFile } from './files';
import { scene } from './scene';
import {
  go,
  press,
  pressTool,
  pressText,
  keys,
  sees,
  isGone,
  boxOf,
  labels,
  tabTo,
  eventually,
  focus,
  isAt,
} from './steps';

/** A calendar file with one meeting, on the Wednesday of the week after the present one. */
const fileWith = (title: string) => {
  const file = path.join(mkdtempSync(path.join(os.tmpdir(), 'sprindle-late-')), 'council.ics');
  const lines = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Council//EN',
    'BEGIN:VEVENT',
    'UID:late-1',
    'DTSTAMP:20261124T100000Z',
    'DTSTART:20261202T100000Z',
    'DTEND:20261202T110000Z',
    `SUMMARY:${title}`,
    'END:VEVENT',
    'END:VCALENDAR',
  ];
  writeFileSync(file, lines.join('\r\n'));
  return file;
};

scene(
  'by keyboard: the next week is sealed; what is moved since is marked, counted and put back; the seal comes off',
  { at: '/plan?view=week' },
  async ({ page }) => {
    await boxOf(page, 'Sealed: +1 h 45, 2 added, 1 to answer');
    await press(page, 'Later');
    await tabTo(page, 'Seal the week…');
    await keys(page, 'Enter');
    await sees(page, 'the frame “Field season”');
    await isAccessible(page, 'a week to seal');
    await press(page, 'Seal this week');
    await boxOf(page, 'Sealed: nothing has changed');
    await press(page, 'Earlier');
    await isAt(page, 'Plan: Week, 23');
    await press(page, 'Sealed: ');
    await sees(page, 'Sensor log of the weir pool');
    await boxOf(page, 'Grant report, section 3, 14:30');
    await focus(page, '[aria-label^="Grant report, section 3, 14:30"]');
    await keys(page, 'Delete');
    await sees(page, 'Dropped');
    await press(page, 'Put back Grant report, section 3');
    await isGone(page, 'Put back Grant report, section 3');
    await boxOf(page, 'Grant report, section 3, 14:30');
    await press(page, 'Take the seal off');
    await boxOf(page, 'Seal the week…');
    await sees(page, 'Sealed Fri 20 Nov, 16:40, taken off Tue 24 Nov, 11:20');
    await press(page, 'Undo take off the seal');
    await boxOf(page, 'Sealed: +1 h 45, 2 added');
  },
);

scene(
  'a meeting that an imported file brings into a sealed week waits for an answer, and can be put off with times to send',
  { size: 'phone', at: '/plan?view=day&day=2026-12-02' },
  async ({ page }) => {
    await pressTool(page, 'Seal the week…');
    await press(page, 'Seal this week');
    await isGone(page, 'Seal this week');
    await go(page, '/settings');
    await chooseFile(page, 'Choose a calendar file', fileWith('Flood walk with the council'));
    await press(page, 'A calendar of its own');
    await press(page, 'One meeting waits for an answer, as the week is sealed');
    await isAccessible(page, 'a late meeting');
    await press(page, 'Not this week… Flood walk');
    await sees(page, 'I have time for it here (Europe/London):');
    await press(page, 'Accept after all: Flood walk');
    await isGone(page, 'Accept after all');
    await go(page, '/plan?view=day&day=2026-12-02');
    await pressTool(page, 'Sealed: +1 h, 1 added');
    await sees(page, 'New since the seal');
    await keys(page, 'Escape');
    await eventually(async () =>
      assert.ok(
        (await labels(page)).some((label) => /^Meeting Flood walk.+new since the seal$/.test(label)),
        'it is marked where it stands',
      ),
    );
  },
);

scene(
  'the ledger compares with the plan as it is, or as it was sealed',
  { at: '/plan?view=day&day=2026-11-23' },
  async ({ page }) => {
    await boxOf(page, 'Map of drainage outfalls');
    await focus(page, '[aria-label^="Map of drainage outfalls"]');
    await keys(page, 'Delete');
    await go(page, '/review?day=2026-11-23');
    await boxOf(page, 'planned: 3 h 45');
    await pressText(page, 'The sealed plan');
    await boxOf(page, 'planned: 5 h');
    await isAccessible(page, 'the ledger of a sealed day');
  },
);
