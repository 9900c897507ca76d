import { useWorkspace } from '@/state/workspaceStore';
import { subjectTitle } from '@/core/track/spent';
import { ExportCalendar } from './files/ExportCalendar';
import { Importing } from './files/Importing';
import { ImportInto } from './files/ImportInto';
import { ImportReport } from './files/ImportReport';
import { WorkspaceFileView } from './files/WorkspaceFileView';
import { GoToDay } from './GoToDay';
import { Keys } from './Keys';
import { Lens } from './Lens';
import { Sheet } from './Sheet';
import { belongsInPane, closeSheet, useSheets, type OpenSheet } from './sheets';
import { Intentions } from './tasks/Intentions';
import { FreedTime } from './tasks/FreedTime';
import { Lists } from './tasks/Lists';
import { NewTask } from './tasks/NewTask';
import { PlaceSeveral } from './tasks/PlaceSeveral';
import { PlaceTask } from './tasks/PlaceTask';
import { TaskDetails } from './tasks/TaskDetails';
import { CrowdList } from './time/CrowdList';
import { AddTime } from './time/AddTime';
import { NewEvent } from './time/NewEvent';
import { ScopeQuestion } from './time/ScopeQuestion';
import { SpentList } from './time/SpentList';
import { MeetingDetails } from './time/MeetingDetails';

/** What a sheet is called and what stands in it. */
export function useSheetContent(sheet: OpenSheet) {
  const { tasks, lists } = useWorkspace();
  switch (sheet.kind) {
    case 'newTask':
      return { title: 'New task', content: <NewTask /> };
    case 'task':
      return {
        title: lists.get(tasks.get(sheet.id)?.listId ?? '')?.name ?? 'Task',
        content: <TaskDetails key={sheet.id} id={sheet.id} blockId={sheet.blockId} trayId={sheet.trayId} />,
      };
    case 'place':
      return {
        title: `Place ${tasks.get(sheet.taskId)?.title ?? 'the task'}`,
        content: <PlaceTask taskId={sheet.taskId} blockId={sheet.blockId} trayId={sheet.trayId} />,
      };
    case 'placeSeveral':
      return {
        title: 'Place several tasks',
        content: <PlaceSeveral taskIds={sheet.taskIds} then={sheet.then} />,
      };
    case 'meeting':
      return {
        title: sheet.meeting.title,
        content: <MeetingDetails key={sheet.meeting.id} meeting={sheet.meeting} />,
      };
    case 'time':
      return {
        title: `Time on ${subjectTitle(sheet.subject, tasks)}`,
        content: <AddTime subject={sheet.subject} date={sheet.date} />,
      };
    case 'spent':
      return {
        title: subjectTitle(sheet.subject, tasks),
        content: <SpentList subject={sheet.subject} estimate={null} date={sheet.date} />,
      };
    case 'lists':
      return { title: 'Lists', content: <Lists /> };
    case 'workspaceFile':
      return { title: sheet.name, content: <WorkspaceFileView workspace={sheet.workspace} /> };
    case 'importing':
      return {
        title: `Reading ${sheet.name}`,
        content: <Importing share={sheet.share} cancel={sheet.cancel} />,
      };
    case 'newEvent':
      return { title: 'New', content: <NewEvent from={sheet.from} length={sheet.minutes} /> };
    case 'scope':
      return { title: sheet.title, content: <ScopeQuestion choose={sheet.choose} /> };
    case 'keys':
      return { title: 'Keys', content: <Keys /> };
    case 'intentions':
      return { title: 'Intentions', content: <Intentions date={sheet.date} /> };
    case 'freed':
      return { title: 'Freed time', content: <FreedTime freed={sheet.freed} /> };
    case 'crowd':
      return { title: 'At the same time', content: <CrowdList items={sheet.items} /> };
    case 'lens':
      return { title: 'What the plan shows', content: <Lens /> };
    case 'importInto':
      return {
        title: `Calendar: ${sheet.name}`,
        content: <ImportInto events={sheet.events} choose={sheet.choose} />,
      };
    case 'goToDay':
      return { title: 'Go to a day', content: <GoToDay /> };
    case 'exportCalendar':
      return { title: 'Export as a calendar file', content: <ExportCalendar /> };
    case 'importReport':
      return {
        title: `Calendar: ${sheet.name}`,
        content: <ImportReport report={sheet.report} />,
      };
  }
}

function Shown({ sheet }: { sheet: OpenSheet }) {
  const { title, content } = useSheetContent(sheet);
  return (
    <Sheet title={title} onClose={closeSheet}>
      {content}
    </Sheet>
  );
}

/** The one place where sheets appear. */
export function SheetHost() {
  const { open, hasPane } = useSheets();
  if (!open || (hasPane && belongsInPane(open))) return null;
  return <Shown sheet={open} />;
}
