import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { Which } from '@/core/estimates/observations';
import {
  estimateGroupings,
  type EstimateGrouping,
  type EstimatesTold,
  type RatioGroup,
} from '@/core/estimates/told';
import { advice, adviceWords, groupWords, ratioSays, ratioWords, trustWords } from '@/core/estimates/words';
import { calibrationWords } from '@/core/forecast/dayEndWords';
import { asLine } from '@/core/time/words';
import { useSince } from '@/ui/useSince';
import { useWorkspace } from '@/state/shown';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { Empty, Part, ScreenHead, ScrollScreen } from '@/ui/Screen';
import { useWorkedOut } from '@/ui/useWorkedOut';
import { Heading, Words } from '@/ui/Words';
import { ReviewPlaces } from '../ReviewPlaces';
import { Counting } from './Counting';
import { RatioLine } from './RatioLine';
import { Scatter } from './Scatter';

const groupingNames: Record<EstimateGrouping, string> = {
  category: 'Category',
  list: 'List',
  size: 'Length',
  hour: 'Hour begun',
  word: 'Word',
};

/** How long things really take, beside what they were estimated at. */
export function EstimatesScreen() {
  const { zone, now } = useMoment();
  const [by, setBy] = useState<EstimateGrouping>('category');
  const [which, setWhich] = useState<Which>('last');
  const { pace } = useWorkspace().settings;
  const asked = useMemo(() => ({ by, which, zone, now }), [by, which, zone, now]);
  const found = useWorkedOut('estimates', `${by} ${which} ${zone}`, asked);
  const told = 'answer' in found ? found.answer : null;
  return (
    <ScrollScreen>
      <ScreenHead title="Estimates" about="what things really take" />
      <ReviewPlaces at="/estimates" />
      {!told && (
        <Words role="status" aria-busy tone="soft">
          Going through your record…
        </Words>
      )}
      {told && told.count === 0 && (
        <Empty title="No task with an estimate has time on record yet">
          <Words tone="soft">
            Give tasks an estimate and start the timer when you begin them. From the third finished one on,
            this page says how far off you are, and for what.
          </Words>
        </Empty>
      )}
      {told && told.count > 0 && <Told told={told} by={by} which={which} onBy={setBy} onWhich={setWhich} />}
      {told && (told.count > 0 || pace) && <Counting />}
      {told && told.count > 0 && <Trust told={told} />}
    </ScrollScreen>
  );
}

type ToldProps = {
  told: EstimatesTold;
  by: EstimateGrouping;
  which: Which;
  onBy: (by: EstimateGrouping) => void;
  onWhich: (which: Which) => void;
};

function Told({ told, by, which, onBy, onWhich }: ToldProps) {
  const workspace = useWorkspace();
  const { all, groups, points, open, changed } = told;
  const said = advice(groups);
  return (
    <>
      <View role="group" aria-label="What your record says" className="gap-1 border-l-4 border-pine pl-3">
        {all && <Words size="base">Over all {ratioSays(all)}.</Words>}
        {said.map((group) => (
          <Words key={group.key} size="base">
            {adviceWords(workspace, by, group)}
          </Words>
        ))}
        {all && groups.length === 0 && (
          <Words size="base">From three finished tasks of one kind on, each kind is told by itself.</Words>
        )}
      </View>
      {changed > 0 && (
        <Choice
          label={`Compared with the estimate (${changed === 1 ? 'one was' : `${changed} were`} changed after the start)`}
          value={which}
          onChoose={onWhich}
          options={[
            { value: 'last', name: 'As it is now' },
            { value: 'first', name: 'As it was first' },
          ]}
        />
      )}
      <Scatter points={points} ratio={all?.middle ?? 1} />
      <View className="gap-2">
        <Heading level={2}>How many times the estimate</Heading>
        <Choice
          label="By"
          hideLabel
          value={by}
          onChoose={onBy}
          options={estimateGroupings.map((value) => ({ value, name: groupingNames[value] }))}
        />
        {groups.map((group) => (
          <Line key={group.key} group={group} by={by} />
        ))}
        {groups.length === 0 && <Words tone="soft">No three finished tasks have this in common yet.</Words>}
        <Words size="xs" tone="soft">
          The line is the median, the bar the middle half; at the notch things take what they were estimated
          at.
          {open > 0
            ? ` ${open === 1 ? 'One open task has' : `${open} open tasks have`} taken longer than estimated already, and ${open === 1 ? 'counts' : 'count'} as longer than that.`
            : ''}
        </Words>
      </View>
    </>
  );
}

/** How well it would have held. Comes last: the days take a while to try, and nothing may move while one reaches for it. */
function Trust({ told: { backtest } }: { told: EstimatesTold }) {
  return (
    <Part title="How far to trust it">
      <Words>
        {backtest
          ? trustWords(backtest)
          : 'From the eleventh finished task on, this is tried on your own record, to say how far to trust it.'}
      </Words>
      <DaysTried />
    </Part>
  );
}

/** How well the hours by which days are done would have held. */
function DaysTried() {
  const asked = useSince();
  const found = useWorkedOut('calibration', asked.zone, asked);
  if (!('answer' in found) || !found.answer) return null;
  return <Words>{calibrationWords(found.answer)}</Words>;
}

function Line({ group: { key, ratios }, by }: { group: RatioGroup; by: EstimateGrouping }) {
  const workspace = useWorkspace();
  const name = asLine(groupWords(workspace, by, key));
  const hue = (by === 'category' ? workspace.categories : workspace.lists).get(key ?? '')?.hue ?? 'slate';
  return (
    <RatioLine
      name={name}
      hue={hue}
      ratios={ratios}
      figure={`${ratioWords(ratios.middle)} ×`}
      says={`${name}: ${ratioSays(ratios)}`}
    />
  );
}
