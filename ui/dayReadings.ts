import { readMoment } from '@/core/capture/readMoment';
import type { Due } from '@/core/model/task';
import { dateWords } from '@/core/time/words';
import { dayOf, instantOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { currentWorkspace } from '@/state/workspaceStore';
import type { Reading } from './Field';
import { quoted } from './readings';

/*
 * Typed days, apart from the other readings, as the reader of plain language is large and the first screen needs none.
 */

export const readDay = (typed: string): Reading<Due> => {
  const { zone, now } = here();
  const moment = readMoment(typed, now, zone, currentWorkspace().settings.dates);
  return moment
    ? { value: moment }
    : { problem: `${quoted(typed)} is no day. Try fri, tomorrow 14:00 or 27 Nov.` };
};

export const readDue = (typed: string): Reading<Due | null> => {
  if (typed.trim() === '') return { value: null };
  const reading = readDay(typed);
  const { zone, now } = here();
  if ('problem' in reading) return reading;
  const { date, time } = reading.value;
  const passed = (time ? instantOf(`${date}T${time}`, zone) : dayOf(date, zone).to) <= now;
  if (!passed) return reading;
  return {
    problem: `${dateWords(date, currentWorkspace().settings)}${time ? ` ${time}` : ''} has passed. A task can be due from now on.`,
  };
};
