import { View } from 'react-native';
import { useDropArea } from '@/board/drag/areas';
import { useDrag, type FileTarget } from '@/board/drag/dragStore';
import { aimsAtFile, filesOf } from '@/board/drag/files';
import { EdgeMark } from '@/board/marks';
import { useWorkspace } from '@/state/shown';
import { Words } from '@/ui/Words';

const names = { lists: 'Into a list', categories: 'Into a category' } as const;

/** The lists and categories, over the end of the tasks to place for as long as one of them is dragged. */
export function FileInto() {
  const dragging = useDrag(({ dragged, by }) => dragged?.kind === 'task' && by === 'pointer');
  const workspace = useWorkspace();
  if (!dragging) return null;
  const all = filesOf(workspace);
  return (
    <View className="absolute inset-x-0 bottom-0 gap-1 border-t border-line bg-ground px-4 py-3">
      {(['lists', 'categories'] as const).map((into) => (
        <View key={into} role="group" aria-label={names[into]} className="gap-1">
          <Words size="xs" tone="soft">
            {names[into]}
          </Words>
          <View className="flex-row flex-wrap gap-1.5">
            {all
              .filter((target) => target.into === into)
              .map((target) => (
                <Place key={target.id} target={target} />
              ))}
          </View>
        </View>
      ))}
    </View>
  );
}

function Place({ target }: { target: FileTarget }) {
  const { attach } = useDropArea(target);
  const aimed = useDrag((state) => aimsAtFile(state.target, target));
  const file = useWorkspace()[target.into].get(target.id);
  return (
    <View
      ref={attach}
      className={`hue-${file?.hue ?? 'slate'} min-h-[44px] min-w-[46%] flex-1 justify-center overflow-hidden rounded-r-lg border border-dashed pl-3 pr-2 ${aimed ? 'border-pine bg-surface' : 'border-ink-soft bg-sunken'}`}
    >
      <EdgeMark />
      <Words face={aimed ? 'strong' : 'text'} numberOfLines={1}>
        {file?.name}
      </Words>
    </View>
  );
}
