import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { errorLines, forgetErrors } from '@/state/errorLog';
import { askToLast, isLasting } from '@/state/lasting';
import { addressOfSpace, session } from '@/state/session';
import { store, useStore } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { Button } from '@/ui/Button';
import { chooseWorkspaceFile } from '@/actions/files/chooseFile';
import { exportWorkspace, saveDamagedParts, saveErrors } from '@/actions/files/files';
import { Words } from '@/ui/Words';
import { Forget } from './outside/Forget';

/** Where the data lies, how it gets out and in, and what was found damaged. */
export function YourData({ onFreshDemo }: { onFreshDemo: () => void }) {
  const { zone } = useMoment();
  return (
    <>
      <Words tone="soft">
        Everything is kept in this browser only, half a second after each change. Times are shown for{' '}
        {zone.replace('_', ' ')}.
      </Words>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Export everything" onPress={() => void exportWorkspace()} />
        <Button label="Open an exported file…" onPress={chooseWorkspaceFile} />
      </View>
      <Forget />
      <Lasting />
      <SetAside />
      <Errors />
      <Spaces onFreshDemo={onFreshDemo} />
    </>
  );
}

/** Whether the browser may clear the data when room gets short. */
function Lasting() {
  const [lasting, setLasting] = useState<boolean | null>(null);
  const [refused, setRefused] = useState(false);
  useEffect(() => void isLasting().then(setLasting), []);
  if (lasting === null) return null;
  if (lasting) return <Words tone="soft">The browser has promised to keep it.</Words>;
  const ask = () =>
    void askToLast().then((granted) => {
      setLasting(granted);
      setRefused(granted === false);
    });
  return (
    <View className="gap-2">
      <Words tone="soft">
        {refused
          ? 'The browser did not promise it. Browsers do so for sites that are used often or installed; export now and then.'
          : 'The browser may clear it when the device runs out of room.'}
      </Words>
      {!refused && (
        <View className="flex-row">
          <Button label="Ask the browser to keep it" onPress={ask} />
        </View>
      )}
    </View>
  );
}

/** Parts of the stored data that could not be read. */
function SetAside() {
  const parts = useStore(({ setAside }) => setAside);
  if (parts.length === 0) return null;
  return (
    <View className="gap-2 border-l-4 border-brick pl-3">
      <Words>
        Found damaged and set aside: {parts.join(', ')}. Save them as a file before you let them go; what was
        whole in them has been opened.
      </Words>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Save the damaged parts" onPress={() => void saveDamagedParts()} />
        <Button label="Let them go" kind="danger" onPress={() => void store.forgetDamaged()} />
      </View>
    </View>
  );
}

/** What went wrong of late; nothing of it is sent anywhere. */
function Errors() {
  const [lines, setLines] = useState(errorLines);
  const last = lines.at(-1);
  if (!last) return null;
  const forget = () => {
    forgetErrors();
    setLines([]);
  };
  return (
    <View className="gap-2 border-l-4 border-line pl-3">
      <Words>
        {lines.length === 1 ? 'One error was noted' : `${lines.length} errors were noted`}, the last one at{' '}
        {last.place}. They stay in this browser; nothing is sent anywhere.
      </Words>
      <Words size="xs" tone="soft" numberOfLines={2}>
        {last.message}
      </Words>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Save the error log" onPress={saveErrors} />
        <Button label="Clear the error log" kind="quiet" onPress={forget} />
      </View>
    </View>
  );
}

/** The demo data and the person's own never mix: each has its own storage. */
function Spaces({ onFreshDemo }: { onFreshDemo: () => void }) {
  const open = (space: string) => {
    void store.flush().then(() => location.assign(addressOfSpace(space)));
  };
  if (session.space !== 'demo') {
    return (
      <View className="flex-row">
        <Button label="Look at the demo office" onPress={() => open('demo')} />
      </View>
    );
  }
  return (
    <View className="gap-3">
      <Words>
        This is the demo: the small office of a river-restoration trust, with made-up people. Your own data
        lies elsewhere and is untouched.
      </Words>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Open my own data" onPress={() => open('own')} />
        <Button label="Start the demo afresh" onPress={onFreshDemo} />
      </View>
    </View>
  );
}
