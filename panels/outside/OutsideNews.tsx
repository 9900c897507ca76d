import { router } from 'expo-router';
import { View } from 'react-native';
import { canTakeBack, takeBack } from '@/actions/outside/tell';
import { isGrave, type News, type NewsItem, type TaskNews } from '@/core/outside/news';
import { effectWords, newsWords, taskNewsWords } from '@/core/outside/newsWords';
import { lengthOf } from '@/core/time/span';
import { asLine, durationWords, whenWords } from '@/core/time/words';
import { dateOf, type IsoDate } from '@/core/time/zone';
import { useOutside } from '@/state/outside';
import { useWorkspace } from '@/state/shown';
import { useStore } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { closePanel, openPanel, usePanels, type Panel, type Panels } from '@/ui/panels';
import { Heading, Words } from '@/ui/Words';

/** What has changed in the calendars of others, the latest first, with what it does to the plan and what can be done about it. */
function OutsideNews() {
  const news = useOutside((outside) => outside.news);
  if (news.length === 0)
    return <Words tone="soft">Nothing has changed in the calendars that you subscribe to.</Words>;
  return (
    <View className="gap-6">
      {news.toReversed().map((one) => (
        <Look key={one.id} news={one} />
      ))}
    </View>
  );
}

/** What one look at a calendar brought. */
function Look({ news }: { news: News }) {
  const { zone, today } = useMoment();
  const { settings: style, calendars } = useWorkspace();
  const past = useStore((state) => state.past);
  const { id, at, calendarId, calendar, items, tasks, more, freed, late } = news;
  const minutes = freed.reduce((sum, span) => sum + lengthOf(span), 0);
  const name = calendars.get(calendarId)?.name ?? calendar;
  return (
    <View className="gap-2">
      <Heading level={2}>
        {name}, {whenWords(at, today, zone, style)}
      </Heading>
      <View role="list" className="gap-2">
        {items.map((item) => (
          <Item key={`${item.eventId} ${item.kind}`} item={item} />
        ))}
        {tasks.map((task) => (
          <TaskItem key={task.taskId} task={task} />
        ))}
      </View>
      {more > 0 && <Words tone="soft">And {more} more.</Words>}
      <View className="flex-row flex-wrap gap-2">
        {minutes > 0 && (
          <Button
            label={`${durationWords(minutes)} became free: see what fits`}
            onPress={() => openPanel({ kind: 'freed', freed })}
          />
        )}
        {late.map(({ week, count }) => (
          <Button
            key={week}
            label={`${count === 1 ? 'One meeting came' : `${count} meetings came`} into a sealed week: answer`}
            onPress={() => openPanel({ kind: 'seal', week })}
          />
        ))}
        {canTakeBack(id, past) && (
          <Button
            label="Leave all as it was"
            says={`Leave all as it was: ${name}`}
            kind="quiet"
            onPress={() => takeBack(id)}
          />
        )}
      </View>
    </View>
  );
}

/** Shows a day of the plan, beside this where there is room for both. */
function seeDay(day: IsoDate): void {
  if (!usePanels.getState().hasPane) closePanel();
  router.navigate({ pathname: '/plan', params: { day, view: 'day' } });
}

function Item({ item }: { item: NewsItem }) {
  const { zone, today } = useMoment();
  const { settings: style } = useWorkspace();
  const at = { zone, today, style };
  const effects = effectWords(item, at);
  const when = item.now ?? item.was;
  return (
    <View
      role="listitem"
      className={`gap-1 border-l-4 pl-3 ${isGrave(item) ? 'border-brick' : 'border-line'}`}
    >
      <Words face={isGrave(item) ? 'strong' : 'text'}>{newsWords(item, at)}</Words>
      {effects.map((effect) => (
        <Words key={effect} tone="brick">
          {asLine(effect)}
        </Words>
      ))}
      {when && (
        <View className="flex-row">
          <Button
            label="See the day"
            says={`See the day of ${item.title}`}
            kind="quiet"
            onPress={() => seeDay(dateOf(when.from, zone))}
          />
        </View>
      )}
    </View>
  );
}

function TaskItem({ task }: { task: TaskNews }) {
  const isThere = useWorkspace().tasks.has(task.taskId);
  return (
    <View role="listitem" className="gap-1 border-l-4 border-line pl-3">
      <Words>{taskNewsWords(task)}</Words>
      {isThere && (
        <View className="flex-row">
          <Button
            label="Open it"
            says={`Open it: ${task.title}`}
            kind="quiet"
            onPress={() => openPanel({ kind: 'task', id: task.taskId })}
          />
        </View>
      )}
    </View>
  );
}

export const outsidePanel: Panel<Panels['outside']> = {
  useTitle: () => 'Changed outside',
  Content: OutsideNews,
};

declare module '@/ui/panels' {
  interface Panels {
    /** What has changed in the calendars of others. */
    outside: object;
  }
}
