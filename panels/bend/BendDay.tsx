import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { bendAs } from '@/actions/bend';
import { Findings } from '@/board/Findings';
import type { Id } from '@/core/model/common';
import type { Block } from '@/core/model/plan';
import { minutesLate } from '@/core/plan/bend/late';
import { proposeBend, type Proposed } from '@/core/plan/bend/proposal';
import type { Bend } from '@/core/plan/bend/reflow';
import { shiftWords, summaryWords } from '@/core/plan/bend/words';
import { dayPlan } from '@/core/plan/dayPlan';
import { quarterFrom } from '@/core/plan/placing';
import { blockOf, taskOf } from '@/core/tasks/places';
import { clockWords, dayWords, durationWords } from '@/core/time/words';
import { MINUTE } from '@/core/time/span';
import { dayOf, instantOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { Field } from '@/ui/Field';
import { Foot } from '@/ui/Foot';
import { readClock, readLength } from '@/ui/readings';
import { closePanel, type Panel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { BendStrip } from './BendStrip';

/** How the rest of a day moves along: drawn and listed, changed block by block, before it counts. */
function Bending({ date, bend: asked }: Panels['bend']) {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const [bend, setBend] = useState<Bend>(asked);
  const [held, setHeld] = useState<ReadonlySet<Id>>(new Set());
  const proposal = useMemo(
    () => proposeBend(workspace, { date, zone, now, bend, held }),
    [workspace, date, zone, now, bend, held],
  );
  const room = bend.kind === 'room' ? { from: bend.at, to: bend.at + bend.minutes * MINUTE } : undefined;
  const late = date === today ? minutesLate(workspace, zone, now) : 0;
  const toggle = (id: Id) => {
    const others = new Set(held);
    if (!others.delete(id)) others.add(id);
    setHeld(others);
  };
  const stays = [...held].flatMap((id) => blockOf(workspace, id) ?? []);
  const rows: readonly Row[] = [
    ...proposal.moved.map((place) => ({ block: place.block, place, isOver: false })),
    ...proposal.over.map(({ block, place }) => ({ block, place, isOver: true })),
    ...stays.map((block) => ({ block, place: null, isOver: false })),
  ].sort((a, b) => a.block.start - b.block.start);
  const changes = proposal.moved.length + proposal.over.filter(({ place }) => place).length;
  return (
    <View className="gap-3">
      <View aria-live="polite">
        {late > 0 && <Words face="strong">{durationWords(late)} late.</Words>}
        <Words>{summaryWords(proposal)}</Words>
      </View>
      {asked.kind !== 'extend' && asked.kind !== 'swap' && <How bend={bend} date={date} onChange={setBend} />}
      {(rows.length > 0 || proposal.kept.length > 0) && (
        <BendStrip date={date} proposal={proposal} room={room} />
      )}
      {rows.length > 0 && (
        <View role="list" aria-label="What moves">
          {rows.map((row) => (
            <BendRow
              key={row.block.id}
              row={row}
              date={date}
              held={held.has(row.block.id)}
              onToggle={() => toggle(row.block.id)}
            />
          ))}
        </View>
      )}
      <Foot>
        <Button
          label={changes === 1 ? 'Move it' : 'Move them'}
          kind="primary"
          disabled={changes === 0}
          onPress={() => {
            if (bendAs(proposal)) closePanel();
          }}
        />
        <Button label="Leave it as it is" kind="quiet" onPress={closePanel} />
      </Foot>
    </View>
  );
}

type HowProps = { bend: Bend; date: string; onChange: (bend: Bend) => void };

/** So much is kept free unless something else is said, in minutes. */
const USUAL_ROOM = 30;

/** Whether only what must moves, the gaps close, or some time is kept free. */
function How({ bend, date, onChange }: HowProps) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const { clock } = workspace.settings;
  const room = (): Bend => {
    const { from } = dayOf(date, zone);
    const [working] = dayPlan(workspace, date, zone).working;
    const at = Math.max(quarterFrom(now), working?.from ?? from);
    return { kind: 'room', at, minutes: USUAL_ROOM };
  };
  return (
    <View className="gap-2">
      <Choice
        label="How it moves"
        hideLabel
        value={bend.kind}
        onChoose={(kind) => onChange(kind === 'late' || kind === 'pullUp' ? { kind } : room())}
        options={[
          { value: 'late', name: 'Only what must' },
          { value: 'pullUp', name: 'Close the gaps' },
          { value: 'room', name: 'Make room' },
        ]}
      />
      {bend.kind === 'room' && (
        <View className="flex-row gap-3">
          <View className="flex-1">
            <Field
              label="Free from"
              text={clockWords(bend.at, zone, clock)}
              read={readClock}
              onSave={(time) => onChange({ ...bend, at: instantOf(`${date}T${time}`, zone) })}
            />
          </View>
          <View className="flex-1">
            <Field
              label="For"
              text={durationWords(bend.minutes)}
              read={(typed) => readLength(typed, LONGEST_ROOM)}
              onSave={(minutes) => onChange({ ...bend, minutes })}
            />
          </View>
        </View>
      )}
    </View>
  );
}
const LONGEST_ROOM = 24 * 60;

/** Begins anew when something else is asked while it is open. */
const BendDay = (asked: Panels['bend']) => (
  <Bending key={`${asked.date} ${JSON.stringify(asked.bend)}`} {...asked} />
);

type Row = {
  readonly block: Block;
  readonly place: Proposed | null;
  /** It no longer fits the day. */
  readonly isOver: boolean;
};

type RowProps = { row: Row; date: string; held: boolean; onToggle: () => void };

/** One block: where it goes and what that means, or that it stays. */
function BendRow({ row: { block, place, isOver }, date, held, onToggle }: RowProps) {
  const { zone, today } = useMoment();
  const workspace = useWorkspace();
  const { settings } = workspace;
  const title = taskOf(workspace, block.taskId)?.title ?? '';
  const goes = place
    ? shiftWords(place, date, today, zone, settings)
    : 'no free time for it within two weeks';
  const note = held ? `stays at ${clockWords(block.start, zone, settings.clock)}` : goes;
  return (
    <View role="listitem" className="border-b border-line py-1">
      {isOver && (
        <Words size="xs" tone="brick" face="strong">
          Does not fit {dayWords(date, today, settings)}
        </Words>
      )}
      <CheckBox label={title} says={`${title}, ${note}`} checked={!held} onToggle={onToggle} />
      <View className="-mt-2 pb-1 pl-8">
        <Words size="xs">{note}</Words>
        {place && !held && <Findings findings={place.findings} />}
      </View>
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** How the rest of a day would move along, before it does. */
    bend: { readonly date: string; readonly bend: Bend };
  }
}

export const bendPanel: Panel<Panels['bend']> = {
  useTitle: ({ bend }) => (bend.kind === 'swap' ? 'Swap two blocks' : 'Move the rest'),
  Content: BendDay,
};
