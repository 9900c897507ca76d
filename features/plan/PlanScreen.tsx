import { useEffect, useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { IconButton } from '@/ui/Button';
import { openPanel, usePanels } from '@/ui/panels';
import { useWide } from '@/ui/useWide';
import { usePicked } from '@/board/picked';
import type { PlanView } from '@/board/days/useView';
import { Agenda } from '@/board/days/Agenda';
import { Board } from './Board';
import { DayBody } from './DayBody';
import { DetailsPane, useIsPaneFilled } from '@/ui/DetailsPane';
import { Drawer } from './Drawer';
import { Hint } from './Hint';
import { Month } from '@/board/days/Month';
import { PlanHead } from './PlanHead';
import { ToPlacePane } from './ToPlace';
import { usePlanKeys } from './usePlanKeys';

/** What stands beside the days (pixels): the hours; on a wide screen the places and the tasks to place, too. */
const BESIDE = { narrow: 48, wide: 84 + 300 + 56 };

/** The least width of a day, in pixels. */
const DAY = { narrow: 104, wide: 190 };

/** How many days stand side by side in the view of several days. */
function useFit(): number {
  const { width } = useWindowDimensions();
  const size = useWide() ? 'wide' : 'narrow';
  return Math.min(7, Math.max(2, Math.floor((width - BESIDE[size]) / DAY[size])));
}

/** What is planned, a day or many at a time: what needs a place beside it, the load above it. */
export function PlanScreen(place: PlanView) {
  const { view, date } = place;
  const wide = useWide();
  const fit = useFit();
  const [panes, setPanes] = useState({ tasks: true, details: true });
  usePlanKeys(place, fit);
  const choosing = usePicked((picked) => picked.choosing);
  useEffect(() => {
    usePanels.setState({ hasPane: wide });
    return () => usePanels.setState({ hasPane: false });
  }, [wide]);
  // many days need the width for as long as nothing is open beside them
  const hides = view === 'day';
  const keepsPane = hides && panes.details;
  return (
    <View role="main" className="flex-1 flex-row low:flex-none">
      {wide && (panes.tasks || choosing) && <ToPlacePane date={date} />}
      <View className="flex-1">
        <PlanHead {...place} fit={fit} keepsPane={keepsPane}>
          {wide && (
            <IconButton
              label={panes.tasks ? 'Hide the tasks to place' : 'Show the tasks to place'}
              icon="paneLeft"
              colour="ink-soft"
              onPress={() => setPanes({ ...panes, tasks: !panes.tasks })}
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
          <DayBody {...place} />
        ) : view === 'month' ? (
          <Month
            {...place}
            onPress={wide ? place.onOpenDay : (day) => openPanel({ kind: 'daySheet', date: day })}
          />
        ) : view === 'agenda' ? (
          <Agenda {...place} />
        ) : (
          <Board {...place} fit={fit} />
        )}
        {!wide && <Drawer date={date} />}
      </View>
      {wide && <Details stay={keepsPane} />}
    </View>
  );
}

/** What is open beside the days. By itself, so that the days need not be drawn anew when something is. */
function Details({ stay }: { stay: boolean }) {
  const filled = useIsPaneFilled();
  if (!filled && !stay) return null;
  return (
    <DetailsPane>
      <Hint />
    </DetailsPane>
  );
}
