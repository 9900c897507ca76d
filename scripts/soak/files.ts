import { everyView } from '@/core/check/everyView';
import { importCalendars } from '@/core/commands/importing';
import { NotACalendar, readCalendar } from '@/core/formats/readCalendar';
import { readWorkspaceFile, writeWorkspaceFile } from '@/core/formats/workspaceFile';
import { firstList, workspaceOf } from '@/core/model/workspace';
import { randomFrom } from '@/core/random';
import { strangeFile } from './strangeFile';

/*
 * Reads strange calendar files, brings them in, works out what the screens show, and takes all of it through a workspace
 * file: SOAK of them (a million unless it says otherwise), from the seed SEED on. Ends at the first that throws, or takes
 * longer than any may.
 */

const count = Number(process.env.SOAK ?? 1_000_000);
const first = Number(process.env.SEED ?? 1);
/** Longer than the slowest file takes on a slow machine, and far shorter than what does not come back (ms). */
const LONGEST = 15_000;
const zone = 'Europe/London';
const now = Date.UTC(2026, 10, 24, 11, 20);
const calendar = { id: 'c', name: 'Office', source: 'office.ics', hue: 'reed' as const, kept: [] };

function through(text: string): void {
  const { calendars } = readCalendar(text, zone);
  const imports = calendars.map(({ events, tasks, whole }) => ({ calendar, events, tasks, whole }));
  const workspace = importCalendars.apply(workspaceOf({}), { imports, listId: firstList.id, at: now });
  everyView(workspace, zone, now, ['day']);
  readWorkspaceFile(writeWorkspaceFile(workspace));
}

let slowest = { ms: 0, seed: 0 };
for (let seed = first; seed < first + count; seed += 1) {
  const text = strangeFile(randomFrom(seed));
  const began = performance.now();
  try {
    through(text);
  } catch (error) {
    if (!(error instanceof NotACalendar)) {
      console.error(`SEED=${seed} fails:\n${text}\n`, error);
      process.exit(1);
    }
  }
  const ms = performance.now() - began;
  if (ms > slowest.ms) slowest = { ms, seed };
  if (ms > LONGEST) {
    console.error(`SEED=${seed} takes ${Math.round(ms)} ms:\n${text}`);
    process.exit(1);
  }
  if ((seed - first + 1) % 10_000 === 0)
    console.log(`${seed - first + 1} files, the slowest ${Math.round(slowest.ms)} ms (SEED=${slowest.seed})`);
}
console.log(`${count} files: none threw, the slowest took ${Math.round(slowest.ms)} ms.`);
