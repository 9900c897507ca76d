import { openLists } from '@/core/tasks/lists';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import { decide, removeAll, takeUpTasks } from '@/actions/inbox';
import { inboxKeys } from '@/board/keyGroups';
import { comingMeetings } from '@/core/calendar/layers';
import { likelyMeetings } from '@/core/capture/likelyMeetings';
import { editTask } from '@/core/commands/tasks';
import type { Task } from '@/core/model/task';
import { workingDays } from '@/core/plan/workingDays';
import { dueText, meetingWords } from '@/core/tasks/dueWords';
import { dayMonthWords, durationWords, whenWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { readDue } from '@/ui/dayReadings';
import { elementOf } from '@/ui/dom';
import { useEscape } from '@/ui/escapes';
import { Field } from '@/ui/Field';
import { readEstimate, readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { LookAgain } from '../parts/LookAgain';
import { ListChoice } from '../parts/choices';
import { OneAtATime } from '../parts/OneAtATime';
import { LENGTHS, QuickLengths } from '../parts/QuickLengths';
import { Toggle } from '../parts/Toggle';
import { WithMonth } from '../parts/WithMonth';
import { Days } from '../parts/Days';
import { decisionWords, saidOf, saysNothing, undecided, type Decision } from './decision';
import { Row } from './parts';
import { swiped } from './swiped';

/** How many days ahead a meeting is offered. */
const MEETING_DAYS = 28;
/** How many days are offered. */
const DAYS = 6;

type Props = { task: Task; onDecided: () => void; onLeft: () => void };
type Opened = 'length' | 'due' | 'list' | 'steps' | 'park' | null;

/** One thing of the inbox with large choices; nothing counts before “Next”. */
export function DecisionOn({ task, onDecided, onLeft }: Props) {
  const workspace = useWorkspace();
  const { zone, now, today } = useMoment();
  const [decision, setDecision] = useState<Decision>({ ...undecided, minutes: task.estimate });
  const [opened, setOpened] = useState<Opened>(null);
  const card = useRef<View>(null);
  const below = useRef<View>(null);
  const toCard = () => elementOf(card.current)?.focus();
  const field = useRef<{ focus: () => void } | null>(null);
  const takeHold = useCallback((input: { focus: () => void } | null) => void (field.current = input), []);
  const close = () => {
    setOpened(null);
    toCard();
  };
  useEscape(opened === null ? null : close);
  useEffect(() => {
    const element = opened === null ? null : elementOf(below.current);
    element?.scrollIntoView({ block: 'nearest' });
    if (opened === 'park') element?.querySelector<HTMLElement>('button, [role=button]')?.focus();
  }, [opened]);
  const choose = (part: Partial<Decision>) => setDecision((before) => ({ ...before, ...part }));
  const days = useMemo(() => workingDays(workspace, today, zone, DAYS), [workspace, today, zone]);
  const meetings = useMemo(
    () => likelyMeetings(task.title, comingMeetings(workspace, MEETING_DAYS, zone, now), 2),
    [workspace, task.title, zone, now],
  );
  const words = decisionWords(decision, task, workspace, zone);
  const take = () => {
    if (saysNothing(decision)) return leaveIt();
    if (decide(task, saidOf(decision, task), decision.day, `Decided: ${task.title}`)) onDecided();
  };
  const remove = () => {
    if (removeAll([task.id])) onDecided();
  };
  /** How long it takes is kept, as it is what its card says the next time. */
  const leaveIt = () => {
    if (decision.minutes !== task.estimate) store.run(editTask, { id: task.id, estimate: decision.minutes });
    onLeft();
  };
  const open = (what: Opened) => setOpened(opened === what ? null : what);
  /** By key: what is open already gets the keyboard once more. */
  const goTo = (what: Opened) => {
    if (opened === what) field.current?.focus();
    else setOpened(what);
  };
  const stepDay = (by: number) => {
    const at = decision.day === null ? (by > 0 ? -1 : days.length) : days.indexOf(decision.day);
    choose({ day: days[at + by] ?? null });
  };
  const nextList = () => {
    const lists = openLists(workspace);
    const at = lists.findIndex(({ id }) => id === (decision.listId ?? task.listId));
    choose({ listId: lists[(at + 1) % lists.length]?.id ?? null });
    setOpened('list');
  };
  const [likely] = meetings;
  const { other, due, meeting, file, steps, park, off, leave } = inboxKeys;
  const doings: Readonly<Record<string, () => void>> = {
    [other]: () => goTo('length'),
    [due]: () => goTo('due'),
    ...(likely ? { [meeting]: () => choose({ meeting: likely }) } : {}),
    [file]: nextList,
    [steps]: () => goTo('steps'),
    [park]: () => setOpened('park'),
    [off]: remove,
    [leave]: leaveIt,
    ArrowLeft: () => stepDay(-1),
    ArrowRight: () => stepDay(1),
    Enter: take,
  };
  const doing = (key: string) => {
    const length = LENGTHS[Number(key) - 1];
    return length === undefined ? doings[key] : () => choose({ minutes: length });
  };
  return (
    <View className="gap-4">
      <OneAtATime
        card={card}
        label={`${task.title}. ${words}`}
        doing={doing}
        more={swiped({ right: take, left: leaveIt })}
      >
        <Words size="xs" tone="soft">
          {task.parked
            ? `parked on ${dayMonthWords(dateOf(task.parked.at, zone), workspace.settings)}`
            : `noted ${whenWords(task.createdAt, today, zone, workspace.settings)}`}
        </Words>
        <Words size="lg" face="strong">
          {task.title}
        </Words>
        {task.notes !== '' && <Words numberOfLines={3}>{task.notes}</Words>}
      </OneAtATime>
      <Row label="How long">
        <QuickLengths
          of={task}
          chosen={decision.minutes}
          onChoose={(minutes) => choose({ minutes: decision.minutes === minutes ? null : minutes })}
        />
        <Toggle label="Other" on={opened === 'length'} onPress={() => open('length')} />
      </Row>
      {opened === 'length' && (
        <Field
          label="Length"
          text={decision.minutes === null ? '' : durationWords(decision.minutes)}
          read={readEstimate}
          placeholder="1h30"
          focusFirst
          takeHold={takeHold}
          onSave={(minutes) => choose({ minutes })}
          onEnter={toCard}
        />
      )}
      <Row label="By when">
        {meetings.map((meeting) => (
          <Toggle
            key={meeting.id}
            label={`Before ${meetingWords(meeting, today, zone, workspace.settings)}`}
            on={decision.meeting?.id === meeting.id}
            onPress={() => choose({ meeting: decision.meeting?.id === meeting.id ? null : meeting })}
          />
        ))}
        <Toggle
          label={decision.due ? dueText(decision.due, workspace.settings) : 'A date'}
          on={decision.due !== null}
          onPress={() => open('due')}
        />
      </Row>
      {opened === 'due' && (
        <WithMonth
          of="By when"
          chosen={decision.due?.date ?? today}
          from={today}
          onChoose={(date) => choose({ due: { date, time: null } })}
        >
          <Field
            label="Due"
            text={dueText(decision.due, workspace.settings)}
            read={readDue}
            placeholder="fri 14:00"
            focusFirst
            takeHold={takeHold}
            onSave={(value) => choose({ due: value })}
            onEnter={toCard}
          />
        </WithMonth>
      )}
      <Days days={days} chosen={decision.day} onChoose={(day) => choose({ day })} />
      <View className="flex-row flex-wrap gap-2">
        <Toggle wide label="File into a list" on={opened === 'list'} onPress={() => open('list')} />
        <Toggle wide label="Break down" on={opened === 'steps'} onPress={() => open('steps')} />
        {task.parked ? (
          <Toggle
            wide
            label="Take it up"
            onPress={() => {
              if (takeUpTasks([task.id])) onDecided();
            }}
          />
        ) : (
          <Toggle wide label="Park" on={opened === 'park'} onPress={() => open('park')} />
        )}
        <Toggle wide label="Delete" onPress={remove} />
      </View>
      <View ref={below} className="scroll-mb-[136px]">
        {opened === 'list' && (
          <ListChoice value={decision.listId ?? task.listId} onChoose={(listId) => choose({ listId })} />
        )}
        {opened === 'steps' && (
          <Field
            label="Steps, one a line"
            text={decision.steps}
            read={(typed) => ({ value: typed })}
            onSave={(typed) => choose({ steps: typed })}
            multiline
            focusFirst
            takeHold={takeHold}
          />
        )}
        {opened === 'park' && <LookAgain ids={[task.id]} onDone={onDecided} />}
      </View>
      <Field
        label="Reword it"
        wraps
        text={task.title}
        read={readTitle}
        onSave={(title) => store.run(editTask, { id: task.id, title })}
      />
      <View className="foot sticky bottom-0 -mx-4 gap-2 border-t border-line bg-ground px-4 py-3">
        <Words tone="soft" aria-live="polite">
          {words}
        </Words>
        <View className="flex-row gap-2">
          <Button label="Leave it" says={`Leave it: ${task.title}`} onPress={leaveIt} />
          <Button label="Next" says={`Next: ${words}`} kind="primary" grow onPress={take} />
        </View>
      </View>
    </View>
  );
}
