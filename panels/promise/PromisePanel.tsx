import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { copyText } from '@/actions/copyText';
import { add } from '@/actions/tasks';
import { makingRoom } from '@/core/feasible/request';
import type { PromiseTold, Request } from '@/core/forecast/promise';
import {
  answerWords,
  brokenWords,
  earliestWords,
  takesWords,
  wantedWords,
} from '@/core/forecast/promiseWords';
import { bounds } from '@/core/model/bounds';
import { categoriesOf } from '@/core/model/categories';
import { deadlineOf } from '@/core/tasks/deadline';
import { dueText } from '@/core/tasks/dueWords';
import { usualList } from '@/core/tasks/lists';
import type { Due } from '@/core/model/task';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { readDue } from '@/ui/dayReadings';
import { Field, type Reading } from '@/ui/Field';
import { closePanel, type Panel, type Panels } from '@/ui/panels';
import { quoted, readLength, readName } from '@/ui/readings';
import { useWorkedOut } from '@/ui/useWorkedOut';
import { Words } from '@/ui/Words';
import { Mends } from '../parts/Mends';
import { QUARTER, useSince } from '@/ui/useSince';

const readSittings = (typed: string): Reading<number | null> => {
  if (typed.trim() === '') return { value: null };
  const count = Number(typed.trim());
  return Number.isInteger(count) && count > 0 && count <= MOST
    ? { value: count }
    : { problem: `${quoted(typed)} is no number of sittings. Try 1 or 2.` };
};
const MOST = 50;

type Asked = Omit<Request, 'by'> & { readonly due: Due | null };

/** Whether something that is asked for can be taken on: by when, how sure that is, and what would break. */
function CanITakeItOn({ title = '', minutes = 60, due = null }: Panels['promise']) {
  const workspace = useWorkspace();
  const [asked, setAsked] = useState<Asked>({ title, minutes, due, category: null, sittings: null });
  const set = (change: Partial<Asked>) => setAsked({ ...asked, ...change });
  return (
    <View className="gap-4">
      <Field
        label="What is asked for"
        wraps
        text={asked.title}
        read={readName}
        onSave={(to) => set({ title: to })}
        placeholder="A map for the parish"
      />
      <Field
        label="How long it takes, you think"
        text={durationWords(asked.minutes)}
        read={(typed) => readLength(typed, bounds.estimateMinutes)}
        onSave={(to) => set({ minutes: to })}
      />
      <Field
        label="By when it is wanted"
        text={dueText(asked.due, workspace.settings)}
        read={readDue}
        onSave={(to) => set({ due: to })}
        placeholder="fri 14:00"
      />
      <Choice
        label="What kind of work"
        value={asked.category ?? ''}
        onChoose={(to) => set({ category: to === '' ? null : to })}
        options={[
          ...categoriesOf(workspace).map(({ id, name }) => ({ value: id, name })),
          { value: '', name: 'None' },
        ]}
      />
      <Field
        label="In how many sittings at most"
        text={asked.sittings === null ? '' : String(asked.sittings)}
        read={readSittings}
        onSave={(sittings) => set({ sittings })}
        placeholder="as many as you like"
      />
      <Answer asked={asked} />
    </View>
  );
}

function Answer({ asked: { due, ...rest } }: { asked: Asked }) {
  const since = useSince(QUARTER);
  const by = due === null ? null : deadlineOf(due, since.zone);
  const { title, minutes, category, sittings } = rest;
  const input = useMemo(
    () => ({ request: { title, minutes, by, category, sittings }, ...since }),
    [title, minutes, by, category, sittings, since],
  );
  const found = useWorkedOut('promise', JSON.stringify(input.request), input);
  if (!('answer' in found)) return <Words aria-busy>Playing it through…</Words>;
  return <Told told={found.answer} request={input.request} due={due} />;
}

type ToldProps = { told: PromiseTold; request: Request; due: Due | null };

function Told({ told, request, due }: ToldProps) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const words = { workspace, zone, now };
  const answer = answerWords(told, request, words);
  const breaks = told.wanted?.breaks ?? [];
  const { title } = request;
  // tasks count with one's pace anyway where one has chosen so
  const minutes = workspace.settings.pace ? request.minutes : Math.round(told.middle);
  const room = useMemo(
    () => (due ? makingRoom(workspace, { title, minutes, due }, zone, now) : []),
    [workspace, title, minutes, due, zone, now],
  );
  const earliest = told.earliest && { date: told.earliest.date, time: null };
  const take = () => {
    const isAdded = add({
      title: request.title === '' ? 'Something promised' : request.title,
      listId: usualList(workspace).id,
      estimate: request.minutes,
      due: due ?? earliest,
      ...(request.category === null ? {} : { category: request.category }),
    });
    if (isAdded) closePanel();
  };
  return (
    <View className="gap-2" aria-live="polite">
      <Words size="base" face="strong">
        {earliestWords(told, words)}
      </Words>
      {told.wanted && <Words>{wantedWords(told, request, words)}</Words>}
      {breaks.length > 0 && (
        <View className="gap-0.5">
          <Words tone="brick" face="strong">
            As a rule these could not be held:
          </Words>
          {breaks.map((broken) => (
            <Words key={broken.at} size="xs">
              {brokenWords(broken, words)}
            </Words>
          ))}
        </View>
      )}
      <Mends name="Each of these makes room for it" mends={room.filter(({ left }) => left === 0)} />
      <Words size="xs" tone="soft">
        {takesWords(told)}
      </Words>
      <Words className="select-text rounded-lg border border-line bg-surface p-3">{answer}</Words>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Copy the answer" onPress={() => void copyText(answer)} />
        <Button label="Take it on" kind="primary" onPress={take} />
      </View>
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** Whether something can be taken on; what is known of it already. */
    promise: { readonly title?: string; readonly minutes?: number; readonly due?: Due | null };
  }
}

export const promisePanel: Panel<Panels['promise']> = {
  useTitle: () => 'Can I take it on?',
  Content: (asked) => <CanITakeItOn key={`${asked.title} ${asked.minutes}`} {...asked} />,
};
