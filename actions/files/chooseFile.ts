import { takeFile } from './files';

/** One file after the other: what one asks is answered before the next is read. */
async function takeFiles(files: readonly File[]): Promise<void> {
  for (const file of files) await takeFile(file);
}

/** Lets the person choose a file of one kind, for `take`. */
function choose(accept: string, take: (file: File) => Promise<unknown> = takeFile): void {
  const input = document.createElement('input');
  input.type = 'file';
  input.accept = accept;
  input.hidden = true;
  input.oncancel = () => input.remove();
  input.onchange = () => {
    const [file] = input.files ?? [];
    input.remove();
    if (file) void take(file);
  };
  // an input outside the document may be collected before the person has chosen
  document.body.append(input);
  input.click();
}

export const chooseCalendarFile = () => choose('.ics,text/calendar');
export const chooseFrameFile = (take: (file: File) => Promise<unknown>) => choose('.ics,text/calendar', take);
export const chooseTaskFile = () => choose('.csv,.tsv,.md,.txt,text/csv,text/plain,text/markdown');
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
