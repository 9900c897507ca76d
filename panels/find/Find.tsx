import { useRouter } from 'expo-router';
import { useEffect, useEffectEvent, useState } from 'react';
import { Pressable, TextInput, View } from 'react-native';
import { cardId } from '@/board/drag/drop';
import { TickBox } from '@/board/taskParts';
import { whereIs, type Found } from '@/core/find/where';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { webProps } from '@/ui/dom';
import { goToThing } from '@/ui/focusBack';
import { Icon } from '@/ui/icons';
import { closePanel, openPanel, type Panel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { aside } from '@/workers/mirror';
import { foundWords } from './foundWords';

const MOST = 40;

/** What the arrows go through. */
const STOPS = 'input, [role=listitem] [role=button], [role=listitem] button';

/** What was found for the words that are typed; the last answer stays until the next one is there. */
function useFound(typed: string): { readonly found: readonly Found[]; readonly of: string } {
  const workspace = useWorkspace();
  const moment = useMoment();
  const [hits, setHits] = useState<{ ids: readonly string[]; of: string }>({ ids: [], of: '' });
  useEffect(() => {
    const outdated = new AbortController();
    void aside('search', workspace, { typed, most: MOST }, outdated).then((found) => {
      if (found) setHits({ ids: found.map(({ id }) => id), of: typed });
    });
    return () => outdated.abort();
  }, [workspace, typed]);
  return { found: hits.ids.flatMap((id) => whereIs(workspace, id, moment)), of: hits.of };
}

/** Looks through titles, notes, steps, events and intentions; what is opened is shown where it lies in the plan. */
function Find() {
  const router = useRouter();
  const [typed, setTyped] = useState('');
  const { found, of } = useFound(typed);
  const open = (thing: Found) => {
    closePanel();
    if (thing.kind === 'week') return router.navigate({ pathname: '/weekly', params: { day: thing.date } });
    if (thing.date !== null) router.navigate({ pathname: '/plan', params: { day: thing.date, view: 'day' } });
    if (thing.kind === 'event') {
      goToThing(cardId(thing.event.id));
      openPanel({ kind: 'meeting', meeting: thing.event });
    }
    if (thing.kind === 'goal') openPanel({ kind: 'goal', id: thing.id, date: thing.date });
    if (thing.kind === 'note') openPanel({ kind: 'dayNote', date: thing.date });
    if (thing.kind !== 'task') return;
    const { task, blockId, trayId } = thing;
    goToThing(cardId(blockId ?? trayId ?? task.id));
    openPanel({ kind: 'task', id: task.id, ...(blockId ? { blockId } : {}), ...(trayId ? { trayId } : {}) });
  };
  /** The arrows go from the field through what was found, and back. */
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    if (!(event.currentTarget instanceof HTMLElement)) return;
    const stops = [...event.currentTarget.querySelectorAll<HTMLElement>(STOPS)];
    const at = stops.findIndex((stop) => stop === document.activeElement);
    const next = stops[at + (event.key === 'ArrowDown' ? 1 : -1)];
    if (!next) return;
    event.preventDefault();
    next.focus();
  };
  const [first] = found;
  /** Enter opens the first of what is typed, also when it was pressed before that was found. */
  const [entered, setEntered] = useState<string>();
  const openFirst = useEffectEvent(() => first && open(first));
  useEffect(() => {
    if (entered === typed && of === typed) openFirst();
  }, [entered, of, typed]);
  return (
    <View {...webProps({ onKeyDown })} className="gap-3">
      <TextInput
        // submitBehavior is not known to React Native for Web
        blurOnSubmit={false}
        autoFocus
        aria-label="Find"
        placeholder="A word of a title, a note, a step, a meeting"
        placeholderTextColor="var(--ink-soft)"
        value={typed}
        onChangeText={setTyped}
        onSubmitEditing={() => setEntered(typed)}
        className="min-h-[44px] rounded-lg border border-ink-soft bg-surface px-3 font-text text-base text-ink"
      />
      <Words size="xs" tone="soft" aria-live="polite">
        {aboutWords(typed, of, found.length)}
      </Words>
      <View role="list" aria-label="Found">
        {found.map((thing) => (
          <Row key={`${thing.kind} ${thing.id}`} thing={thing} onOpen={() => open(thing)} />
        ))}
      </View>
    </View>
  );
}

/** What stands below the field. */
function aboutWords(typed: string, of: string, count: number): string {
  if (typed.trim() === '') return 'Small slips are fine. Enter opens the first, the arrows go through them.';
  if (of !== typed) return 'Looking…';
  if (count === MOST) return `The best ${MOST}`;
  return ['Nothing has these words.', 'One thing'][count] ?? `${count} things`;
}

type RowProps = { thing: Found; onOpen: () => void };

/** One thing that was found: what it is called, what it is and where it lies. */
function Row({ thing, onOpen }: RowProps) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  return (
    <View role="listitem" className="flex-row items-center gap-1 border-b border-line">
      {thing.kind === 'task' ? (
        <TickBox task={thing.task} />
      ) : (
        <View className="h-[44px] w-[44px] items-center justify-center">
          <Icon name={thing.kind === 'event' ? 'calendar' : 'pen'} size={18} colour="ink-soft" />
        </View>
      )}
      <Pressable
        role="button"
        onPress={onOpen}
        className="min-h-[52px] flex-1 justify-center hover:bg-sunken"
      >
        <Words face="strong" numberOfLines={2}>
          {thing.title}
        </Words>
        <Words size="xs" tone="soft">
          {foundWords(thing, workspace, zone)}
        </Words>
      </Pressable>
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    find: object;
  }
}

export const find: Panel<Panels['find']> = { useTitle: () => 'Find', Content: Find };
