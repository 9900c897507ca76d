import { openLists } from '@/core/tasks/lists';
import { Pressable, ScrollView, View } from 'react-native';
import type { Id } from '@/core/model/common';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { tabStop } from '@/ui/choiceKeys';
import { Icon, type IconName } from '@/ui/icons';
import { openPanel } from '@/ui/panels';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';

/** Which tasks are shown: all open ones, those of a list, or what waits aside. */
export type Shelf = 'all' | 'inbox' | 'parked' | 'hidden' | { readonly listId: Id };

const asideNames = { inbox: 'Inbox', parked: 'Parked', hidden: 'Hidden until later' } as const;

const isSame = (a: Shelf, b: Shelf) =>
  typeof a === 'object' && typeof b === 'object' ? a.listId === b.listId : a === b;

type Props = {
  value: Shelf;
  onChoose: (shelf: Shelf) => void;
  /** How many wait aside; what has none is not offered. */
  counts: Readonly<Record<keyof typeof asideNames, number>>;
};

/** One list or all together, the inbox, and what is out of the way for now. */
export function ListFilter({ value, onChoose, counts }: Props) {
  const lists = openLists(useWorkspace());
  const aside = (name: keyof typeof asideNames) =>
    counts[name] > 0 || value === name
      ? [{ shelf: name, name: `${asideNames[name]} · ${counts[name]}`, hue: 'slate', icon: undefined }]
      : [];
  const tabs: { shelf: Shelf; name: string; hue: string; icon: IconName | undefined }[] = [
    { shelf: 'all', name: 'All', hue: 'slate', icon: undefined },
    ...aside('inbox'),
    ...lists.map(({ id, name, hue, icon }) => ({ shelf: { listId: id }, name, hue, icon })),
    ...aside('parked'),
    ...aside('hidden'),
  ];
  const wide = useWide();
  const edit = (
    <View className="flex-row flex-wrap">
      {typeof value === 'object' && (
        <Button
          label="Looking ahead…"
          kind="quiet"
          onPress={() => openPanel({ kind: 'outlook', project: { kind: 'list', id: value.listId } })}
        />
      )}
      <Button label="Edit lists…" kind="quiet" onPress={() => openPanel({ kind: 'lists' })} />
    </View>
  );
  const row = (
    <ScrollView
      horizontal
      tabIndex={-1}
      showsHorizontalScrollIndicator={false}
      className="shrink"
      contentContainerClassName="items-center"
    >
      <View role="radiogroup" aria-label="Lists" className="flex-row gap-x-1">
        {tabs.map(({ shelf, name, hue, icon }) => {
          const chosen = isSame(shelf, value);
          return (
            <Pressable
              key={typeof shelf === 'object' ? shelf.listId : shelf}
              role="radio"
              aria-checked={chosen}
              tabIndex={tabStop(chosen)}
              onPress={() => onChoose(shelf)}
              className={`hue-${hue} min-h-[44px] min-w-[44px] flex-row items-center justify-center gap-1.5 border-b-2 px-2.5 ${chosen ? 'border-edge bg-surface' : 'border-transparent hover:border-line'}`}
            >
              {icon && <Icon name={icon} size={16} colour="edge" />}
              <Words face={chosen ? 'strong' : 'text'}>{name}</Words>
            </Pressable>
          );
        })}
      </View>
      {!wide && edit}
    </ScrollView>
  );
  // in sight however many lists there are
  return wide ? (
    <View className="flex-row items-center justify-between">
      {row}
      {edit}
    </View>
  ) : (
    row
  );
}
