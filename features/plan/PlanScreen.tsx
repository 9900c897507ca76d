import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { dayPlan } from '@/core/plan/dayPlan';
import { addDays } from '@/core/time/zone';
import { dateWords } from '@/core/time/words';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/workspaceStore';
import { Button, IconButton } from '@/ui/Button';
import { DragArea } from '@/ui/drag/DragArea';
import { LoadMeasure } from '@/ui/LoadMeasure';
import { UndoButtons } from '@/ui/Navigation';
import { DayStrip } from '@/ui/strip/DayStrip';
import { useMinute } from '@/ui/useNow';
import { useWide } from '@/ui/useWide';
import { Heading } from '@/ui/Words';
import { AllDay } from './AllDay';
import { DaysRow } from './DaysRow';
import { DetailsPane } from './DetailsPane';
import { Drawer } from './Drawer';
import { ToPlacePane } from './ToPlace';
import { Tray } from './Tray';

type Props = { date: string; today: string; onDate: (date: string) => void };

/** One day to plan: what needs a place beside the hours, the load above them. */
export function PlanScreen({ date, today, onDate }: Props) {
  const wide = useWide();
  const [panes, setPanes] = useState({ tasks: true, details: true });
  return (
    <DragArea>
      <View role="main" className="flex-1 flex-row">
        {wide && panes.tasks && <ToPlacePane date={date} />}
        <View className="flex-1">
          <DayHead date={date} today={today} onDate={onDate}>
            {wide && (
              <>
                <IconButton
                  label={panes.tasks ? 'Hide the tasks to place' : 'Show the tasks to place'}
                  icon="paneLeft"
                  colour="ink-soft"
                  onPress={() => setPanes({ ...panes, tasks: !panes.tasks })}
                />
                <IconButton
                  label={panes.details ? 'Hide the details' : 'Show the details'}
                  icon="paneRight"
                  colour="ink-soft"
                  onPress={() => setPanes({ ...panes, details: !panes.details })}
                />
              </>
            )}
          </DayHead>
          <DayBody date={date} today={today} onDate={onDate} />
          {!wide && <Drawer date={date} />}
        </View>
        {wide && panes.details && <DetailsPane />}
      </View>
    </DragArea>
  );
}

function DayHead({ date, today, onDate, children }: Props & { children: React.ReactNode }) {
  return (
    <View className="flex-row items-center justify-between px-4 pt-2">
      <View className="flex-row items-center gap-1">
        <Heading>{dateWords(date)}</Heading>
        <IconButton label="The day before" icon="back" onPress={() => onDate(addDays(date, -1))} />
        <IconButton label="The day after" icon="forward" onPress={() => onDate(addDays(date, 1))} />
        {date !== today && <Button label="Today" kind="quiet" onPress={() => onDate(today)} />}
      </View>
      <View className="flex-row">
        {children}
        <UndoButtons />
      </View>
    </View>
  );
}

function DayBody({ date, today, onDate }: Props) {
  const workspace = useWorkspace();
  const wide = useWide();
  const now = useMinute();
  const plan = useMemo(() => dayPlan(workspace, date, session.zone), [workspace, date]);
  return (
    <View className="flex-1">
      <View className="gap-2 border-b border-line px-4 pb-2">
        <DaysRow date={date} today={today} onDate={onDate} />
        <LoadMeasure load={plan.load} />
        <AllDay events={plan.allDay} />
        <Tray date={date} items={plan.tray} minutes={plan.load.inTray} />
      </View>
      <DayStrip date={date} now={now} pixelsPerHour={wide ? 66 : 76} />
    </View>
  );
}
