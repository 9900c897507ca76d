import { isMessage, openMessages, takeCalendar, takeFile } from './files';

/** One file after the other: what one asks is answered before the next is read. */
async function takeFiles(files: readonly File[]): Promise<void> {
  const messages = files.filter(isMessage);
  for (const file of files) if (!isMessage(file)) await takeFile(file);
  if (messages.length > 0) await openMessages(messages);
}

/** Lets the person choose a file of one kind, for `take`. */
function choose(
  accept: string,
  take: (file: File) => Promise<unknown> = takeFile,
  takeAll?: (files: readonly File[]) => Promise<unknown>,
): void {
  const input = document.createElement('input');
  input.type = 'file';
  input.accept = accept;
  input.hidden = true;
  input.multiple = takeAll !== undefined;
  input.oncancel = () => input.remove();
  input.onchange = () => {
    const files = [...(input.files ?? [])];
    input.remove();
    if (takeAll) void takeAll(files);
    else if (files[0]) void take(files[0]);
  };
  // an input outside the document may be collected before the person has chosen
  document.body.append(input);
  input.click();
}

export const chooseCalendarFile = () => choose('.ics,text/calendar', takeCalendar);

/** Lets the person choose a file of cards, and takes the people in it. */
export const chooseCards = () => choose('.vcf,text/vcard', takeFile);
export const chooseFrameFile = (take: (file: File) => Promise<unknown>) => choose('.ics,text/calendar', take);
export const chooseTaskFiles = () =>
  choose(
    '.csv,.tsv,.md,.txt,.eml,.mbox,text/csv,text/plain,text/markdown,message/rfc822',
    takeFile,
    takeFiles,
  );
/** Lets the person choose any files at all. */
export const chooseFiles = (take: (files: readonly File[]) => Promise<unknown>) => choose('', takeFile, take);
export const chooseWorkspaceFile = () => choose('.json,application/json');

/** Takes files that are dropped anywhere on the window. Returns what ends it. */
export function acceptDroppedFiles(): () => void {
  const over = (event: DragEvent) => event.preventDefault();
  const dropped = (event: DragEvent) => {
    event.preventDefault();
    void takeFiles([...(event.dataTransfer?.files ?? [])]);
  };
  window.addEventListener('dragover', over);
  window.addEventListener('drop', dropped);
  return () => {
    window.removeEventListener('dragover', over);
    window.removeEventListener('drop', dropped);
  };
}
