import { useMemo } from 'react';
import { View } from 'react-native';
import { doneHere, keepHere, takeThere } from '@/actions/outside/answers';
import { askedAbout, differences, type Asked } from '@/core/outside/asked';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import type { Panel, Panels } from '@/ui/panels';
import { Heading, Words } from '@/ui/Words';

/** What was changed both here and in an account, or is gone there: what each side says, and the answers. */
function BothSides() {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const asked = useMemo(() => askedAbout(workspace, zone), [workspace, zone]);
  if (asked.length === 0)
    return <Words tone="soft">Nothing is left to be answered: both sides say the same.</Words>;
  return (
    <View className="gap-6">
      <Words tone="soft">Until you answer, each stays on its side as it is.</Words>
      {asked.map((one) => (
        <View key={one.id} role="group" aria-label={one.title} className="gap-3 border-l-4 border-amber pl-3">
          <Heading level={2}>{one.title}</Heading>
          {one.kind === 'task' ? <GoneTask asked={one} /> : <TwoEvents asked={one} />}
        </View>
      ))}
    </View>
  );
}

function GoneTask({ asked }: { asked: Asked }) {
  const { title, calendar } = asked;
  return (
    <>
      <Words>It is open here, and gone from {calendar}.</Words>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Keep it as my own"
          says={`Keep it as my own: ${title}`}
          kind="primary"
          onPress={() => keepHere(asked)}
        />
        <Button label="It is done" says={`It is done: ${title}`} onPress={() => doneHere(asked)} />
        <Button
          label="Delete it here"
          says={`Delete it here: ${title}`}
          kind="danger"
          onPress={() => takeThere(asked)}
        />
      </View>
    </>
  );
}

function TwoEvents({ asked }: { asked: Asked }) {
  const { title, calendar, here, there } = asked;
  return (
    <>
      {here && there && <Compared asked={asked} />}
      {!there && <Words>You have changed it here, and it was deleted in {calendar}.</Words>}
      {!here && <Words>You have deleted it here, and it was changed in {calendar}.</Words>}
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={here ? 'Send what stands here' : 'Delete it there, too'}
          says={`${here ? 'Send what stands here' : 'Delete it there, too'}: ${title}`}
          onPress={() => keepHere(asked)}
        />
        <Button
          label={there ? 'Take what stands there' : 'Delete it here, too'}
          says={`${there ? 'Take what stands there' : 'Delete it here, too'}: ${title}`}
          onPress={() => takeThere(asked)}
        />
        {here && there && (
          <Button
            label="Keep both"
            says={`Keep both: ${title}`}
            kind="quiet"
            onPress={() => takeThere(asked, true)}
          />
        )}
      </View>
    </>
  );
}

/** In what the two sides differ, one beside the other. */
function Compared({ asked: { here, there, calendar } }: { asked: Asked }) {
  const { zone, today } = useMoment();
  const { settings: style } = useWorkspace();
  if (!here || !there) return null;
  return (
    <View role="list" className="gap-3">
      {differences(here, there, { zone, today, style }).map((row) => (
        <View key={row.what} role="listitem" className="gap-1">
          <Words size="xs" tone="soft">
            {row.what}
          </Words>
          <View className="flex-row flex-wrap gap-x-4 gap-y-1">
            <Side name="Here" says={row.here} />
            <Side name={calendar} says={row.there} />
          </View>
        </View>
      ))}
    </View>
  );
}

const Side = ({ name, says }: { name: string; says: string }) => (
  <View className="min-w-[8rem] flex-1">
    <Words size="xs" tone="soft">
      {name}
    </Words>
    <Words face="strong">{says}</Words>
  </View>
);

export const bothSidesPanel: Panel<Panels['bothSides']> = {
  useTitle: () => 'Here and in your account',
  Content: BothSides,
};

declare module '@/ui/panels' {
  interface Panels {
    /** What was changed both here and in an account. */
    bothSides: object;
  }
}
