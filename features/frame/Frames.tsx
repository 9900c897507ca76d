import { useState } from 'react';
import { View } from 'react-native';
import { chooseFrameFile } from '@/actions/files/chooseFile';
import { bringFrameFromFile, printFrame, saveFramePicture } from '@/actions/files/files';
import { addFrame, renameFrame } from '@/core/commands/frameList';
import { deleteFrame, endHold, holdFrame } from '@/core/commands/frames';
import { framesOf, givesWay } from '@/core/frame/holding';
import type { Frame, FrameHold } from '@/core/model/frame';
import type { Settings } from '@/core/model/settings';
import { weekOf } from '@/core/time/week';
import { dayMonthWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { Button, IconButton } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { Field } from '@/ui/Field';
import { readDay } from '@/ui/dayReadings';
import { readTitle } from '@/ui/readings';
import { Part } from '@/ui/Screen';
import { Words } from '@/ui/Words';
import { HoldRow, WEEKS } from './HoldRow';
import { useFrame } from './useFrame';

/** All frames: rename, copy, delete, and in which weeks each holds. */
export function Frames() {
  const workspace = useWorkspace();
  const { week, frame: shown, onFrame } = useFrame();
  const frames = framesOf(workspace);
  const add = (name: string, copyOf?: string) => {
    const id = newId();
    const input = { id, name, ...(copyOf === undefined ? {} : { copyOf }) };
    const refused = store.tryTo(addFrame, input, `Added the frame ${name}`);
    if (refused === undefined) onFrame(id);
    return refused;
  };
  return (
    <View className="gap-5">
      {frames.map((frame) => (
        <View key={frame.id} className="flex-row items-end gap-1">
          <View className="flex-1">
            <Field
              label={`Frame ${frame.name}`}
              hideLabel
              text={frame.name}
              read={readTitle}
              onSave={(name) => store.tryTo(renameFrame, { id: frame.id, name })}
            />
          </View>
          <Button
            label="Copy"
            says={`Copy ${frame.name}`}
            kind="quiet"
            onPress={() => void add(`${frame.name}, copy`, frame.id)}
          />
          <IconButton
            label={`Delete ${frame.name}`}
            icon="remove"
            onPress={() => store.run(deleteFrame, { id: frame.id, week }, `Deleted the frame ${frame.name}`)}
          />
        </View>
      ))}
      <Field
        label="New frame"
        text=""
        adding
        read={readTitle}
        placeholder="Winter"
        onSave={(name) => add(name)}
      />
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="From a calendar file…"
          onPress={() =>
            chooseFrameFile(async (file) => {
              const id = await bringFrameFromFile(file);
              if (id) onFrame(id);
            })
          }
        />
        {shown && (
          <>
            <Button label={`Picture of ${shown.name}`} onPress={() => void saveFramePicture(shown)} />
            <Button label={`Print ${shown.name}…`} onPress={() => void printFrame(shown)} />
          </>
        )}
      </View>
      <Words size="xs" tone="soft">
        What comes every week in the file becomes a zone. Frames go out as a calendar file from Settings.
      </Words>
      <Part title="In which weeks">
        <HoldRow week={week} shown={shown?.id ?? ''} />
        <Holds frames={frames} week={week} />
        {frames.length > 1 && <SayHold frames={frames} week={week} />}
      </Part>
    </View>
  );
}

/** In which weeks a frame holds, in words. */
function holdWords({ from, until, how, every }: FrameHold, settings: Settings): string {
  const first = dayMonthWords(weekOf(from, settings.weekStart), settings);
  const end = until === null ? '' : `, until ${dayMonthWords(weekOf(until, settings.weekStart), settings)}`;
  if (how === 'once') return `only in the week of ${first}`;
  return how === 'on' ? `from ${first} on${end}` : `every ${every} weeks from ${first} on${end}`;
}

/** What is said of the weeks that have not ended. */
function Holds({ frames, week }: { frames: readonly Frame[]; week: string }) {
  const workspace = useWorkspace();
  const { frameHolds, settings } = workspace;
  const current = frameHolds
    .values()
    .filter(
      ({ until, how, from }) =>
        (until === null || until > week) && (how !== 'once' || weekOf(from, settings.weekStart) >= week),
    )
    .sort((a, b) => a.from.localeCompare(b.from));
  return (
    <View className="gap-1">
      <Words tone="soft">{frames[0]?.name} applies unless another frame is set.</Words>
      {current.map((hold) => {
        const name = frames.find(({ id }) => id === hold.frameId)?.name ?? 'A frame';
        const words = holdWords(hold, settings);
        const gives = givesWay(workspace, hold, week, WEEKS);
        return (
          <View key={hold.id} className="flex-row items-center justify-between">
            <View className="flex-1">
              <Words>
                <Words face="strong">{name}</Words> {words}
              </Words>
              {gives && (
                <Words size="xs" tone="soft">
                  In the week of {dayMonthWords(gives.week, settings)} {gives.to.name} holds instead.
                </Words>
              )}
            </View>
            <IconButton
              label={`Take back: ${name} ${words}`}
              icon="close"
              onPress={() => store.run(endHold, { id: hold.id, week }, `${name} no longer holds ${words}`)}
            />
          </View>
        );
      })}
    </View>
  );
}

/** Says of a frame in which weeks it holds. */
function SayHold({ frames, week }: { frames: readonly Frame[]; week: string }) {
  const { settings } = useWorkspace();
  const { today } = useMoment();
  const [frameId, setFrame] = useState(frames.at(-1)?.id ?? '');
  const [how, setHow] = useState<'on' | 'once' | '2' | '4'>('on');
  const name = frames.find(({ id }) => id === frameId)?.name ?? '';
  const say = (date: string) => {
    const from = weekOf(date, settings.weekStart);
    const every = how === '2' ? 2 : 4;
    const hold = {
      id: newId(),
      frameId,
      from,
      week,
      how: how === 'on' || how === 'once' ? how : 'every',
      every,
    } as const;
    const words = holdWords({ ...hold, until: null }, settings);
    return store.tryTo(holdFrame, hold, `${name} holds ${words}`);
  };
  return (
    <View className="gap-3 border-t border-line pt-3">
      <Choice
        label="The frame"
        value={frameId}
        onChoose={setFrame}
        options={frames.map(({ id, name: called }) => ({ value: id, name: called }))}
      />
      <Choice
        label="holds"
        value={how}
        onChoose={setHow}
        options={[
          { value: 'on', name: 'from a week on' },
          { value: 'once', name: 'in one week' },
          { value: '2', name: 'every 2 weeks' },
          { value: '4', name: 'every 4 weeks' },
        ]}
      />
      <Field
        label="The week of"
        text=""
        adding
        placeholder={`${dayMonthWords(today, settings)}, next monday`}
        read={readDay}
        onSave={({ date }) => say(date)}
      />
      <Words size="xs" tone="soft">
        Type any day of the week and press Enter.
      </Words>
    </View>
  );
}
