import { bringFrameIn } from '@/core/commands/frameList';
import { frameOfEvents } from '@/core/formats/frameEvents';
import { framePicture } from '@/core/formats/framePicture';
import { hueOfZone } from '@/core/frame/looks';
import type { Frame } from '@/core/model/frame';
import { timeWords } from '@/core/time/words';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';
import { colours, hueColours } from '@/ui/tokens';
import { readCalendarFile } from '@/workers/fileReader';
import { download } from './download';
import { NOTHING_CHANGED, watched } from './reading';

/** Makes a frame of what comes each week in a calendar file, and gives its id; says what of the file is no zone. */
export async function bringFrameFromFile(file: File): Promise<string | undefined> {
  const text = await file.text();
  const read = await watched(file, (options) => readCalendarFile(text, here().zone, options));
  if (!read) return undefined;
  const events = read.calendars.flatMap((calendar) => calendar.events);
  const { zones, leftOut } = frameOfEvents(events, here().zone);
  const [why] = leftOut;
  const others = leftOut.length > 1 ? `, and ${leftOut.length - 1} more` : '';
  const out = why === undefined ? '' : ` Left out: ${why}${others}.`;
  if (zones.length === 0) {
    store.say(`${file.name} has nothing that comes every week.${out} ${NOTHING_CHANGED}`, 'problem');
    return undefined;
  }
  const name = read.calendars.find((calendar) => calendar.name)?.name ?? file.name.replace(/\.ics$/i, '');
  const id = newId();
  const words = `Added the frame ${name}, with ${zones.length} ${zones.length === 1 ? 'zone' : 'zones'}.${out}`;
  return store.run(bringFrameIn, { id, name, zones }, words) ? id : undefined;
}

/** A frame as a picture, in the light colours, as it is for paper. */
function pictureOf(frame: Frame): string {
  const workspace = currentWorkspace();
  const { clock, weekStart } = workspace.settings;
  return framePicture(frame.name, frame.zones, {
    ink: colours.ink[0],
    soft: colours['ink-soft'][0],
    line: colours.line[0],
    ground: colours.surface[0],
    colours: (zone) => {
      const { edge, fill } = hueColours[hueOfZone(zone, workspace)];
      return { edge: edge[0], fill: fill[0] };
    },
    hour: (time) => timeWords(time, clock),
    weekStart,
  });
}

/** Hands a frame to the person as a picture. */
export const saveFramePicture = (frame: Frame): void =>
  download(`${frame.name}.svg`, pictureOf(frame), 'image/svg+xml');

/** Prints a frame on a page of its own. */
export function printFrame(frame: Frame): void {
  const paper = document.createElement('iframe');
  paper.hidden = true;
  paper.title = 'Paper';
  paper.srcdoc = `<!doctype html><style>@page { size: A4 landscape; margin: 0 } body { margin: 0 } svg { width: 100vw; height: auto }</style>${pictureOf(frame)}`;
  paper.onload = () => {
    const page = paper.contentWindow;
    if (!page) return;
    page.onafterprint = () => paper.remove();
    page.print();
  };
  document.body.append(paper);
}
