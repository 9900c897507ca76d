import { View } from 'react-native';
import type { Workspace } from '@/core/model/workspace';
import { hidesSomething } from '@/core/plan/lens';
import { datesOf, views, type View as PlanViewName } from '@/core/plan/views';
import { dateWords, datesWords, durationWords, monthWords, type Style } from '@/core/time/words';
import { openBend } from '@/actions/bend';
import { toggleZones } from '@/actions/zones';
import { useWorkspace } from '@/state/shown';
import { Button, IconButton } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { addNew } from './addNew';
import { useIsDrawn } from '@/board/drawer';
import { useTight } from '@/board/useTight';
import { briefWords } from '@/core/feasible/words';
import { useMoment } from '@/ui/clock';
import { showAll } from './Lens';
import { SealButton } from './SealButton';
import { viewNames } from './viewNames';
import { FindButton } from '@/board/FindButton';
import { UndoButtons } from '@/ui/UndoButtons';
import { openPanel } from '@/ui/panels';
import { HourScale } from '@/board/strip/HourScale';
import type { PlanView } from '@/board/days/useView';
import { usePageTitle } from '@/ui/announce';
import { forText, isLarge } from '@/ui/textScale';
import { useIsNarrow, useWide } from '@/ui/useWide';
import { Heading, Words } from '@/ui/Words';

/** What stretch of time is shown, in words. */
function titleOf(view: PlanViewName, date: string, dates: readonly string[], style: Style): string {
  if (view === 'day' || view === 'agenda') return dateWords(date, style);
  if (view === 'month') return monthWords(date);
  return datesWords(dates[0] ?? date, dates.at(-1) ?? date, style);
}

/** How wide a title is at least (pixels), so that the arrows beside it stay under the finger from day to day. */
const LEAST: Partial<Record<PlanViewName, number>> = {
  day: forText(166),
  agenda: forText(166),
  month: forText(134),
};

type Props = PlanView & {
  fit: number;
  /** How wide the days are together, in pixels. */
  board: number;
  children: React.ReactNode;
};

/** Whether a view draws days by their hours. */
export const isHours = (view: PlanViewName): boolean => view !== 'month' && view !== 'agenda';

/** From this width on (pixels) a large title and the seal in words have room above the days. */
const ROOMY = forText(760);

/** What is shown, the way to other days and other views; shorter while the pane of details takes some of the width. */
export function PlanHead(place: Props) {
  const { view, date, today, fit, board, onDate, onTurn, onView, children } = place;
  const workspace = useWorkspace();
  const { settings } = workspace;
  const wide = useWide();
  const narrow = useIsNarrow();
  const drawn = useIsDrawn();
  const roomy = board >= ROOMY && !isLarge;
  const tight = wide ? !roomy : isLarge || narrow;
  const dates = datesOf(workspace, view, date, fit);
  const title = titleOf(view, date, dates, settings);
  usePageTitle(`Plan: ${viewNames[view]}, ${title}`);
  const hasHours = isHours(view);
  const toToday = date !== today && <Button label="Today" kind="quiet" onPress={() => onDate(today)} />;
  return (
    <View>
      <View className="flex-row items-center justify-between px-4 pt-2 short:pt-0">
        <View className="shrink flex-row items-center gap-1">
          <View className="shrink" style={{ minWidth: (LEAST[view] ?? 0) * (tight ? 0.58 : 1) }}>
            <Heading tight={tight}>{title}</Heading>
          </View>
          <IconButton
            label={view === 'day' ? 'The day before' : 'Earlier'}
            icon="back"
            onPress={() => onTurn(-1, fit)}
          />
          <IconButton
            label={view === 'day' ? 'The day after' : 'Later'}
            icon="forward"
            onPress={() => onTurn(1, fit)}
          />
          {wide && <GoToDayButton />}
          {wide && roomy && toToday}
        </View>
        <View className="flex-row">
          {wide && hasHours && <SealButton date={date} inWords={roomy} />}
          {wide && <ZonesButton shown={settings.showZones} />}
          {children}
          {wide && <FindButton />}
          <UndoButtons />
        </View>
      </View>
      <View className={`flex-row flex-wrap items-center justify-between px-2 ${drawn ? 'hidden' : ''}`}>
        <View className="flex-row">
          {wide ? (
            <Choice
              label="View"
              hideLabel
              value={view}
              onChoose={onView}
              options={views.map((value) => ({ value, name: viewNames[value] }))}
            />
          ) : (
            <Button
              label={viewNames[view]}
              says={`View: ${viewNames[view]}`}
              icon="views"
              kind="quiet"
              onPress={() => openPanel({ kind: 'views' })}
            />
          )}
          {!wide && toToday}
        </View>
        <View className="flex-row">
          {wide ? (
            <>
              {!roomy && toToday}
              <FitsButton inWords={roomy} />
              <IconButton label="New event" icon="calendar" colour="ink-soft" onPress={() => addNew(date)} />
              <IconButton
                label="Move the rest of the day"
                icon="bend"
                colour="ink-soft"
                onPress={() => openBend(date)}
              />
              {hasHours && <HourScale />}
              <IconButton
                label="What the plan shows, and its colours"
                icon="lens"
                colour={hidesSomething(settings) ? 'pine' : 'ink-soft'}
                onPress={() => openPanel({ kind: 'lens' })}
              />
            </>
          ) : (
            <>
              <Button
                label="Event"
                says="New event"
                icon={narrow ? undefined : 'add'}
                kind="quiet"
                onPress={() => addNew(date)}
              />
              <Button
                label="More…"
                says="More for the plan"
                kind="quiet"
                onPress={() => openPanel({ kind: 'planMore', date, hasSeal: hasHours })}
              />
            </>
          )}
        </View>
      </View>
      {hidesSomething(settings) && (
        <View className="flex-row items-center gap-2 border-y border-line bg-surface px-4">
          <View className="flex-1">
            <Words size="xs">{leftOutWords(workspace)} out of sight</Words>
          </View>
          <Button label="Show all" kind="quiet" onPress={showAll} />
        </View>
      )}
    </View>
  );
}

const ZonesButton = ({ shown }: { shown: boolean }) => (
  <IconButton
    label={shown ? 'Hide the zones of the frame' : 'Show the zones of the frame'}
    icon="frame"
    colour={shown ? 'pine' : 'ink-soft'}
    onPress={toggleZones}
  />
);

const GoToDayButton = () => (
  <IconButton
    label="Go to a day"
    icon="jump"
    colour="ink-soft"
    onPress={() => openPanel({ kind: 'goToDay' })}
  />
);

/** Whether all fits that is due: as soon as it does not, by how much. */
function FitsButton({ inWords }: { inWords: boolean }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const [tight] = useTight();
  const open = () => openPanel({ kind: 'feasible' });
  if (!tight || !inWords)
    return (
      <IconButton
        label={tight ? `Does it fit? ${briefWords(tight, workspace, zone)}` : 'Does it fit?'}
        icon="fits"
        colour={tight ? 'brick' : 'ink-soft'}
        onPress={open}
      />
    );
  return <Button label={`${durationWords(tight.short)} short`} icon="fits" kind="danger" onPress={open} />;
}

/** What is filtered out, in words. */
function leftOutWords({ settings, lists, categories }: Workspace): string {
  const { leftOut } = settings;
  const names = [
    ...leftOut.lists.flatMap((id) => lists.get(id)?.name ?? []),
    ...leftOut.categories.flatMap((id) => categories.get(id)?.name ?? []),
  ];
  return [...names, ...(leftOut.done ? ['what is done'] : [])].join(', ');
}
