import { useEffect, useState } from 'react';
import { Pressable, useWindowDimensions, View } from 'react-native';
import { IconButton } from '@/ui/Button';
import { openPanel, usePanels } from '@/ui/panels';
import { Icon } from '@/ui/icons';
import { forText } from '@/ui/textScale';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';
import { datesOf } from '@/core/plan/views';
import { useWorkspace } from '@/state/shown';
import { useRulerWidth } from '@/board/strip/Ruler';
import { usePicked } from '@/board/picked';
import type { PlanView } from '@/board/days/useView';
import { Board } from './Board';
import { DayBody } from './DayBody';
import { DetailsPane, useIsPaneFilled } from '@/ui/DetailsPane';
import { Drawer } from './Drawer';
import { Hint } from './Hint';
import { isHours, PlanHead } from './PlanHead';
import { EDGE, PLACES, planRoom, TASKS } from './planRoom';
import { ToPlacePane } from './ToPlace';
import { later, useLater } from '@/ui/later';
import { useFirstDrawn } from '@/ui/firstDrawn';
import { UntilLoaded } from '@/ui/UntilLoaded';
import { usePlanKeys } from './usePlanKeys';

/** The width of a day in the view of several days, in pixels. */
const DAY = { narrow: forText(100), wide: forText(190) };

/** How many days stand side by side in the view of several days, by how wide they may be together. */
const fitIn = (width: number, wide: boolean): number =>
  Math.min(7, Math.max(1, Math.floor(width / DAY[wide ? 'wide' : 'narrow'])));

/** What stands beside the days, and how many of them there are, by what the person asked for and the room there is. */
function useRoom({ view, date }: PlanView, panes: Panes) {
  const { width } = useWindowDimensions();
  const wide = useWide();
  const ruler = useRulerWidth();
  const workspace = useWorkspace();
  const filled = useIsPaneFilled();
  // many days need the width for as long as nothing is open beside them
  const keeps = view === 'day' && panes.details;
  const fit = fitIn(width - ruler - (wide ? PLACES + TASKS.most : 0), wide);
  const days = isHours(view) ? datesOf(workspace, view, date, fit).length : 1;
  const room = wide
    ? planRoom({
        width,
        ruler,
        days,
        tasks: panes.tasks,
        details: filled ? 'open' : keeps ? 'ifRoom' : 'away',
      })
    : { tasks: 0, folded: false, details: 0, board: width, days };
  return { ...room, fit: view === 'days' ? Math.min(fit, room.days) : fit, keeps };
}

type Panes = { readonly tasks: 'away' | 'ifRoom' | 'always'; readonly details: boolean };

const fewHours = later(() => import('@/board/days/fewHours'));

/** The month, or the agenda. */
function FewHours(place: PlanView) {
  const { Agenda, Month } = useLater(fewHours);
  const wide = useWide();
  if (place.view === 'agenda') return <Agenda {...place} />;
  const onPress = wide ? place.onOpenDay : (day: string) => openPanel({ kind: 'daySheet', date: day });
  return <Month {...place} onPress={onPress} />;
}

const ends = later(() => import('@/board/ends/WeekEnds'));

function Ends({ date }: { date: string }) {
  const { WeekEnds } = useLater(ends);
  return <WeekEnds date={date} />;
}

/** What is planned, a day or many at a time: what needs a place beside it, the load above it. */
export function PlanScreen(place: PlanView) {
  const { view, date } = place;
  const wide = useWide();
  const [panes, setPanes] = useState<Panes>({ tasks: 'ifRoom', details: true });
  const choosing = usePicked((picked) => picked.choosing);
  const room = useRoom(place, choosing ? { ...panes, tasks: 'always' } : panes);
  const { fit, board } = room;
  usePlanKeys(place, fit);
  useEffect(() => {
    usePanels.setState({ hasPane: wide });
    return () => usePanels.setState({ hasPane: false });
  }, [wide]);
  const hides = view === 'day';
  const stands = useFirstDrawn();
  return (
    <View role="main" className="flex-1 flex-row low:flex-none">
      {stands && (
        <UntilLoaded>
          <Ends date={date} />
        </UntilLoaded>
      )}
      <View className="flex-1">
        <PlanHead {...place} fit={fit} board={board}>
          {wide && (
            <IconButton
              label={room.tasks > 0 ? 'Hide the tasks to place' : 'Show the tasks to place'}
              icon="paneLeft"
              colour="ink-soft"
              onPress={() => setPanes({ ...panes, tasks: room.tasks > 0 ? 'away' : 'always' })}
            />
          )}
          {wide && hides && (
            <IconButton
              label={panes.details ? 'Hide the details' : 'Show the details'}
              icon="paneRight"
              colour="ink-soft"
              onPress={() => setPanes({ ...panes, details: !panes.details })}
            />
          )}
        </PlanHead>
        {view === 'day' ? (
          <DayBody {...place} width={board} />
        ) : view === 'month' || view === 'agenda' ? (
          <UntilLoaded fallback={<View className="flex-1" />}>
            <FewHours {...place} />
          </UntilLoaded>
        ) : (
          <Board {...place} fit={fit} width={board} most={room.days} />
        )}
        {!wide && <Drawer date={date} />}
      </View>
      {/* at the left, but after the days for who comes by keys */}
      {room.tasks > 0 && <ToPlacePane date={date} width={room.tasks} />}
      {room.folded && <FoldedTasks onOpen={() => setPanes({ ...panes, tasks: 'always' })} />}
      {room.details > 0 && <Details width={room.details} />}
    </View>
  );
}

/** What is open beside the days. */
const Details = ({ width }: { width: number }) => (
  <DetailsPane width={width}>
    <Hint />
  </DetailsPane>
);

/** The edge that the tasks to place fold to where the days need their room. */
const FoldedTasks = ({ onOpen }: { onOpen: () => void }) => (
  <Pressable
    role="button"
    aria-label="Show the tasks to place"
    onPress={onOpen}
    className="not-printed order-first items-center gap-2 border-r border-line py-3 hover:bg-surface focus-visible:[outline-offset:-2px]"
    style={{ width: EDGE }}
  >
    <Icon name="paneLeft" size={18} colour="ink-soft" />
    <Words size="xs" face="strong" className="[writing-mode:vertical-rl]">
      To place
    </Words>
  </Pressable>
);
