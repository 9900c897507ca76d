import { View } from 'react-native';
import { changeSettings } from '@/core/commands/calendar';
import { columnIds, columnMoved, columnOf, knownColumns, type ColumnId } from '@/core/table/columns';
import { useWorkspace } from '@/state/shown';
import { currentWorkspace, store } from '@/state/workspaceStore';
import { IconButton } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import type { Panel, Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** Which columns the table of tasks has, and in which order. */
function Columns() {
  const shown = knownColumns(useWorkspace().settings.tasks.columns);
  // from what stands, as what is drawn may be a step behind two quick presses
  const keep = (change: (stand: readonly ColumnId[]) => readonly ColumnId[]) => {
    const { tasks } = currentWorkspace().settings;
    store.run(changeSettings, { tasks: { ...tasks, columns: [...change(knownColumns(tasks.columns))] } });
  };
  const toggle = (id: ColumnId) =>
    keep((stand) => (stand.includes(id) ? stand.filter((one) => one !== id) : [...stand, id]));
  return (
    <View className="gap-1">
      <Words tone="soft">The title leads. Those that are ticked follow it from left to right.</Words>
      {[...shown.slice(1), ...columnIds.filter((id) => !shown.includes(id))].map((id) => {
        const at = shown.indexOf(id);
        const { name } = columnOf(id);
        return (
          <View key={id} className="flex-row items-center border-b border-line">
            <View className="flex-1">
              <CheckBox label={name} checked={at >= 0} onToggle={() => toggle(id)} />
            </View>
            {at > 1 && (
              <IconButton
                label={`${name}: further to the left`}
                icon="up"
                onPress={() => keep((stand) => columnMoved(stand, id, stand.indexOf(id) - 1))}
              />
            )}
            {at >= 1 && at < shown.length - 1 && (
              <IconButton
                label={`${name}: further to the right`}
                icon="down"
                onPress={() => keep((stand) => columnMoved(stand, id, stand.indexOf(id) + 1))}
              />
            )}
          </View>
        );
      })}
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    columns: object;
  }
}

export const columns: Panel<Panels['columns']> = { useTitle: () => 'Columns', Content: Columns };
