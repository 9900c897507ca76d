import { Pressable, ScrollView, View } from 'react-native';
import { hueOfZone } from '@/core/frame/looks';
import type { Kind } from '@/core/frame/kinds';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { CategoryIcon, EdgeMark } from '@/board/marks';
import { Button } from '@/ui/Button';
import { tabStop } from '@/ui/choiceKeys';
import { Icon } from '@/ui/icons';
import { openPanel } from '@/ui/panels';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';
import { useBrushKey } from './mark';

const choose = (key: string | null) => useBrushKey.setState({ key });

/** The kinds of time to paint with, each with its hours a week; the first is no kind, for moving what is there. */
export function KindList({ kinds, frameId }: { kinds: readonly Kind[]; frameId: string }) {
  const wide = useWide();
  const chosen = useBrushKey(({ key }) => key);
  const lines = [
    <Line key="none" isChosen={chosen === null} onChoose={() => choose(null)}>
      <Icon name="grip" size={16} colour="ink-soft" />
      <Words face={chosen === null ? 'strong' : 'text'}>Move and change</Words>
    </Line>,
    ...kinds.map((kind) => <KindLine key={kind.key} kind={kind} isChosen={kind.key === chosen} />),
  ];
  if (!wide)
    return (
      <ScrollView
        horizontal
        tabIndex={-1}
        showsHorizontalScrollIndicator={false}
        className="max-h-[56px] border-t border-line bg-ground"
        contentContainerClassName="items-center pl-2 pr-4"
      >
        <InWords frameId={frameId} />
        <View role="radiogroup" aria-label="Paint with" className="flex-row gap-1">
          {lines}
        </View>
        <AddKind />
      </ScrollView>
    );
  return (
    <View className="gap-2">
      <View role="radiogroup" aria-label="Paint with" className="gap-0.5">
        {lines}
      </View>
      <AddKind />
      <InWords frameId={frameId} />
    </View>
  );
}

const AddKind = () => (
  <Button label="Add a kind…" kind="quiet" icon="add" onPress={() => openPanel({ kind: 'newKind' })} />
);

/** The zones in words, to be added and changed without drawing (WCAG 2.5.7). */
const InWords = ({ frameId }: { frameId: string }) => (
  <Button label="Zones in words…" kind="quiet" onPress={() => openPanel({ kind: 'zones', frameId })} />
);

type LineProps = { isChosen: boolean; onChoose: () => void; hue?: string; children: React.ReactNode };

const Line = ({ isChosen, onChoose, hue = '', children }: LineProps) => (
  <Pressable
    role="radio"
    aria-checked={isChosen}
    tabIndex={tabStop(isChosen, false)}
    onPress={onChoose}
    className={`${hue} min-h-[44px] flex-row flex-wrap content-center items-center gap-x-2.5 rounded-lg border-2 px-2 hover:bg-surface ${isChosen ? 'border-pine bg-surface' : 'border-transparent'}`}
  >
    {children}
  </Pressable>
);

function KindLine({ kind: { key, brush, minutes }, isChosen }: { kind: Kind; isChosen: boolean }) {
  const workspace = useWorkspace();
  const wide = useWide();
  return (
    <Line isChosen={isChosen} onChoose={() => choose(key)} hue={`hue-${hueOfZone(brush, workspace)}`}>
      <View aria-hidden className="h-6 w-6 overflow-hidden bg-fill">
        <EdgeMark />
      </View>
      <CategoryIcon id={brush.category} />
      <View className={wide ? 'min-w-min flex-1' : ''}>
        <Words face={isChosen ? 'strong' : 'text'} numberOfLines={wide ? 2 : 1}>
          {brush.name}
        </Words>
      </View>
      <Words size="xs" tone="soft" face="mono">
        {minutes > 0 ? durationWords(minutes) : '–'}
      </Words>
    </Line>
  );
}
