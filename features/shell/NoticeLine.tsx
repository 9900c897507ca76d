import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { exportWorkspace } from '@/actions/files/files';
import type { Notice } from '@/state/notices';
import { store, useStore } from '@/state/workspaceStore';
import { Button, IconButton } from '@/ui/Button';
import { webProps } from '@/ui/dom';
import { useSteady } from '@/ui/steady';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';
import { later, useUpdate } from './updates';

/** How long a notice is shown, in milliseconds, anew after it was held; a problem stays until it is closed. */
const SHOWN_FOR = 6000;

/**
 * The latest notice, below all else, so that it covers nothing. Those before it come back when it is closed: problems
 * until they are closed, others while their time lasts.
 */
export function NoticeLine() {
  const notices = useSteady(useStore((state) => state.notices));
  const wide = useWide();
  const latest = notices.at(-1);
  /** The notice that is pointed at, or has the keyboard: none goes meanwhile. */
  const [heldId, setHeld] = useState<number | null>(null);
  const held = latest !== undefined && latest.id === heldId;
  const [hold, letGo] = [() => setHeld(latest?.id ?? null), () => setHeld(null)];
  return (
    <View
      role="status"
      aria-live="polite"
      className={latest ? `border-t border-line bg-ground px-3 py-1.5 ${wide ? 'items-end' : ''}` : ''}
      {...webProps({ onMouseEnter: hold, onMouseLeave: letGo, onFocus: hold, onBlur: letGo })}
    >
      {latest && <Shown notice={latest} waiting={notices.length - 1} />}
      {notices.map(
        (notice) =>
          notice.tone === 'plain' && !held && <Passing key={`passing ${notice.id}`} id={notice.id} />,
      )}
    </View>
  );
}

/** Takes a notice away when its time is over, seen or not. */
function Passing({ id }: { id: number }) {
  useEffect(() => {
    const timer = setTimeout(() => store.hush(id), SHOWN_FOR);
    return () => clearTimeout(timer);
  }, [id]);
  return null;
}

function Shown({ notice, waiting }: { notice: Notice; waiting: number }) {
  const { id, text, tone, step, offer } = notice;
  const problem = tone === 'problem';
  const hush = () => store.hush(id);
  const andThen = (act: () => void) => () => {
    hush();
    act();
  };
  return (
    <View
      className={`w-full max-w-[640px] flex-row items-center gap-2 rounded-lg border bg-surface pl-3.5 pr-1 ${problem ? 'border-brick' : 'border-ink-soft'}`}
    >
      <View className="flex-1 py-1.5">
        <Words tone={problem ? 'brick' : 'ink'}>{text}</Words>
        {waiting > 0 && problem && (
          <Words size="xs" tone="soft">
            {waiting === 1 ? 'One more notice waits.' : `${waiting} more notices wait.`}
          </Words>
        )}
      </View>
      {offer && <Button label={offer.label} kind="quiet" onPress={andThen(offer.press)} />}
      {step && (
        <Button
          label="Undo"
          says={`Undo ${step.label}`}
          kind="quiet"
          onPress={andThen(() => store.undo(step))}
        />
      )}
      <IconButton label="Close this notice" icon="close" onPress={hush} />
    </View>
  );
}

/** Says that nothing is being saved, for as long as it is so. */
export function UnsavedLine() {
  const unsaved = useStore((state) => state.unsaved);
  if (!unsaved) return null;
  return (
    <View role="alert" className="gap-2 border-b border-brick bg-brick-pale px-4 py-2">
      <Words tone="brick" face="strong">
        {unsaved}
      </Words>
      <View className="flex-row">
        <Button label="Export everything now" kind="danger" onPress={() => void exportWorkspace()} />
      </View>
    </View>
  );
}

/** Offers a new version of the program. */
export function UpdateLine() {
  const take = useUpdate((state) => state.take);
  const unsaved = useStore((state) => state.unsaved);
  const wide = useWide();
  // taking it would lose what is not saved, and a device that is full can make an old version look like a new one
  if (!take || unsaved !== null) return null;
  return (
    <View role="status" className="flex-row items-center gap-1 border-b border-line bg-surface px-4">
      <View className="flex-1">
        <Words size="sm" face="strong" numberOfLines={1}>
          {wide ? 'A new version of Sprindle is ready.' : 'New version ready'}
        </Words>
      </View>
      <Button label="Use it now" kind="primary" onPress={take} />
      <Button label="Later" kind="quiet" onPress={later} />
    </View>
  );
}
