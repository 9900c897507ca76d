import { changeSettings } from '@/core/commands/calendar';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Notes } from '@/panels/parts/Notes';
import { Words } from '@/ui/Words';

/** What a page about a week begins with; pages that are written already stay as they are. */
export function WeekTemplate() {
  const { routines } = useWorkspace().settings;
  return (
    <>
      <Words tone="soft">
        A page that is not written yet begins with this. What is left of it unchanged is not kept.
      </Words>
      <Notes
        label="Template"
        begun
        text={routines.weekTemplate}
        onSave={(weekTemplate) => store.run(changeSettings, { routines: { ...routines, weekTemplate } })}
      />
    </>
  );
}
