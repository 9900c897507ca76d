import { View } from 'react-native';
import { takeOff } from '@/actions/places';
import type { LeftOver } from '@/core/fit/left';
import type { Proposal, Sitting } from '@/core/fit/proposal';
import {
  closeWords,
  leftWords,
  obstacleWords,
  qualityWords,
  reasonsWords,
  titleOfSitting,
  wayWords,
} from '@/core/fit/words';
import type { Id } from '@/core/model/common';
import type { Block } from '@/core/model/plan';
import { taskOf } from '@/core/tasks/places';
import { MINUTE } from '@/core/time/span';
import { clockWords, dayWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { Button, IconButton } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Foot } from '@/ui/Foot';
import { closePanel, openPanel, type Panel, type Panels } from '@/ui/panels';
import { useWide } from '@/ui/useWide';
import { Subheading, Words } from '@/ui/Words';
import { Ask } from './Ask';
import { acceptAll, acceptSome, again, leave, propose, stopLooking, useFitting } from './fitting';

/** A plan that is proposed for what is open: what is asked of it, how good it is, each sitting with why it lies there, what is left over. */
function Fit() {
  const { proposal, share } = useFitting();
  // the line above every place has the way out there
  const wide = useWide();
  return (
    <View className="gap-5">
      {proposal ? <Told proposal={proposal} /> : <Ask />}
      <Foot>
        {proposal ? (
          <>
            <Button label="Accept all" kind="primary" onPress={acceptAll} />
            <Button label="Again" onPress={() => void again()} />
            {!wide && (
              <Button
                label="Leave it"
                kind="quiet"
                onPress={() => {
                  leave();
                  closePanel();
                }}
              />
            )}
          </>
        ) : (
          <Button
            label={share === null ? 'Propose a plan' : 'Looking…'}
            kind="primary"
            disabled={share !== null}
            onPress={() => void propose(useFitting.getState().request)}
          />
        )}
      </Foot>
    </View>
  );
}

function Told({ proposal }: { proposal: Proposal }) {
  const { share, request, proposed } = useFitting();
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const rows = [...proposed].flatMap(([id, sitting]): Row[] => {
    const block = workspace.blocks.get(id);
    return block ? [{ block, sitting }] : [];
  });
  rows.sort((a, b) => a.block.start - b.block.start);
  const days = [...new Set(rows.map(({ block }) => dateOf(block.start, zone)))];
  const notes = [
    request.spare > 0 ? `${request.spare} % of each day is left free.` : '',
    proposal.unestimated > 0
      ? `${proposal.unestimated === 1 ? 'One without an estimate counts' : `${proposal.unestimated} without an estimate count`} 30 min.`
      : '',
    share === null ? closeWords(proposal) : '',
  ];
  return (
    <>
      <View className="gap-1" aria-live="polite">
        <Words size="base" face="strong">
          {qualityWords(proposal)}
        </Words>
        <Words tone="soft">{notes.filter(Boolean).join(' ')}</Words>
      </View>
      {share !== null && (
        <View className="flex-row flex-wrap items-center gap-2">
          <Words tone="soft">Looking for a better one… {Math.round(100 * share)} %</Words>
          <Button label="Keep this one" kind="quiet" onPress={stopLooking} />
        </View>
      )}
      {proposal.left.length > 0 && (
        <View className="gap-2">
          <Subheading>Left over</Subheading>
          {proposal.left.map((left) => (
            <LeftRow key={left.taskId} left={left} />
          ))}
        </View>
      )}
      {days.map((date) => (
        <Day key={date} date={date} rows={rows.filter(({ block }) => dateOf(block.start, zone) === date)} />
      ))}
    </>
  );
}

/** What is left over, why, and what would make it fit. */
function LeftRow({ left }: { left: LeftOver }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const told = { workspace, zone, now };
  return (
    <View className="gap-0.5 border-b border-line pb-2">
      <View className="flex-row items-center gap-2">
        <View className="flex-1">
          <Words face="strong">{titleOfSitting(left, workspace)}</Words>
        </View>
        <Button
          label="Open"
          says={`Open ${titleOfSitting(left, workspace)}`}
          kind="quiet"
          onPress={() => openPanel({ kind: 'task', id: left.taskId })}
        />
      </View>
      <Words size="xs">
        {leftWords(left)}: {obstacleWords(left, told)}
      </Words>
      {left.ways.map((way) => (
        <Words key={way.kind} size="xs" tone="pine" face="strong">
          {wayWords(way, told)}
        </Words>
      ))}
    </View>
  );
}

type Row = { readonly block: Block; readonly sitting: Sitting };

/** The sittings of a day, with why they lie there; all of them or each can be accepted or taken off. */
function Day({ date, rows }: { date: string; rows: readonly Row[] }) {
  const { today } = useMoment();
  const { settings } = useWorkspace();
  const name = dayWords(date, today, settings);
  const ids = (all: readonly Row[]): Id[] => all.map(({ block }) => block.id);
  return (
    <View role="group" aria-label={`Proposed ${name}`} className="gap-1">
      <View className="flex-row items-center justify-between">
        <Subheading>{name}</Subheading>
        <Button
          label="Accept the day"
          says={`Accept the day: ${name}`}
          kind="quiet"
          onPress={() => acceptSome(ids(rows))}
        />
      </View>
      {rows.map((row) => (
        <SittingRow key={row.block.id} row={row} />
      ))}
    </View>
  );
}

function SittingRow({ row: { block, sitting } }: { row: Row }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const title = titleOfSitting(sitting, workspace);
  const clock = (at: number) => clockWords(at, zone, workspace.settings.clock);
  const isMoved = block.start !== sitting.start || block.minutes !== sitting.minutes;
  const why = isMoved ? 'as you put it' : reasonsWords(sitting, { workspace, zone, now });
  if (!taskOf(workspace, block.taskId)) return null;
  return (
    <View className="flex-row items-center gap-1 border-b border-line py-1">
      <View className="flex-1">
        <Words face="strong">{title}</Words>
        <Words size="xs" tone="soft">
          {clock(block.start)} – {clock(block.start + block.minutes * MINUTE)} · {why}
        </Words>
      </View>
      <IconButton
        label={`Accept ${title}`}
        icon="check"
        colour="pine"
        onPress={() => acceptSome([block.id])}
      />
      <IconButton
        label={`Take off ${title}`}
        icon="close"
        colour="ink-soft"
        onPress={() => void takeOff(block)}
      />
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** A plan that is proposed, or what is asked of one. */
    fit: object;
  }
}

export const fitPanel: Panel<Panels['fit']> = {
  useTitle: () => (useFitting().proposal ? 'A plan, on trial' : 'A plan'),
  Content: Fit,
};
